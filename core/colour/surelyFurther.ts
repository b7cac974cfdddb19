import { chromaTerm } from './chromaTerm'
import { SL } from './differenceBounds'

/** 1/S_L by the sum of two lightnesses: the least of each step, so that nothing counts for more than it does. */
const SL_STEPS = 2
const perSL = Float64Array.from({ length: 200 * SL_STEPS + 8 }, (_, i) => {
  const at = (sum: number): number => SL(sum / 2)
  return 1 / Math.max(at(i / SL_STEPS), at((i + 1) / SL_STEPS))
})
/** 1 + G by the sum of two chromas. */
const C_STEPS = 8
const onePlusG = Float64Array.from({ length: 500 * C_STEPS }, (_, i) => {
  return 1.5 - 0.5 * chromaTerm((i + 0.5) / C_STEPS / 2)
})
/** 1 − ρ/2 by mean chroma: what is left of a difference where the turn term takes away most. */
const bluest = Float64Array.from({ length: 500 }, (_, C) => {
  return 1 - Math.sin(Math.PI / 3) * chromaTerm(C + 1)
})
/** S_H is at most 1 + 0.015 · 1.65 C̄'. */
const MOST_SH = 0.015 * 1.65
/** Stretch is read in steps: what is bounded by it is a little less sure. */
const SURE = 0.99

/**
 * Whether two colours differ by more than e (CIEDE2000) for sure: a lower bound with its weights at their most, for hot
 * loops that reckon in full only what may be nearer. L* 0–100, chroma below 250.
 * @param C1 chroma of the first, √(a² + b²); C2 that of the second.
 */
export function surelyFurther(
  e: number,
  L1: number,
  a1: number,
  b1: number,
  C1: number,
  L2: number,
  a2: number,
  b2: number,
  C2: number,
): boolean {
  const dL = (L1 - L2) * perSL[((L1 + L2) * SL_STEPS) | 0]!
  const left = e * e - dL * dL
  if (left < 0) return true
  const s = onePlusG[((C1 + C2) * C_STEPS) | 0]!
  const p1 = a1 * s
  const p2 = a2 * s
  const c1 = Math.sqrt(p1 * p1 + b1 * b1)
  const c2 = Math.sqrt(p2 * p2 + b2 * b2)
  const mean = (c1 + c2) / 2 + 0.3
  const x = p1 - p2
  const y = b1 - b2
  const dC = c1 - c2
  const wC = 1 / (1 + 0.045 * mean)
  const wH = 1 / (1 + MOST_SH * mean)
  const apart = dC * dC * wC * wC + Math.max(0, x * x + y * y - dC * dC) * wH * wH
  // The turn term lives round blue, below the red-green axis.
  const least = b1 > 0 && b2 > 0 ? apart : apart * bluest[mean | 0]!
  return SURE * least > left
}
