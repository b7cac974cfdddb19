import type { Mixture } from '../../paint/mixture'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { mixPaints } from '../../paint/mix'
import { infiniteReflectance } from '../../paint/opaque'
import { outside } from '../../paint/surface'

/** What a mix of some paints reads, and how that moves: one entry a part, one number a band. */
export interface Modelled {
  R: Spectrum
  /** By log K and log S of each part. */
  byK: Float64Array[]
  byS: Float64Array[]
  /** By the logarithm of its amount. */
  byAmount: Float64Array[]
}

const STEP = 1e-5

/** The reading of an opaque mix (Duncan 1940, Kubelka & Munk 1931) with its first differences, band by band. */
export function modelled(paints: readonly Mixture[], drops: readonly number[]): Modelled {
  const all = drops.reduce((a, b) => a + b, 0)
  const mix = mixPaints(paints.map((paint, p) => ({ paint, drops: drops[p]! })))
  const empty = () => paints.map(() => new Float64Array(BANDS))
  const made: Modelled = {
    R: new Float64Array(BANDS),
    byK: empty(),
    byS: empty(),
    byAmount: empty(),
  }
  for (let i = 0; i < BANDS; i++) {
    const [K, S] = [mix.K[i]!, mix.S[i]!]
    const R = outside(infiniteReflectance(K, S))
    const ofK = (outside(infiniteReflectance(K * (1 + STEP), S)) - R) / (K * STEP)
    // Only K/S counts, so that S moves it as K does, the other way.
    const ofS = (-ofK * K) / S
    made.R[i] = R
    paints.forEach((paint, p) => {
      const share = drops[p]! / all
      made.byK[p]![i] = ofK * share * paint.K[i]!
      made.byS[p]![i] = ofS * share * paint.S[i]!
      made.byAmount[p]![i] = share * (ofK * (paint.K[i]! - K) + ofS * (paint.S[i]! - S))
    })
  }
  return made
}
