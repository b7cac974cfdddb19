import { inverseOf } from '../../numbers/inverseOf'
import type { Paint } from '../../paint/paint'
import { SHAPES } from '../../paint/uncertainty/basis'
import { choleskyOf, packedFactor } from '../../paint/uncertainty/cholesky'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'
import type { Spread } from '../../paint/uncertainty/spread'

/** How hard the scale common to all paints is held: mixes do not depend on it, so it is no doubt. */
const HELD = 1e6

/**
 * What is left of each paint's spread after readings: its block of the inverse of the normal equations, the scale
 * common to all paints held, times how much worse the readings are met than their noise.
 */
export function leftDoubt(
  paints: readonly Paint[],
  normal: readonly Float64Array[],
  worse: number,
): Spread[] {
  const L = (p: number, i: number, j: number): number =>
    packedFactor(paints[p]!.spread ?? STARTER_SPREAD, i, j)
  // A common scale e^t moves the first shape of log K and of log S of every paint by t: in own axes z = L⁻¹ d.
  const common = paints.flatMap((_, p) => {
    const z = new Float64Array(SHAPES)
    for (let i = 0; i < SHAPES; i++) {
      let left = i === 0 || i === 6 ? 1 : 0
      for (let j = 0; j < i; j++) left -= L(p, i, j) * z[j]!
      z[i] = L(p, i, i) > 1e-9 ? left / L(p, i, i) : 0
    }
    return [...z]
  })
  const length = Math.hypot(...common)
  const A = normal.map((row, i) =>
    row.map((v, k) => v + (HELD * common[i]! * common[k]!) / length ** 2),
  )
  const left = inverseOf(A)
  return paints.map((_, p) => {
    const from = p * SHAPES
    return choleskyOf(
      Array.from({ length: SHAPES }, (_, i) =>
        Array.from({ length: SHAPES }, (_, j) => {
          let sum = 0
          for (let a = 0; a <= i; a++)
            for (let b = 0; b <= j; b++) sum += L(p, i, a) * left[from + a]![from + b]! * L(p, j, b)
          return worse * sum
        }),
      ),
    )
  })
}
