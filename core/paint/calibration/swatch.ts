import { checkSpectrum, wavelengthsNm } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import type { Mixture } from '../paint'
import { BRIGHTEST } from '../surface'
import { CalibrationError } from './calibrationError'

/** A measured patch of the paint; reflectances as an instrument gives them, specular excluded. */
export type Swatch =
  /** The paint alone, so thick that nothing shows through. */
  | { kind: 'masstone'; reflectance: Spectrum }
  /** One part of the paint in this share of a mix with a white of known K and S, opaque. */
  | { kind: 'tint'; share: number; white: Mixture; reflectance: Spectrum }
  /** A film of known thickness over a ground whose own reflectance was measured. */
  | { kind: 'film'; thicknessUm: number; over: Spectrum; reflectance: Spectrum }

function reading(spectrum: Spectrum, name: string, swatch: number): void {
  try {
    checkSpectrum(spectrum, name)
  } catch (error) {
    throw new CalibrationError(`swatch ${swatch}: ${(error as Error).message}`, swatch, NaN)
  }
  const bright = spectrum.findIndex((r) => r > BRIGHTEST)
  if (bright >= 0)
    throw new CalibrationError(
      `swatch ${swatch}: ${name} is ${spectrum[bright]} at ${wavelengthsNm[bright]} nm; ` +
        `under a paint surface ${BRIGHTEST.toFixed(2)} is the most there can be`,
      swatch,
      spectrum[bright]!,
      wavelengthsNm[bright],
    )
}

function range(name: string, value: number, least: number, most: number, swatch: number): void {
  if (!(value > least && value <= most))
    throw new CalibrationError(
      `swatch ${swatch}: ${name} is ${value}; allowed is above ${least}, up to ${most}`,
      swatch,
      value,
    )
}

/** @throws CalibrationError naming the swatch (from 1) and the value that cannot be. */
export function checkSwatches(swatches: readonly Swatch[]): void {
  swatches.forEach((swatch, i) => {
    reading(swatch.reflectance, 'the reading', i + 1)
    if (swatch.kind === 'film') {
      reading(swatch.over, 'the ground', i + 1)
      range('thicknessUm', swatch.thicknessUm, 0, 10_000, i + 1)
    }
    if (swatch.kind === 'tint') range('share', swatch.share, 0, 0.999, i + 1)
  })
}
