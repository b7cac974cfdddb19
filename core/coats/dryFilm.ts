import { coatThicknessUm } from '../paint/coat'

export const reliefs = ['recess', 'flat', 'ridge'] as const
export type Relief = (typeof reliefs)[number]

/** How a kind of coat is laid, and how thick it dries on each relief against the flat. */
interface Laying {
  name: string
  /** The brush is touched to a cloth first, so that a quarter of a layer's film is left. */
  wicked: boolean
  /** Usual parts of thinner to one of paint. */
  thinner: number
  on: Readonly<Record<Relief, number>>
}

/**
 * Kinds of coat with how they gather; all from memory, common practice, no source. A wash lies in
 * recesses and is lifted from flats; a glaze stays where it is put; dry-brush touches ridges only.
 */
export const coatKinds = {
  base: { name: 'base coat', wicked: false, thinner: 1, on: { recess: 1.1, flat: 1, ridge: 0.85 } },
  layer: { name: 'layer', wicked: false, thinner: 1.5, on: { recess: 1, flat: 1, ridge: 0.9 } },
  glaze: { name: 'glaze', wicked: true, thinner: 6, on: { recess: 1, flat: 1, ridge: 1 } },
  filter: { name: 'filter', wicked: true, thinner: 9, on: { recess: 1.1, flat: 1, ridge: 0.95 } },
  wash: { name: 'wash', wicked: false, thinner: 5, on: { recess: 2.2, flat: 0.4, ridge: 0.12 } },
  translucent: {
    name: 'translucent coat',
    wicked: false,
    thinner: 2,
    on: { recess: 1.5, flat: 1, ridge: 0.6 },
  },
  drybrush: {
    name: 'dry-brush',
    wicked: true,
    thinner: 0,
    on: { recess: 0, flat: 0.06, ridge: 0.9 },
  },
  airbrush: {
    name: 'airbrush pass',
    wicked: false,
    thinner: 3,
    on: { recess: 0.5, flat: 1, ridge: 1.05 },
  },
  varnish: { name: 'varnish', wicked: false, thinner: 0, on: { recess: 0, flat: 0, ridge: 0 } },
} as const satisfies Record<string, Laying>
export type CoatKind = keyof typeof coatKinds
/** Film on each relief against the flat. */
export type Gathering = Readonly<Record<Relief, number>>

/** What a coat is thinned with. */
export const thinners = ['water', 'medium'] as const
export type Thinner = (typeof thinners)[number]
/** Medium holds paint where it is put: half of what water would gather or leave (from memory). */
const HELD = 0.5
export const coatKindKeys = Object.keys(coatKinds) as CoatKind[]

/** A coat as far as its film goes. */
export interface CoatFilm {
  kind: CoatKind
  /** Parts of thinner to one of paint. */
  thinner: number
  passes: number
  /** Water when not given. */
  thinnedWith?: Thinner
  /** The painter's own way of laying this kind; usual for it when not given. */
  on?: Gathering
}

/**
 * Pigment film of all passes of a coat on a relief, µm as if of undiluted paint dried; a varnish carries none.
 * Water leaves a thinner film, medium a film with less pigment in it: K·X and S·X fall alike.
 */
export function dryFilmUm(
  { kind, thinner, passes, thinnedWith = 'water', on }: CoatFilm,
  relief: Relief,
): number {
  if (!(Number.isInteger(passes) && passes >= 1 && passes <= 20))
    throw new RangeError(`${passes} passes; allowed is a whole number from 1 to 20`)
  const { wicked, on: usual } = coatKinds[kind]
  const laid = (on ?? usual)[relief]
  const gathered =
    thinnedWith === 'medium' && kind !== 'varnish' && kind !== 'drybrush'
      ? laid + HELD * (1 - laid)
      : laid
  return coatThicknessUm(thinner, wicked) * gathered * passes
}
