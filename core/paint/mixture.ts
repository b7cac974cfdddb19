import type { Spectrum } from '../colour/spectrum'
/** Absorption and scattering of a paint or mix as it comes from the bottle, mm⁻¹, 380–730 nm by 10. */
export interface Mixture {
  K: Spectrum
  S: Spectrum
}
