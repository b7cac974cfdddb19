import type { Finish } from '../paint/surface'
import type { CoatKind, Gathering } from '../project/coat'

/** How a kind of coat is laid, and how thick it dries on each relief. */
interface Laying {
  name: string
  /** It carries pigment; one that does not only changes how the surface shines. */
  pigmented: boolean
  /** It is sprayed, so the cautions of spraying hold. */
  sprayed: boolean
  /** The brush is touched to a cloth first, so that a quarter of a layer's film is left. */
  wicked: boolean
  /** It is wet enough to flow; medium then holds it where it is put. */
  flows: boolean
  /** Usual parts of thinner to one of paint. */
  thinner: number
  on: Gathering
  /** Minutes of work and of drying at 54 mm. */
  minutes: { work: number; dry: number }
}

const brushed = { pigmented: true, sprayed: false, wicked: false, flows: true }
const wicked = { ...brushed, wicked: true }

/**
 * Kinds of coat with how they gather and how long they take; all from memory, common practice, no source. A wash lies
 * in recesses and is lifted from flats; a glaze stays where it is put; dry-brush touches ridges only.
 */
export const coatKinds = {
  base: {
    name: 'base coat',
    ...brushed,
    thinner: 1,
    on: { recess: 1.1, flat: 1, ridge: 0.85 },
    minutes: { work: 8, dry: 8 },
  },
  layer: {
    name: 'layer',
    ...brushed,
    thinner: 1.5,
    on: { recess: 1, flat: 1, ridge: 0.9 },
    minutes: { work: 7, dry: 5 },
  },
  glaze: {
    name: 'glaze',
    ...wicked,
    thinner: 6,
    on: { recess: 1, flat: 1, ridge: 1 },
    minutes: { work: 4, dry: 10 },
  },
  filter: {
    name: 'filter',
    ...wicked,
    thinner: 9,
    on: { recess: 1.1, flat: 1, ridge: 0.95 },
    minutes: { work: 3, dry: 10 },
  },
  wash: {
    name: 'wash',
    ...brushed,
    thinner: 5,
    on: { recess: 2.2, flat: 0.4, ridge: 0.12 },
    minutes: { work: 4, dry: 25 },
  },
  translucent: {
    name: 'translucent coat',
    ...brushed,
    thinner: 2,
    on: { recess: 1.5, flat: 1, ridge: 0.6 },
    minutes: { work: 5, dry: 20 },
  },
  drybrush: {
    name: 'dry-brush',
    ...wicked,
    flows: false,
    thinner: 0,
    on: { recess: 0, flat: 0.06, ridge: 0.9 },
    minutes: { work: 4, dry: 2 },
  },
  airbrush: {
    name: 'airbrush pass',
    ...brushed,
    sprayed: true,
    thinner: 3,
    on: { recess: 0.5, flat: 1, ridge: 1.05 },
    minutes: { work: 4, dry: 5 },
  },
  varnish: {
    name: 'varnish',
    ...brushed,
    pigmented: false,
    flows: false,
    thinner: 0,
    on: { recess: 0, flat: 0, ridge: 0 },
    minutes: { work: 3, dry: 30 },
  },
} as const satisfies Record<CoatKind, Laying>

/** How a varnish dries when nothing is said. */
export const USUAL_FINISH: Finish = 'matt'
