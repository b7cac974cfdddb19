import { spectrumOf } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { extinctionHb, extinctionHbO2 } from './data/haemoglobin'

/** Absorption coefficients in cm⁻¹, 36 values. */

/** Inside a melanosome: 6.6·10¹¹ λ⁻³·³³ (Jacques 1998, Oregon Medical Laser Center). */
export const melanosome: Spectrum = spectrumOf((nm) => 6.6e11 * nm ** -3.33)

/** Skin without melanin or blood: 0.244 + 85.3 e^(−(λ−154)/66.2) (Jacques 1998). */
export const baseline: Spectrum = spectrumOf((nm) => 0.244 + 85.3 * Math.exp(-(nm - 154) / 66.2))

/** Whole blood of 150 g/L haemoglobin: µa = 2.303 ε c / M (Prahl's compilation). */
const perExtinction = (2.303 * 150) / 64500
export const oxygenatedBlood: Spectrum = Float64Array.from(extinctionHbO2, (e) => e * perExtinction)
export const deoxygenatedBlood: Spectrum = Float64Array.from(extinctionHb, (e) => e * perExtinction)

/** Three vibronic bands at 426, 452, 482 nm; height in 10⁵ cm⁻¹/M, shape and height from memory. */
const carotenoid = (nm: number): number =>
  0.9 * Math.exp(-(((nm - 426) / 14) ** 2) / 2) +
  1.3 * Math.exp(-(((nm - 452) / 13) ** 2) / 2) +
  1.1 * Math.exp(-(((nm - 482) / 12) ** 2) / 2)
/** Carotene at 1 µM, cm⁻¹. */
export const carotenePerUm: Spectrum = spectrumOf((nm) => 2.303 * carotenoid(nm) * 1e5 * 1e-6)

/** Biliverdin as in an old bruise, 1 µM, cm⁻¹: bands near 385 and 660 nm, from memory. */
export const biliverdinPerUm: Spectrum = spectrumOf(
  (nm) =>
    2.303 *
    (0.5 * Math.exp(-(((nm - 385) / 35) ** 2) / 2) +
      0.16 * Math.exp(-(((nm - 660) / 55) ** 2) / 2)) *
    1e5 *
    1e-6,
)

/** Reduced scattering of skin, cm⁻¹: 2·10⁵ λ⁻¹·⁵ + 2·10¹² λ⁻⁴ (Jacques 1998). */
export const reducedScattering: Spectrum = spectrumOf((nm) => 2e5 * nm ** -1.5 + 2e12 * nm ** -4)
