import { withStrength } from '../uncertainty/spread'
import { smoothestReflectance } from '../../colour/smoothest'
import { BANDS, wavelengthsNm } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { opacityOf } from '../hiding'
import { opaqueReflectance } from '../opaque'
import type { Paint } from '../paint'
import { inside } from '../surface'
import { CalibrationError } from './calibrationError'
import { fitCurves } from './fitCurves'
import type { Prior } from './fitCurves'
import { readingNoise } from './noise'
import { solveFilm } from './solveFilm'
import { checkSwatches } from './swatch'
import type { Swatch } from './swatch'

/** K/S of an opaque coat from what is seen of it (Kubelka & Munk 1931). */
export const ratioOf = (seen: number): number => {
  const r = Math.max(1e-6, inside(seen))
  return Math.max(1e-6, (1 - r) ** 2 / (2 * r))
}

/** Readings of a swatch, or the smoothest curve of its colour. */
export const readingOf = ({ reflectance, lab }: Swatch): Spectrum =>
  reflectance ?? smoothestReflectance(lab!)

/** Further off than so many standard deviations, and than so much, a reading cannot be explained. */
const SIGMAS = 12
const LEAST_GAP = 0.05
/** And than so many deviations of what another white would do. */
const WHITES = 3
/** A tint darker than the paint by more than reading it twice may be off is a mix-up. */
const DARKER = 0.02

/** Readings of a very dark paint are mostly noise; a start darker than this would find no way back. */
const DARKEST = 0.003

/** Scattering, mm⁻¹, of the middle of all paints at 550 nm, and its fall; a wide guess, from memory. */
const MIDDLE_S = 35
const MIDDLE_FALLS = 0.8

/** A film is told thicker or thinner than it is by a quarter (from our trials). */
const THICKNESS_DOUBT = 0.25

type Film = Extract<Swatch, { kind: 'film' }>

/** log(K/S) to start from: the masstone's, or what the films themselves give band by band. */
function firstGuess(swatches: readonly Swatch[]): Float64Array {
  const masstone = swatches.find(({ kind }) => kind === 'masstone')
  if (masstone) return readingOf(masstone).map((r) => Math.log(ratioOf(Math.max(DARKEST, r))))
  const [one, other] = swatches.filter((s): s is Film => s.kind === 'film') as [Film, Film]
  const [r1, r2] = [readingOf(one), readingOf(other)]
  return Float64Array.from({ length: BANDS }, (_, i) => {
    try {
      const { K, S } = solveFilm(
        { ground: inside(one.over[i]!), seen: inside(r1[i]!) },
        { ground: inside(other.over[i]!), seen: inside(r2[i]!) },
        one.thicknessUm / 1000,
      )
      return Math.log(Math.min(1e4, Math.max(1e-4, (K + 1e-3) / (S + 1e-3))))
    } catch {
      return Math.log(ratioOf(Math.max(r1[i]!, r2[i]!)))
    }
  })
}

/** A masstone with a tint, or one film over two grounds; anything more only sharpens it. */
function checkEnough(swatches: readonly Swatch[]): void {
  const films = swatches.filter((one): one is Film => one.kind === 'film')
  const tinted = swatches.some(({ kind }) => kind === 'tint')
  const neat = swatches.some(({ kind }) => kind === 'masstone')
  if (!(films.length >= 2 || (neat && (tinted || films.length > 0))))
    throw new CalibrationError(
      'a paint needs a masstone and a tint, or the same film over two grounds',
      swatches.length,
      swatches.length,
    )
  const odd = films.find(({ thicknessUm }) => thicknessUm !== films[0]!.thicknessUm)
  if (odd && films.length === 2)
    throw new CalibrationError(
      `swatch ${swatches.indexOf(odd) + 1}: the films are ${films[0]!.thicknessUm} and ${odd.thicknessUm} µm thick; one thickness is needed`,
      swatches.indexOf(odd) + 1,
      odd.thicknessUm,
    )
}

