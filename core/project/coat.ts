import type { Finish } from '../paint/surface'
import type { Ingredient } from '../puddle/puddle'
import type { Place } from './place'

/** Kinds of coat; how each is laid and gathers stands in `core/coats/coatKinds.ts`. */
export const coatKindKeys = [
  'base',
  'layer',
  'glaze',
  'filter',
  'wash',
  'translucent',
  'drybrush',
  'airbrush',
  'varnish',
] as const
export type CoatKind = (typeof coatKindKeys)[number]

/** How a spot lies for the film that gathers there. */
export const reliefs = ['recess', 'flat', 'ridge'] as const
export type Relief = (typeof reliefs)[number]
/** Film on each relief against the flat. */
export type Gathering = Readonly<Record<Relief, number>>

/** What a coat is thinned with. */
export const thinners = ['water', 'medium'] as const
export type Thinner = (typeof thinners)[number]

/** A coat as it is planned. */
export interface PlannedCoat {
  kind: CoatKind
  /** What is laid: a bottle as it is, or a puddle. */
  of: Ingredient
  /** Parts to one of paint; usual for its kind when not given. */
  thinner?: number
  passes?: number
  /** Wherever one of these holds; everywhere when not given. */
  place?: Place
  thinnedWith?: Thinner
  /** Taken off flats and pools while it is wet. */
  lifted?: boolean
  /** Of a varnish, how it dries; matt when not given. */
  finish?: Finish
}

/** A coat of a figure: what is done at the bench is remembered by its id, made once. */
export interface LaidCoat extends PlannedCoat {
  id: string
}
