import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import type { OpacityClass, Paint } from '../paint'
import { CalibrationError } from './calibrationError'
import { ratioOf, readingOf } from './calibratePaint'
import { fitCurves } from './fitCurves'
import { typicalScattering } from './priors'
import { checkSwatches } from './swatch'
import type { Swatch } from './swatch'

/** How far strength may be off when only colour and opacity are told (fitted to the starter paints). */
const STRENGTH = 0.5

/**
 * A paint from its colour alone and how opaque it is: the smoothest K/S with that colour and a default
 * scattering that hides as its class does (Burns 2020 for the curve). Its spread is wide.
 * @param colour a Lab (D65, 2°) that was picked, or a spectral reading of the opaque paint.
 * @throws CalibrationError when no paint could look so.
 * @example estimatePaint(flesh, 'semi-opaque', { name: 'sand' }).name // "sand"
 */
export function estimatePaint(
  colour: Lab | Spectrum,
  opacity: OpacityClass,
  about: Partial<Omit<Paint, 'K' | 'S' | 'origin' | 'opacity'>> = {},
): Paint {
  const swatch: Swatch =
    'L' in colour ? { kind: 'masstone', lab: colour } : { kind: 'masstone', reflectance: colour }
  checkSwatches([swatch])
  let reading: Spectrum
  try {
    reading = readingOf(swatch)
  } catch (error) {
    throw new CalibrationError(`swatch 1: ${(error as Error).message}`, 1, NaN)
  }
  const q = reading.map(ratioOf)
  const { K, S, spread } = fitCurves([swatch], {
    u: q.map(Math.log),
    v: typicalScattering(q, opacity).map(Math.log),
    strength: STRENGTH,
    depth: 1.5,
    stepU: 'L' in colour ? 0.16 : 0.5,
    stepV: 0.05,
  })
  return {
    id: 'estimated',
    name: 'estimated paint',
    pigments: [],
    density: 'medium',
    lightfastness: 'III',
    hazards: [],
    ...about,
    opacity,
    origin: 'estimated',
    K,
    S,
    spread,
  }
}
