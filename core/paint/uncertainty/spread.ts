import type { Mixture } from '../mixture'
import { choleskyOf, packedFactor } from './cholesky'
import { moved, SHAPES } from './basis'

/**
 * How far a paint's curves may be off: the packed lower Cholesky factor (55 numbers) of the covariance
 * of its ten coefficients, six smooth shapes of log K and four of log S (`basis`).
 */
export type Spread = readonly number[]

export const SPREAD_LENGTH = (SHAPES * (SHAPES + 1)) / 2

/** One standard deviation of each kind of doubt about a paint, in natural logarithms. */
export interface Doubt {
  /** Of K and S together: how strong it is in a mix. */
  strength: number
  /** Of K alone: how dark it is. */
  depth: number
  /** Of the tilt and bends of K: its hue. */
  hue: number
  /** Of the tilt of S. */
  slope: number
}

/**
 * The spread of stated doubts, taken to be independent of each other.
 * @example spreadOf({ strength: 0.3, depth: 0.1, hue: 0.05, slope: 0.05 })
 */
export function spreadOf({ strength, depth, hue, slope }: Doubt): Spread {
  const covariance = Array.from({ length: SHAPES }, () => new Float64Array(SHAPES))
  const add = (vector: readonly [number, number][], sigma: number): void => {
    for (const [i, a] of vector)
      for (const [j, b] of vector) covariance[i]![j]! += a * b * sigma ** 2
  }
  add(
    [
      [0, 1],
      [6, 1],
    ],
    strength,
  )
  add([[0, 1]], depth)
  for (let k = 1; k < 6; k++) add([[k, 1]], hue / Math.sqrt(k))
  add([[7, 1]], slope)
  return choleskyOf(covariance)
}

/** Covariance of the ten coefficients. */
const covarianceOf = (spread: Spread): number[][] =>
  Array.from({ length: SHAPES }, (_, i) =>
    Array.from({ length: SHAPES }, (_, j) => {
      let sum = 0
      for (let k = 0; k < SHAPES; k++)
        sum += packedFactor(spread, i, k) * packedFactor(spread, j, k)
      return sum
    }),
  )

/** The same spread with more doubt of strength, independent of the rest. */
export function withStrength(spread: Spread, sigma: number): Spread {
  const C = covarianceOf(spread)
  for (const i of [0, 6]) for (const j of [0, 6]) C[i]![j]! += sigma ** 2
  return choleskyOf(C)
}

/** The same spread with the doubt of strength (K and S together) at a share of what it was. */
export function scaledSpread(spread: Spread, share: number): Spread {
  const C = covarianceOf(spread)
  // Strength is what the means of log K and log S have in common.
  const common = Math.max(0, Math.min(C[0]![0]!, C[0]![6]!, C[6]![6]!))
  for (const i of [0, 6]) for (const j of [0, 6]) C[i]![j]! -= (1 - share ** 2) * common
  return choleskyOf(C)
}

/**
 * Starter curves are modelled from memory: hue and depth about right, strength within a factor of two
 * of a bottle on the shelf (two standard deviations).
 */
export const STARTER_SPREAD = spreadOf({ strength: 0.35, depth: 0.2, hue: 0.1, slope: 0.1 })

/**
 * A paint drawn from its spread; `normals` gives ten independent standard normal numbers.
 * @example drawn(ochre, STARTER_SPREAD, normals(seeded(1))).K[0]
 */
export function drawn<P extends Mixture>(paint: P, spread: Spread, normals: () => number): P {
  const z = Array.from({ length: SHAPES }, normals)
  const by = z.map((_, i) => z.reduce((sum, v, j) => sum + packedFactor(spread, i, j) * v, 0))
  return { ...paint, ...moved(paint, by) }
}
