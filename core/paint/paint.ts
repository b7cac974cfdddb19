import type { Spectrum } from '../colour/spectrum'

/** Absorption and scattering of a paint or mix as it comes from the bottle, mm⁻¹, 380–730 nm by 10. */
export interface Mixture {
  K: Spectrum
  S: Spectrum
}

export type OpacityClass = 'opaque' | 'semi-opaque' | 'semi-transparent' | 'transparent'
export type DensityClass = 'light' | 'medium' | 'heavy'
export type Origin = 'modelled from memory' | 'mixed' | 'calibrated'

/** One bottle. `pigments` are Colour Index names, such as PR101. */
export interface Paint extends Mixture {
  id: string
  name: string
  pigments: string[]
  origin: Origin
  opacity: OpacityClass
  density: DensityClass
  /** ASTM D4303 class, I excellent to V very poor; from memory. */
  lightfastness: 'I' | 'II' | 'III' | 'IV' | 'V'
  /** Keys into `cautions`. */
  hazards: HazardKey[]
}

export type HazardKey = 'cadmium' | 'cobalt' | 'chromium' | 'manganese' | 'vanadium' | 'copper'
