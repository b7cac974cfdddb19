import { BANDS } from '../../colour/spectrum'
import type { Paint } from '../../paint/paint'
import { K_SHAPES, SHAPES, basisShapes } from '../../paint/uncertainty/basis'
import { packedFactor } from '../../paint/uncertainty/cholesky'
import { STARTER_SPREAD } from '../../paint/uncertainty/spread'

/** How log K and log S of a paint move, band by band, by one of its own coefficients. */
interface Axis {
  ofK: Float64Array
  ofS: Float64Array
}

/** The ten axes of a paint's own spread. */
export function axesOf(paint: Paint): Axis[] {
  const spread = paint.spread ?? STARTER_SPREAD
  return Array.from({ length: SHAPES }, (_, j) => {
    const axis = { ofK: new Float64Array(BANDS), ofS: new Float64Array(BANDS) }
    for (let k = j; k < SHAPES; k++) {
      const [curve, shape] = k < K_SHAPES ? [axis.ofK, k] : [axis.ofS, k - K_SHAPES]
      const factor = packedFactor(spread, k, j)
      basisShapes[shape]!.forEach((height, i) => (curve[i]! += height * factor))
    }
    return axis
  })
}

/** Slopes of a predicted reflectance by a paint's own ten coefficients, from those by its log K and log S. */
export const columnsOf = (
  axes: readonly Axis[],
  byK: Float64Array,
  byS: Float64Array,
): Float64Array[] =>
  axes.map(({ ofK, ofS }) => byK.map((slope, i) => slope * ofK[i]! + byS[i]! * ofS[i]!))
