import type { Mixture } from './mixture'
import type { Spectrum } from '../colour/spectrum'
import { outside } from './surface'
import type { Finish } from './surface'

/**
 * Reflectance inside an endlessly thick film: R∞ = 1 + K/S − √((K/S)² + 2K/S), written without the
 * difference so that it holds for K or S near zero (Kubelka 1948, J. Opt. Soc. Am. 38, 448).
 * With neither absorption nor scattering there is nothing to see: 0.
 */
export function infiniteReflectance(K: number, S: number): number {
  const bulk = S + K + Math.sqrt(K * (K + 2 * S))
  return bulk > 0 ? S / bulk : 0
}

/**
 * What an instrument measures on an opaque coat, 36 values 0–1, specular excluded.
 * @param finish the varnish; `gloss` when not given.
 * @example labOf(opaqueReflectance(ochre)).L
 */
export function opaqueReflectance(mixture: Mixture, finish: Finish = 'gloss'): Spectrum {
  const { K, S } = mixture
  return K.map((k, i) => outside(infiniteReflectance(k, S[i]!), finish))
}