/** White only lightens: a tint darker than the neat paint, where that is darker than the white, is a mix-up. */
function checkTints(swatches: readonly Swatch[]): void {
  const neat = swatches.find((one) => one.kind === 'masstone' && one.reflectance)?.reflectance
  if (!neat) return
  swatches.forEach((swatch, s) => {
    if (swatch.kind !== 'tint' || !swatch.reflectance) return
    const white = opaqueReflectance(swatch.white)
    const at = swatch.reflectance.findIndex((r, i) => r < neat[i]! - DARKER && neat[i]! < white[i]!)
    if (at < 0) return
    throw new CalibrationError(
      `swatch ${s + 1}: the tint reads ${swatch.reflectance[at]} at ${wavelengthsNm[at]} nm, darker than the paint itself`,
      s + 1,
      swatch.reflectance[at]!,
      wavelengthsNm[at],
    )
  })
}

/** Refuses readings that no paint could have given together, by the one that is furthest off. */
function checkExplained(
  swatches: readonly Swatch[],
  predicted: readonly Spectrum[],
  doubts: readonly Spectrum[],
): void {
  swatches.forEach((swatch, s) => {
    swatch.reflectance?.forEach((r, i) => {
      const gap = Math.abs(r - predicted[s]![i]!)
      if (gap < Math.max(LEAST_GAP, SIGMAS * readingNoise(r), WHITES * doubts[s]![i]!)) return
      const why = {
        masstone: 'no paint reads so neat and as the other swatches do',
        tint: `the tint reads ${r}; no share of the paint in this white does so`,
        film: `it reads ${r}; no film of one thickness does this and the other reading`,
      }[swatch.kind]
      throw new CalibrationError(
        `swatch ${s + 1}: at ${wavelengthsNm[i]} nm ${why}`,
        s + 1,
        r,
        wavelengthsNm[i],
      )
    })
  })
}

/**
 * A paint from measured swatches: a masstone and one or more tints with a known white, or the same
 * film over two grounds; spectral readings or colours. K and S in mm⁻¹, with the spread that the noise
 * of the readings leaves.
 * @param about what is known of the bottle; without it the paint is called "calibrated paint".
 * @throws CalibrationError naming the swatch (from 1) and the value that cannot be.
 * @example calibratePaint([
 *   { kind: 'masstone', reflectance: opaqueReflectance(ochre) },
 *   { kind: 'tint', share: 0.1, white, reflectance: opaqueReflectance(mixPaints([{ paint: white, drops: 9 }, { paint: ochre, drops: 1 }])) },
 * ]).K.length // 36
 */
export function calibratePaint(
  swatches: readonly Swatch[],
  about: Partial<Omit<Paint, 'K' | 'S' | 'origin'>> = {},
): Paint {
  checkSwatches(swatches)
  checkEnough(swatches)
  checkTints(swatches)
  const spectral = swatches.every(({ reflectance }) => reflectance)
  const prior: Prior = {
    u: firstGuess(swatches),
    v: Float64Array.from(wavelengthsNm, (nm) => Math.log(MIDDLE_S * (nm / 550) ** -MIDDLE_FALLS)),
    strength: 0.6,
    depth: 4,
    stepU: spectral ? 0.4 : 0.12,
    stepV: 0.015,
  }
  const { K, S, spread: read, predicted, doubts } = fitCurves(swatches, prior)
  checkExplained(swatches, predicted, doubts)
  // Without a tint the strength rests on how thick the film is said to be.
  const tinted = swatches.some(({ kind }) => kind === 'tint')
  const spread = tinted ? read : withStrength(read, THICKNESS_DOUBT)
  return {
    id: 'calibrated',
    name: 'calibrated paint',
    pigments: [],
    opacity: opacityOf({ K, S }),
    hazards: [],
    ...about,
    origin: 'calibrated',
    K,
    S,
    spread,
  }
}
