import type { Mixture } from '../mixture'
import type { Lab } from '../../colour/lab'
import { checkSpectrum, wavelengthsNm } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { BRIGHTEST } from '../surface'
import type { ColourSource } from './noise'
import { CalibrationError } from './calibrationError'

/** How a patch looks: a spectral reading as an instrument gives it, specular excluded, or a colour. */
export interface SwatchReading {
  reflectance?: Spectrum
  /** D65, 2°; used when there is no reflectance. */
  lab?: Lab
  /** Where the colour comes from; a photograph with something grey in it when not given. */
  source?: ColourSource
}

/** A measured patch of the paint. */
export type Swatch = SwatchReading &
  (
    | /** The paint alone, so thick that nothing shows through. */ { kind: 'masstone' }
    | /** This share of the paint in a mix with a white of known K and S, opaque. */ {
        kind: 'tint'
        share: number
        white: Mixture
      }
    | /** A film of known thickness over a ground whose own reflectance was measured. */ {
        kind: 'film'
        thicknessUm: number
        over: Spectrum
      }
  )

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

function colour(lab: Lab | undefined, swatch: number): void {
  if (!lab)
    throw new CalibrationError(
      `swatch ${swatch}: it has neither a spectrum nor a colour`,
      swatch,
      NaN,
    )
  if (lab.white && lab.white !== 'D65/2')
    throw new CalibrationError(
      `swatch ${swatch}: its colour is under ${lab.white}; D65/2 is needed`,
      swatch,
      NaN,
    )
  const odd =
    [lab.L, lab.a, lab.b].find((v) => !Number.isFinite(v)) ??
    (lab.L < 0 || lab.L > 100 ? lab.L : undefined)
  if (odd !== undefined)
    throw new CalibrationError(`swatch ${swatch}: ${odd} is no value of a colour`, swatch, odd)
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
    if (swatch.reflectance) reading(swatch.reflectance, 'the reading', i + 1)
    else colour(swatch.lab, i + 1)
    if (swatch.kind === 'film') {
      reading(swatch.over, 'the ground', i + 1)
      range('thicknessUm', swatch.thicknessUm, 0, 10_000, i + 1)
    }
    if (swatch.kind === 'tint') range('share', swatch.share, 0, 0.999, i + 1)
  })
}
