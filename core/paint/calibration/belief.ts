import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { opacityOf } from '../hiding'
import { mixPaints } from '../mix'
import { opaqueReflectance } from '../opaque'
import type { OpacityClass, Paint } from '../paint'
import { starterPaints } from '../starter'
import { likelyBottles, weighted } from './library'
import type { Belief } from './library'

const classes: readonly OpacityClass[] = [
  'opaque',
  'semi-opaque',
  'semi-transparent',
  'transparent',
]
/** How often a painter says a class, by how many classes it is off (from our trials). */
const SAID = [0.7, 0.2, 0.02, 0.005]
const likelihood = (told: OpacityClass, real: OpacityClass): number =>
  SAID[Math.abs(classes.indexOf(told) - classes.indexOf(real))]!

/** How near in ΔE00 a bottle has to look to count, widened until enough do. */
const NEAR = { first: 2.5, wider: 1.3, widest: 12, enough: 20 }

/** What is believed of a bottle by its colour and word alone: the bottles of the library that look so. */
export function beliefFromLibrary(lab: Lab, opacity: OpacityClass): Belief {
  const bottles = likelyBottles()
  const offs = bottles.map(({ masstone }) => deltaE00(masstone, { ...lab, white: masstone.white }))
  const words = bottles.map((bottle) => likelihood(opacity, bottle.opacity))
  for (let h = NEAR.first; ; h *= NEAR.wider) {
    const weights = offs.map((off, n) => words[n]! * Math.exp(-0.5 * (off / h) ** 2))
    const sum = weights.reduce((a, b) => a + b, 0)
    const squares = weights.reduce((total, w) => total + w * w, 0)
    // Kish's effective number (1965, "Survey Sampling").
    if ((sum * sum) / Math.max(1e-300, squares) >= NEAR.enough || h > NEAR.widest)
      return weighted(bottles, weights)
  }
}

/** So far a pigment named on the label may be from the starter of its name: strength, in logarithms. */
const NAMED_STRENGTH = 0.35
const NAMED_DEPTH = 0.06
const NAMED_STEP = 0.03
/** A label whose pigments come no nearer to the colour than this, ΔE00, holds its curves less; than that, not at all. */
const LOOSENS = 6
const UNEXPLAINED = 10
/** Shares tried of each pigment, in steps of a mix. */
const STEPS = 8
/** Most pigments of a label that are weighed against each other. */
const MOST_NAMED = 4

/** Every way to share out so many steps over so many pigments, each with one at least. */
function* sharings(pigments: number, steps: number): Generator<number[]> {
  if (pigments === 1) yield [steps]
  else
    for (let first = 1; first <= steps - pigments + 1; first++)
      for (const rest of sharings(pigments - 1, steps - first)) yield [first, ...rest]
}

/** Each choice of one starter for every name. */
const choices = (lists: readonly (readonly Paint[])[]): Paint[][] =>
  lists.reduce<Paint[][]>(
    (all, list) => all.flatMap((chosen) => list.map((paint) => [...chosen, paint])),
    [[]],
  )

/**
 * What is believed of a bottle whose label names its pigments: starters of those names in the proportions that come
 * nearest to its colour and word. Nothing where a name is not among the starters, or where they explain it badly.
 */
export function beliefFromLabel(
  pigments: readonly string[],
  lab: Lab,
  opacity: OpacityClass,
): Belief | undefined {
  const names = [...new Set(pigments)].slice(0, MOST_NAMED)
  const lists = names.map((name) =>
    starterPaints.filter(
      (paint) => paint.pigments.length === 1 && sameIndex(paint.pigments[0]!, name),
    ),
  )
  if (lists.length === 0 || lists.some((list) => list.length === 0)) return undefined
  let best: { mixture: ReturnType<typeof mixPaints>; score: number; off: number } | undefined
  for (const paints of choices(lists))
    for (const drops of sharings(paints.length, paints.length === 1 ? 1 : STEPS)) {
      const mixture = mixPaints(paints.map((paint, i) => ({ paint, drops: drops[i]! })))
      const off = deltaE00(labOf(opaqueReflectance(mixture)), { ...lab, white: 'D65/2' })
      const score =
        0.5 * (off / NEAR.first) ** 2 - Math.log(likelihood(opacity, opacityOf(mixture)))
      if (!best || score < best.score) best = { mixture, score, off }
    }
  const {
    mixture: { K, S },
    off,
  } = best!
  // What is in the bottle besides is not on the label.
  if (off > UNEXPLAINED) return undefined
  const wider = 1 + (off / LOOSENS) ** 2
  return {
    u: K.map((k, i) => Math.log(Math.max(1e-6, k) / Math.max(1e-6, S[i]!))),
    v: S.map((s) => Math.log(Math.max(1e-6, s))),
    strength: NAMED_STRENGTH,
    depth: NAMED_DEPTH * wider,
    step: NAMED_STEP * wider,
  }
}

/** Labels write PB15, PB15:3 or pb 15:3; a name without its form means any of them. */
function sameIndex(starter: string, told: string): boolean {
  const plain = (name: string): string => name.replace(/\s+/g, '').toUpperCase()
  const [ours, theirs] = [plain(starter), plain(told)]
  return ours === theirs || ours.split(':')[0] === theirs || ours === theirs.split(':')[0]
}
