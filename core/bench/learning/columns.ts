import { BANDS } from '../../colour/spectrum'
import type { Paint } from '../../paint/paint'
import { K_SHAPES, SHAPES, basisShapes } from '../../paint/uncertainty/basis'
import { packedFactor } from '../../paint/uncertainty/cholesky'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'

/** Slopes of a predicted reflectance by a paint's own ten coefficients, from those by its log K and log S. */
export function columnsOf(paint: Paint, byK: Float64Array, byS: Float64Array): Float64Array[] {
  const spread = paint.spread ?? STARTER_SPREAD
  const by = Array.from({ length: SHAPES }, (_, k) => {
    const [slope, shape] = k < K_SHAPES ? [byK, basisShapes[k]!] : [byS, basisShapes[k - K_SHAPES]!]
    return slope.map((v, i) => v * shape[i]!)
  })
  return Array.from({ length: SHAPES }, (_, j) =>
    Float64Array.from({ length: BANDS }, (_, i) => {
      let sum = 0
      for (let k = j; k < SHAPES; k++) sum += by[k]![i]! * packedFactor(spread, k, j)
      return sum
    }),
  )
}
