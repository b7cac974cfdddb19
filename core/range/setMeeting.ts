import { deltaE00Of } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'

/** 1/S_L by the sum of two lightnesses: the least of each step, so that nothing counts for more than it does. */
const SL_STEPS = 2
const perSL = Float64Array.from({ length: 200 * SL_STEPS + 8 }, (_, i) => {
  const at = (sum: number): number => {
    const l = sum / 2 - 50
    return 1 + (0.015 * l * l) / Math.sqrt(20 + l * l)
  }
  return 1 / Math.max(at(i / SL_STEPS), at((i + 1) / SL_STEPS))
})
/** 1 + G by the sum of two chromas. */
const C_STEPS = 8
const stretch = Float64Array.from({ length: 500 * C_STEPS }, (_, i) => {
  const c7 = ((i + 0.5) / C_STEPS / 2) ** 7
  return 1.5 - 0.5 * Math.sqrt(c7 / (c7 + 25 ** 7))
})
/** 1 − ρ/2 by mean chroma: what is left of a difference where the turn term takes away most. */
const bluest = Float64Array.from({ length: 500 }, (_, C) => {
  const c7 = (C + 1) ** 7
  return 1 - Math.sin(Math.PI / 3) * Math.sqrt(c7 / (c7 + 25 ** 7))
})
/** S_H is at most 1 + 0.015 · 1.65 C̄'. */
const MOST_SH = 0.015 * 1.65
/** Stretch is read in steps: what is bounded by it is a little less sure. */
const SURE = 0.99

/**
 * Takes mixes to targets: each difference that is less than the one that stands takes its place. A lower bound of
 * CIEDE2000 (its weights at their most) goes before, so that few are reckoned in full.
 * @param off differences that stand, target after target.
 * @example const meet = meeting(targets, off); meet(lab, 12, 0)
 */
export function meeting(
  targets: readonly Lab[],
  off: Float32Array,
): (lab: Float64Array, many: number, start: number) => void {
  const T = targets.length
  const [tL, ta, tb] = (['L', 'a', 'b'] as const).map((axis) =>
    Float64Array.from(targets, (one) => one[axis]),
  ) as [Float64Array, Float64Array, Float64Array]
  const tC = Float64Array.from(targets, ({ a, b }) => Math.hypot(a, b))
  return (lab, many, start) => {
    for (let i = 0; i < 3 * many; i += 3) {
      const L = lab[i]!
      const a = lab[i + 1]!
      const b = lab[i + 2]!
      const C = Math.sqrt(a * a + b * b)
      for (let t = 0; t < T; t++) {
        const e = off[start + t]!
        const dL = (L - tL[t]!) * perSL[((L + tL[t]!) * SL_STEPS) | 0]!
        const left = e * e - dL * dL
        if (left < 0) continue
        const s = stretch[((C + tC[t]!) * C_STEPS) | 0]!
        const a1 = a * s
        const a2 = ta[t]! * s
        const b2 = tb[t]!
        const C1 = Math.sqrt(a1 * a1 + b * b)
        const C2 = Math.sqrt(a2 * a2 + b2 * b2)
        const mean = (C1 + C2) / 2 + 0.3
        const x = a1 - a2
        const y = b - b2
        const dC = C1 - C2
        const wC = 1 / (1 + 0.045 * mean)
        const wH = 1 / (1 + MOST_SH * mean)
        const apart = dC * dC * wC * wC + Math.max(0, x * x + y * y - dC * dC) * wH * wH
        // The turn term lives round blue, below the red-green axis.
        const least = b > 0 && b2 > 0 ? apart : apart * bluest[mean | 0]!
        if (SURE * least > left) continue
        const found = deltaE00Of(L, a, b, tL[t]!, ta[t]!, b2)
        if (found < e) off[start + t] = found
      }
    }
  }
}
