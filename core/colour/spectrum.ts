/** A sampled spectrum: 36 values, 380–730 nm by 10 nm. Reflectances are 0–1. */
export type Spectrum = Float64Array

export const BANDS = 36
export const FIRST_NM = 380
export const STEP_NM = 10

/** Centre wavelength of every band, nm. */
export const wavelengthsNm: readonly number[] = Array.from(
  { length: BANDS },
  (_, band) => FIRST_NM + band * STEP_NM,
)

/**
 * A spectrum from a function of wavelength.
 * @example spectrumOf((nm) => (nm > 580 ? 0.8 : 0.05))
 */
export function spectrumOf(value: (wavelengthNm: number, band: number) => number): Spectrum {
  return Float64Array.from(wavelengthsNm, value)
}

/**
 * The same value in every band.
 * @example flatSpectrum(0.5)[0] // 0.5
 */
export const flatSpectrum = (value: number): Spectrum => new Float64Array(BANDS).fill(value)

/**
 * Refuses anything that is not 36 finite values within the given limits.
 * @throws RangeError naming the spectrum, the wavelength and the value.
 * @example checkSpectrum(flatSpectrum(0.5), 'reflectance', 0, 1)
 */
export function checkSpectrum(
  spectrum: ArrayLike<number>,
  name: string,
  least = 0,
  greatest = Infinity,
): void {
  if (spectrum.length !== BANDS)
    throw new RangeError(
      `${name} has ${spectrum.length} values; ${BANDS} are needed, 380–730 nm by 10 nm`,
    )
  for (let i = 0; i < BANDS; i++) {
    const value = spectrum[i]!
    if (!(value >= least && value <= greatest && Number.isFinite(value)))
      throw new RangeError(
        `${name} is ${value} at ${wavelengthsNm[i]} nm; allowed is ${least} to ${greatest}`,
      )
  }
}
