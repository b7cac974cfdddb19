import { opaqueReflectance } from '../paint/opaque'
import { mixPaints } from '../paint/mix'
import type { Part } from '../paint/mix'
import type { Paint } from '../paint/paint'
import { coatKinds } from './coatKinds'
import type { Thinner } from './dryFilm'
import type { CoatKind, Gathering } from './coatKinds'
import type { Finish } from '../paint/surface'
import type { Place, Stack, StackCoat } from './stack'

/** A step of the ladder by its part in it, or so many drops of paints by id. */
export type MixRef = LadderRole | readonly (readonly [paint: string, drops: number])[]
export const ladderRoles = [
  'deepest',
  'shade',
  'half-shade',
  'base',
  'half-light',
  'light',
  'lightest',
] as const
export type LadderRole = (typeof ladderRoles)[number]

export interface PlannedCoat {
  kind: CoatKind
  mix: MixRef
  /** Usual for its kind when not given. */
  thinner?: number
  passes?: number
  place?: Place
  thinnedWith?: Thinner
  finish?: Finish
}

/** A coat of a figure: what is done at the bench is remembered by its id. */
export interface LaidCoat extends PlannedCoat {
  id: string
}

/** A stack as plain data that follows the ladder: what a method is, and what a painter edits. */
export interface StackPlan {
  under:
    | { kind: 'flat'; paint: string }
    | { kind: 'sketch'; dark: string; light: string; strength: number; elevation: number }
  coats: readonly PlannedCoat[]
  /** Kinds of coat that this painter lays otherwise than usual. */
  films?: Readonly<Partial<Record<CoatKind, Gathering>>>
}

export interface LadderMix {
  key: string
  parts: readonly Part<Paint>[]
}

/** The step that plays a part in a ladder of any length. */
function stepFor(role: LadderRole, steps: readonly LadderMix[]): LadderMix {
  const base = Math.max(
    0,
    steps.findIndex(({ key }) => key === 'base'),
  )
  const last = steps.length - 1
  const between = (from: number, to: number, share: number): number =>
    Math.round(from + share * (to - from))
  const at: Record<LadderRole, number> = {
    deepest: 0,
    shade: between(base, 0, 0.6),
    'half-shade': between(base, 0, 0.34),
    base,
    'half-light': between(base, last, 0.34),
    light: between(base, last, 0.66),
    lightest: last,
  }
  return steps[at[role]]!
}

const isRole = (mix: MixRef): mix is LadderRole => typeof mix === 'string'

/**
 * A plan with its mixes filled in from a ladder and a box.
 * @param paintOf a paint by id; throws where there is none.
 * @example resolveStack(plan, ladder, paintOf).coats.length // 1
 */
export function resolveStack(
  plan: StackPlan,
  steps: readonly LadderMix[],
  paintOf: (id: string) => Paint,
): Stack {
  const seen = (id: string) => opaqueReflectance(mixPaints([{ paint: paintOf(id), drops: 1 }]))
  const coats = plan.coats.map(
    ({ kind, mix, thinner, passes, place, thinnedWith, finish }): StackCoat => ({
      kind,
      ...(thinnedWith ? { thinnedWith } : {}),
      ...(finish ? { finish } : {}),
      thinner: thinner ?? coatKinds[kind].thinner,
      passes: passes ?? 1,
      place: place ?? 'all',
      on: plan.films?.[kind],
      parts: isRole(mix)
        ? stepFor(mix, steps).parts
        : mix.map(([id, drops]) => ({ paint: paintOf(id), drops })),
    }),
  )
  const { under } = plan
  return {
    coats,
    under:
      under.kind === 'flat'
        ? { kind: 'flat', reflectance: seen(under.paint) }
        : { ...under, dark: seen(under.dark), light: seen(under.light) },
  }
}
