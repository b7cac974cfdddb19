import type { Mixture } from '../../paint/mixture'
import { dropsIn } from '../../puddle/drops'
import { deltaE00Of } from '../../colour/deltaE00'
import { writeLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import { plainPaint } from '../../paint/calibration/estimatePaint'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { eachRecipe } from '../eachRecipe'
import { TIE } from '../shortlist'

/** What stands in the well: its mix, and how many drops of it there are. */
export interface Well {
  mixture: Mixture
  drops: number
}

/** Drops to add, to what is kept of the well, and where that lands. */
export interface WellCorrection {
  /** Share of the well that stays; the rest is lifted out first. */
  keep: number
  add: Part<Paint>[]
  /** Drops added in sum. */
  added: number
  lab: Lab
  deltaE00: number
}

export interface PutRightRequest {
  well: Well
  target: Lab
  paints: readonly Paint[]
  /** Most different paints added, 1–3, and most drops in sum. */
  maxPaints: number
  maxDrops: number
  /** Drops the well holds; what would overflow is lifted out first. */
  room?: number
}

/** How much of a full well may stay, most first. */
const KEEPS = [1, 2 / 3, 1 / 2, 1 / 3, 1 / 4]

/**
 * A well whose drops are known.
 * @example knownWell([{ paint: white, drops: 3 }]).drops // 3
 */
export const knownWell = (parts: readonly Part[]): Well => ({
  mixture: mixPaints(parts),
  drops: dropsIn(parts),
})

/**
 * A well of unknown contents: what it looks like, as an opaque paint of that colour, and how much it is.
 * @example unknownWell(flesh, 12).drops // 12
 */
export const unknownWell = (lab: Lab, drops: number): Well => ({
  mixture: plainPaint(lab, 'opaque'),
  drops,
})

/** Steps of the words a painter judges by, in L*, a*, b* and share of chroma; common practice, no source. */
export const wellLooks = {
  'too dark': { L: -5 },
  'too light': { L: 5 },
  'too red': { a: 5 },
  'too green': { a: -5 },
  'too yellow': { b: 6 },
  'too blue': { b: -6 },
  'too grey': { chroma: 0.7 },
  'too bright': { chroma: 1.35 },
  chalky: { L: 3, chroma: 0.75 },
} as const
export type WellLook = keyof typeof wellLooks

/**
 * What a mix must look like, if beside the aim it looks so.
 * @example looksLike(flesh, ['too dark']).L // 60
 */
export function looksLike(aim: Lab, words: readonly WellLook[]): Lab {
  let { L, a, b } = aim
  for (const word of words) {
    const step: { L?: number; a?: number; b?: number; chroma?: number } = wellLooks[word]
    L += step.L ?? 0
    a = a * (step.chroma ?? 1) + (step.a ?? 0)
    b = b * (step.chroma ?? 1) + (step.b ?? 0)
  }
  return { L: Math.min(97, Math.max(4, L)), a, b, white: aim.white }
}

/**
 * What to add to a well, for every number of drops the closest that can be had: a list in which each entry
 * adds more drops than the one before and lands nearer. Every addition within the limits is tried, so the
 * last entry is the best reachable, with the fewest drops that reach it.
 * @throws RangeError when the well is empty or larger than it can be.
 * @example putRight({ well: knownWell([{ paint: white, drops: 3 }]), target: flesh, paints: box, maxPaints: 1, maxDrops: 4 })
 */
export function putRight(request: PutRightRequest): WellCorrection[] {
  const { well, target, paints, maxPaints, maxDrops, room = Infinity } = request
  if (!(well.drops > 0))
    throw new RangeError(`the well holds ${well.drops} drops; there is nothing to put right`)
  if (paints.length === 0) throw new RangeError('there is no paint to add; put one in the box')
  const weights = weightsOf()
  const lab = new Float64Array(3)
  /** The best for each number of added drops. */
  const best: (WellCorrection | undefined)[] = []
  const offer = (
    keep: number,
    members: ArrayLike<number>,
    drops: ArrayLike<number>,
    count: number,
    X: number,
    Y: number,
    Z: number,
  ): void => {
    let added = 0
    for (let k = 0; k < count; k++) added += drops[k]!
    // The least that has to be lifted out, so that nothing overflows.
    const kept = KEEPS.find((share) => share * well.drops + added <= room) ?? KEEPS.at(-1)!
    if (kept !== keep) return
    writeLab(X, Y, Z, weights.white, lab, 0)
    const off = deltaE00Of(lab[0]!, lab[1]!, lab[2]!, target.L, target.a, target.b)
    const known = best[added]
    if (
      known &&
      off > known.deltaE00 - TIE &&
      !(off < known.deltaE00 + TIE && count < known.add.length)
    )
      return
    best[added] = {
      keep,
      added,
      add: Array.from({ length: count }, (_, k) => ({
        paint: paints[members[k]!]!,
        drops: drops[k]!,
      })),
      lab: { L: lab[0]!, a: lab[1]!, b: lab[2]!, white: weights.name },
      deltaE00: off,
    }
  }
  for (const keep of KEEPS) {
    const amount = keep * well.drops
    if (keep < 1 && well.drops + maxDrops <= room) break
    const base = {
      K: well.mixture.K.map((k) => k * amount),
      S: well.mixture.S.map((s) => s * amount),
    }
    eachRecipe(
      paints,
      { maxPaints, maxDrops },
      weights,
      (count, members, drops, X, Y, Z) => offer(keep, members, drops, count, X, Y, Z),
      base,
    )
  }
  const front: WellCorrection[] = []
  for (const one of best)
    if (one && (front.length === 0 || one.deltaE00 < front.at(-1)!.deltaE00 - TIE)) front.push(one)
  return front
}

/**
 * Adding as much as this, or landing so much further off, it is better to start again.
 * @example startAgain([], { drops: 6, deltaE00: 0.5 }) // true
 */
export const startAgain = (
  corrections: readonly WellCorrection[],
  fresh: { drops: number; deltaE00: number },
): boolean => {
  const best = corrections.at(-1)
  return !best || best.added > fresh.drops || best.deltaE00 > fresh.deltaE00 + 2
}
