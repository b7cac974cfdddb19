import type { Mixture } from './mixture'
import { BANDS } from '../colour/spectrum'

/** Drops of a paint; any object with K and S counts as a paint. */
export interface Part<P extends Mixture = Mixture> {
  paint: P
  drops: number
}

/**
 * Mixes paints: K and S of the mix are the volume-weighted means of those of its parts
 * (Duncan 1940, Proc. Phys. Soc. 52, 390).
 * @throws RangeError when there is no part, or a part's drops are not finite, negative or all zero.
 * @example mixPaints([{ paint: white, drops: 3 }, { paint: ochre, drops: 1 }])
 */
export function mixPaints(parts: readonly Part[]): Mixture {
  let total = 0
  parts.forEach(({ drops }, i) => {
    if (!(drops >= 0 && Number.isFinite(drops)))
      throw new RangeError(`part ${i + 1} of the mix has ${drops} drops; allowed is 0 or more`)
    total += drops
  })
  if (!(total > 0)) throw new RangeError('a mix needs at least one drop of one paint')
  const K = new Float64Array(BANDS)
  const S = new Float64Array(BANDS)
  for (const { paint, drops } of parts) {
    const share = drops / total
    for (let i = 0; i < BANDS; i++) {
      K[i]! += share * paint.K[i]!
      S[i]! += share * paint.S[i]!
    }
  }
  return { K, S }
}

/**
 * The same paint thinned: K and S fall with 1/(1 + parts of thinner), whether water lowers the
 * film or medium lowers the pigment in it.
 * @example thin(ochre, 1).K[0] / ochre.K[0] // 0.5
 */
export function thin(mixture: Mixture, partsOfThinner: number): Mixture {
  if (!(partsOfThinner >= 0 && Number.isFinite(partsOfThinner)))
    throw new RangeError(`${partsOfThinner} parts of thinner; allowed is 0 or more`)
  const share = 1 / (1 + partsOfThinner)
  return { K: mixture.K.map((k) => k * share), S: mixture.S.map((s) => s * share) }
}
