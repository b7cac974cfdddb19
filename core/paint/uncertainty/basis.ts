import { BANDS } from '../../colour/spectrum'

/** How many smooth shapes log K and log S may be off by. */
export const K_SHAPES = 6
export const S_SHAPES = 4
export const SHAPES = K_SHAPES + S_SHAPES

/** cos(kπt) over the bands, k = 0 …; the first is a constant factor, the next a tilt. */
const cosine = (k: number): Float64Array =>
  Float64Array.from({ length: BANDS }, (_, i) => Math.cos((Math.PI * k * i) / (BANDS - 1)))

export const basisShapes: readonly Float64Array[] = Array.from({ length: K_SHAPES }, (_, k) =>
  cosine(k),
)

/** Paint curves moved by a set of coefficients: log K by the first six, log S by the last four. */
export function moved(
  { K, S }: { K: ArrayLike<number>; S: ArrayLike<number> },
  by: ArrayLike<number>,
): { K: Float64Array; S: Float64Array } {
  const shift = (from: number, count: number, band: number): number => {
    let sum = 0
    for (let k = 0; k < count; k++) sum += by[from + k]! * basisShapes[k]![band]!
    return Math.exp(sum)
  }
  return {
    K: Float64Array.from({ length: BANDS }, (_, i) => K[i]! * shift(0, K_SHAPES, i)),
    S: Float64Array.from({ length: BANDS }, (_, i) => S[i]! * shift(K_SHAPES, S_SHAPES, i)),
  }
}
