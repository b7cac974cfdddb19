import { BANDS, wavelengthsNm } from '../../colour/spectrum'
import { contrastRatio } from '../hiding'
import type { Mixture, OpacityClass, Paint } from '../paint'
import { inside } from '../surface'
import { CalibrationError } from './calibrationError'
import { solveFilm } from './solveFilm'
import { checkSwatches } from './swatch'
import type { Swatch } from './swatch'

type Tint = Extract<Swatch, { kind: 'tint' }>
type Film = Extract<Swatch, { kind: 'film' }>

/** K/S of an opaque coat from what is seen of it (Kubelka & Munk 1931). */
export const ratioOf = (seen: number): number => {
  const r = Math.max(1e-6, inside(seen))
  return (1 - r) ** 2 / (2 * r)
}

/**
 * K and S from masstone and tint: with q = K/S of the paint and t of a tint of share c in a white
 * Kw, Sw, c·S·(q − t) = (1 − c)(t·Sw − Kw). Bands where paint and white look alike say little, so
 * every tint counts with the square of q − t, and neighbours fill in what is left open.
 */
function fromTints(masstone: Swatch, tints: readonly Tint[], places: readonly number[]): Mixture {
  const q = masstone.reflectance.map(ratioOf)
  const S = new Float64Array(BANDS)
  const weight = new Float64Array(BANDS)
  tints.forEach(({ share, white, reflectance }, k) => {
    for (let i = 0; i < BANDS; i++) {
      const t = ratioOf(reflectance[i]!)
      const gap = share * (q[i]! - t)
      const brought = (1 - share) * (t * white.S[i]! - white.K[i]!)
      if (brought <= 0 || gap <= 0) {
        if (q[i]! > 1 && gap <= 0)
          throw new CalibrationError(
            `swatch ${places[k]}: the tint reads ${reflectance[i]} at ${wavelengthsNm[i]} nm, darker than the paint itself`,
            places[k]!,
            reflectance[i]!,
            wavelengthsNm[i],
          )
        continue
      }
      const trust = (gap / (t + 0.01)) ** 2
      S[i]! += trust * Math.log(brought / gap)
      weight[i]! += trust
    }
  })
  if (!weight.some((w) => w > 0))
    throw new CalibrationError(
      `swatch ${places[0]}: the tint looks no different from the paint, so its strength cannot be told`,
      places[0]!,
      NaN,
    )
  // A weak pull toward the neighbours, in logarithms: S of real pigments changes slowly.
  const pull = 1e-3 * Math.max(...weight)
  const log = S.map((sum, i) => (weight[i]! > 0 ? sum / weight[i]! : NaN))
  const known = log.filter(Number.isFinite)
  const mean = known.reduce((sum, v) => sum + v, 0) / known.length
  const smooth = log.map((v) => (Number.isFinite(v) ? v : mean))
  for (let pass = 0; pass < 400; pass++)
    for (let i = 0; i < BANDS; i++) {
      const sides = [smooth[i - 1], smooth[i + 1]].filter((v) => v !== undefined)
      smooth[i] =
        (S[i]! + pull * sides.reduce((sum, v) => sum + v, 0)) / (weight[i]! + pull * sides.length)
    }
  const scattering = smooth.map(Math.exp)
  return { K: scattering.map((s, i) => s * q[i]!), S: scattering }
}

function fromFilms(one: Film, other: Film, place: number): Mixture {
  if (one.thicknessUm !== other.thicknessUm)
    throw new CalibrationError(
      `swatch ${place}: the films are ${one.thicknessUm} and ${other.thicknessUm} µm thick; one thickness is needed`,
      place,
      other.thicknessUm,
    )
  const K = new Float64Array(BANDS)
  const S = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const reading = ({ over, reflectance }: Film) => ({
      ground: inside(over[i]!),
      seen: inside(reflectance[i]!),
    })
    try {
      const solved = solveFilm(reading(one), reading(other), one.thicknessUm / 1000)
      K[i] = solved.K
      S[i] = solved.S
    } catch (error) {
      throw new CalibrationError(
        `swatch ${place}: at ${wavelengthsNm[i]} nm ${(error as Error).message}`,
        place,
        other.reflectance[i]!,
        wavelengthsNm[i],
      )
    }
  }
  return { K, S }
}

function solved(swatches: readonly Swatch[]): Mixture {
  const films = swatches.filter((one): one is Film => one.kind === 'film')
  if (films.length === 2) return fromFilms(films[0]!, films[1]!, swatches.indexOf(films[1]!) + 1)
  const masstone = swatches.find(({ kind }) => kind === 'masstone')
  const tints = swatches.filter((one): one is Tint => one.kind === 'tint')
  if (masstone && tints.length > 0)
    return fromTints(
      masstone,
      tints,
      tints.map((tint) => swatches.indexOf(tint) + 1),
    )
  throw new CalibrationError(
    'a paint needs a masstone and a tint, or the same film over two grounds',
    swatches.length,
    swatches.length,
  )
}

/** Least contrast ratio of a 10 µm coat for each class; common practice, no source. */
const opacityOf = (mixture: Mixture): OpacityClass => {
  const hides = contrastRatio(mixture, 10)
  return hides > 0.4
    ? 'opaque'
    : hides > 0.2
      ? 'semi-opaque'
      : hides > 0.1
        ? 'semi-transparent'
        : 'transparent'
}

/**
 * A paint from measured swatches: a masstone and one or more tints with a known white, or the same
 * film over two grounds. K and S in mm⁻¹.
 * @param about what is known of the bottle; without it the paint is called "calibrated paint".
 * @throws CalibrationError naming the swatch (from 1) and the value that cannot be.
 * @example calibratePaint([{ kind: 'masstone', reflectance }, { kind: 'tint', share: 0.1, white, reflectance: paler }])
 */
export function calibratePaint(
  swatches: readonly Swatch[],
  about: Partial<Omit<Paint, 'K' | 'S' | 'origin'>> = {},
): Paint {
  checkSwatches(swatches)
  const mixture = solved(swatches)
  return {
    id: 'calibrated',
    name: 'calibrated paint',
    pigments: [],
    opacity: opacityOf(mixture),
    density: 'medium',
    lightfastness: 'III',
    hazards: [],
    ...about,
    origin: 'calibrated',
    ...mixture,
  }
}
