import { deltaE00Of } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import type { StepKey } from '../project/steps'
import { RANKS } from './skinReading'

/** A step of the ladder as it is painted: its colour, D65, 2°, and its share of the seen skin. */
export interface PaintedStep {
  key: StepKey
  lab: Lab
  share: number
}

/** What a camera adds to paint. */
export interface Lens {
  /** Standard deviation of log luminance over the skin, as light falls unevenly. */
  uneven: number
  /** Natural log of the light on the skin over that on the neutral. */
  gain: number
  /** Share of each step that is blurred into its neighbours. */
  soft: number
  /** Stray light and sheen over everything, as a share of white. */
  veil: number
}

/** Points of a normal distribution with equal weight, and what they stand for. */
const SPREAD = [-1.4, -0.53, 0, 0.53, 1.4]

/** Numbers of a list of ranks: L, a and b one after the other. */
export type Ranked = Float64Array

/** CIE 15: f of CIELAB and its inverse. */
const f = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116)
const inverse = (v: number): number => (v > 6 / 29 ? v ** 3 : (116 * v - 16) / (24389 / 27))

/** A colour under a veil: so much of white is added to it. */
function veiled({ L, a, b }: Lab, veil: number, share: number): Float64Array {
  const y = (L + 16) / 116
  const [fx, fy, fz] = [y + a / 500, y, y - b / 200].map((v) => f(inverse(v) + veil)) as [
    number,
    number,
    number,
  ]
  return Float64Array.of(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz), share)
}

/** Steps, and what lies between two of them. */
function blurred(steps: readonly PaintedStep[], { soft, veil }: Lens): Float64Array[] {
  const points = steps.map(({ lab, share }) => veiled(lab, veil, share))
  for (let k = 0; k + 1 < steps.length; k++) {
    const [one, other] = [points[k]!, points[k + 1]!]
    const taken = soft * Math.min(steps[k]!.share, steps[k + 1]!.share)
    one[3]! -= taken / 2
    other[3]! -= taken / 2
    points.push(
      Float64Array.of(
        (one[0]! + other[0]!) / 2,
        (one[1]! + other[1]!) / 2,
        (one[2]! + other[2]!) / 2,
        taken,
      ),
    )
  }
  return points
}

/**
 * What a photograph of these steps would be read as: blurred a little, each colour a little lighter and darker as
 * light falls on it, all sorted from dark to light and shared out among the ranks.
 */
export function ranksOf(
  steps: readonly PaintedStep[],
  lens: Lens,
  ranks = new Float64Array(3 * RANKS),
): Ranked {
  const { uneven, gain } = lens
  const from = blurred(steps, lens)
  const many = from.length * SPREAD.length
  const L = new Float64Array(many)
  const by = SPREAD.map((s) => Math.exp((gain + s * uneven) / 3))
  let whole = 0
  for (let n = 0; n < many; n++) {
    const point = from[Math.floor(n / SPREAD.length)]!
    // Luminance goes with the cube of L + 16; chroma goes with its cube root.
    L[n] = (point[0]! + 16) * by[n % SPREAD.length]! - 16
    whole += point[3]!
  }
  const order = Array.from(L.keys()).sort((one, other) => L[one]! - L[other]!)
  ranks.fill(0)
  let r = 0
  let room = 1 / RANKS
  for (const n of order) {
    const point = from[Math.floor(n / SPREAD.length)]!
    const times = by[n % SPREAD.length]!
    let left = point[3]! / whole
    while (left > 1e-12 && r < RANKS) {
      const taken = Math.min(room, left) * RANKS
      ranks[3 * r]! += taken * L[n]!
      ranks[3 * r + 1]! += taken * point[1]! * times
      ranks[3 * r + 2]! += taken * point[2]! * times
      room -= taken / RANKS
      left -= taken / RANKS
      if (room < 1e-12) {
        r++
        room = 1 / RANKS
      }
    }
  }
  return ranks
}

/** Ranks of a reading as numbers. */
export const ranked = (labs: readonly Lab[]): Ranked =>
  Float64Array.from(labs.flatMap(({ L, a, b }) => [L, a, b]))

/**
 * How much each rank counts: a step that takes little of the skin is small and still read first, so a step counts by
 * the root of its share.
 */
export function weightsOfRanks(steps: readonly PaintedStep[]): Float64Array {
  const weights = new Float64Array(RANKS)
  let end = 0
  let k = 0
  for (let r = 0; r < RANKS; r++) {
    while (k < steps.length - 1 && (r + 0.5) / RANKS > end + steps[k]!.share)
      end += steps[k++]!.share
    weights[r] = 1 / Math.sqrt(Math.max(0.08, steps[k]!.share))
  }
  const sum = weights.reduce((all, w) => all + w, 0)
  return weights.map((w) => w / sum)
}

/** Mean square of ΔE00 between two skins, rank by rank. */
export function apartOf(one: Ranked, other: Ranked, weights: Float64Array): number {
  let sum = 0
  for (let i = 0; i < one.length; i += 3) {
    const off = deltaE00Of(
      one[i]!,
      one[i + 1]!,
      one[i + 2]!,
      other[i]!,
      other[i + 1]!,
      other[i + 2]!,
    )
    sum += weights[i / 3]! * off * off
  }
  return sum
}
