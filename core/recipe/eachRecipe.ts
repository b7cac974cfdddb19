import type { Mixture } from '../paint/mixture'
import { gcd } from '../numbers/gcd'
import { BANDS } from '../colour/spectrum'
import type { Weights } from '../colour/weights'
import { K1, K2 } from '../paint/surface'
import type { Limits } from './recipe'

/**
 * Called for every recipe with its tristimulus values; `members` and `drops` hold the first
 * `count` entries only and are overwritten afterwards.
 */
export type Visit = (
  count: number,
  members: Uint16Array,
  drops: Uint8Array,
  X: number,
  Y: number,
  Z: number,
) => void

/**
 * Visits every whole-drop recipe once: all subsets of the paints up to `maxPaints`, all drops up to
 * `maxDrops` in sum, without those that only multiply a smaller recipe (2:2 is 1:1). Members come in
 * the order of `paints`. With a base (K and S of so many drops that are there already) every amount
 * counts, multiples too. K and S are summed along the way, so a recipe costs one pass over the bands.
 * @param firsts of so many paints, the first of the list, one has to be in.
 */
export function eachRecipe(
  paints: readonly Mixture[],
  { maxPaints, maxDrops }: Limits,
  weights: Weights,
  visit: Visit,
  base?: Mixture,
  firsts = paints.length,
): void {
  const members = new Uint16Array(maxPaints)
  const drops = new Uint8Array(maxPaints)
  const sums = Array.from({ length: maxPaints + 1 }, () => ({
    K: new Float64Array(BANDS),
    S: new Float64Array(BANDS),
  }))
  if (base) {
    sums[0]!.K.set(base.K)
    sums[0]!.S.set(base.S)
  }
  const { x, y, z } = weights
  const Ks = paints.map(({ K }) => K)
  // A band with neither K nor S would divide nothing by nothing; a trace of S leaves it black.
  const Ss = paints.map(({ S }) => S.map((s) => Math.max(s, 1e-12)))
  // Local constants: the loop below runs once a recipe and band, and imports are looked up each time.
  const bands = BANDS
  const enters = (1 - K1) * (1 - K2)
  const leaves = 1 - K2

  function add(depth: number, from: number, left: number, divisor: number): void {
    const before = sums[depth]!
    const { K, S } = sums[depth + 1]!
    const end = depth === 0 ? firsts : paints.length
    for (let p = from; p < end; p++) {
      const paintK = Ks[p]!
      const paintS = Ss[p]!
      members[depth] = p
      K.set(before.K)
      S.set(before.S)
      for (let d = 1; d <= left; d++) {
        drops[depth] = d
        let X = 0
        let Y = 0
        let Z = 0
        // Two bands a turn share one division, the slowest step: n/p and m/q are n·q and m·p over p·q.
        for (let i = 0; i < bands; i += 2) {
          const j = i + 1
          const k = K[i]! + paintK[i]!
          const s = S[i]! + paintS[i]!
          const l = K[j]! + paintK[j]!
          const t = S[j]! + paintS[j]!
          K[i] = k
          S[i] = s
          K[j] = l
          S[j] = t
          const p = leaves * s + k + Math.sqrt(k * (k + 2 * s))
          const q = leaves * t + l + Math.sqrt(l * (l + 2 * t))
          const shared = enters / (p * q)
          const r = s * q * shared
          const v = t * p * shared
          X += x[i]! * r + x[j]! * v
          Y += y[i]! * r + y[j]! * v
          Z += z[i]! * r + z[j]! * v
        }
        const common = gcd(divisor, d)
        if (common === 1 || base) visit(depth + 1, members, drops, X, Y, Z)
        if (depth + 1 < maxPaints && d < left) add(depth + 1, p + 1, left - d, common)
      }
    }
  }
  add(0, 0, maxDrops, 0)
}
