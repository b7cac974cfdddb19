import { deltaE00Of } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { surelyFurther } from '../colour/surelyFurther'

/**
 * Takes mixes to targets: each difference that is less than the one that stands takes its place. Few are
 * reckoned in full: most are surely further.
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
        if (surelyFurther(e, L, a, b, C, tL[t]!, ta[t]!, tb[t]!, tC[t]!)) continue
        const found = deltaE00Of(L, a, b, tL[t]!, ta[t]!, tb[t]!)
        if (found < e) off[start + t] = found
      }
    }
  }
}
