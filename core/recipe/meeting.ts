import { deltaE00Of } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { surelyFurther } from '../colour/surelyFurther'

/**
 * Takes colours to targets: each difference that is less than the one that stands takes its place. Few are
 * reckoned in full: most are surely further.
 * @param planes L*, a*, b* of the colours.
 * @example const meet = meeting(targets, planes); meet(12, off, 0)
 */
export function meeting(
  targets: readonly Lab[],
  [Ls, as, bs]: readonly [Float32Array, Float32Array, Float32Array],
): (many: number, off: Float32Array, start: number) => void {
  const T = targets.length
  const [tL, ta, tb] = (['L', 'a', 'b'] as const).map((axis) =>
    Float64Array.from(targets, (one) => one[axis]),
  ) as [Float64Array, Float64Array, Float64Array]
  const tC = Float64Array.from(targets, ({ a, b }) => Math.hypot(a, b))
  return (many, off, start) => {
    for (let i = 0; i < many; i++) {
      const L = Ls[i]!
      const a = as[i]!
      const b = bs[i]!
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
