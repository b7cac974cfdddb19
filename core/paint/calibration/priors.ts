import { bisect, geometric } from '../../numbers/bisect'
import { wavelengthsNm } from '../../colour/spectrum'
import { contrastRatio } from '../hiding'
import type { OpacityClass } from '../paint'

/** Contrast ratio of a 10 µm coat in the middle of each class; common practice, no source. */
const TYPICAL_HIDING: Record<OpacityClass, number> = {
  opaque: 0.62,
  'semi-opaque': 0.28,
  'semi-transparent': 0.14,
  transparent: 0.055,
}

/** S falls with wavelength, by about its power −0.8 over many pigments; from memory. */
const FALLS = 0.8
const scatteringShape = wavelengthsNm.map((nm) => (nm / 550) ** -FALLS)

/**
 * Default scattering, mm⁻¹, of a paint of known K/S that hides as its class does: S is the smooth
 * default shape, scaled until the contrast ratio is right.
 */
export function typicalScattering(q: ArrayLike<number>, opacity: OpacityClass): Float64Array {
  const at = (scale: number): { K: Float64Array; S: Float64Array } => {
    const S = Float64Array.from(scatteringShape, (s) => s * scale)
    return { K: S.map((s, i) => s * q[i]!), S }
  }
  const hides = (scale: number): boolean => contrastRatio(at(scale), 10) >= TYPICAL_HIDING[opacity]
  const { low, high } = bisect(0.05, 1000, hides, 40, geometric)
  return at(geometric(low, high)).S
}
