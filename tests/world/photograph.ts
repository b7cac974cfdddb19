import { normals, seeded } from '../../core'
import type { Mask, Picture, Spectrum } from '../../core'
import { illuminantPower, observerBars } from '../../core/colour/white'
import type { Illuminant } from '../../core'
import { raysOf } from '../../scripts/forms/rays'

/**
 * A painted bust and its photograph, made here and not by the critic: traced by rays through a head, lit by a lamp
 * of a real spectrum that is softer on one side, seen through a lens that blurs, and a sensor with noise and bytes.
 */
const HIGH = Number(process.env.PHOTO_HIGH ?? 100)
const WIDE = Math.round(0.84 * HIGH)
const LEFT = Math.round(0.14 * HIGH)

/** What is seen in a pixel: how the painter's imagined light falls there, and how the camera's does. */
export interface Seen {
  /** Rank of the painter's light, 0 darkest to 1. */
  rank: number
  /** Light of the photograph against that on the grey card. */
  lit: number
}
const unit = (x: number, y: number, z: number): [number, number, number] => {
  const l = Math.hypot(x, y, z)
  return [x / l, y / l, z / l]
}
const KEY = unit(-0.45, 0.7, 0.55)
const CAMERA_LAMP = unit(0.15, 0.35, 1)

const { met, reaches } = await raysOf('head')
let bust: (Seen | undefined)[] | undefined
/** The bust, pixel by pixel, rows from the top; nothing where the wall is. */
function scene(): (Seen | undefined)[] {
  if (bust) return bust
  const levels: { at: number; level: number; lit: number }[] = []
  for (let py = 0; py < HIGH; py++)
    for (let px = LEFT; px < WIDE; px++) {
      const x = (2 * (px - LEFT + 0.5 - (WIDE - LEFT) / 2)) / HIGH
      const seen = met(1.02 * x, 1.02 * (1 - (2 * (py + 0.5)) / HIGH))
      if (!seen) continue
      const { n } = seen
      const facing = (to: readonly number[]) =>
        Math.max(0, n[0] * to[0]! + n[1] * to[1]! + n[2] * to[2]!)
      const open = (reaches(seen, n) + reaches(seen, [0, 0, 1])) / 2
      levels.push({
        at: py * WIDE + px,
        level: 0.7 * facing(KEY) * reaches(seen, KEY) + 0.3 * open * (0.6 + 0.4 * n[1]),
        lit: 0.8 + 0.12 * open + 0.08 * facing(CAMERA_LAMP),
      })
    }
  bust = new Array<Seen | undefined>(WIDE * HIGH)
  levels.sort((one, other) => one.level - other.level)
  levels.forEach(({ at, lit }, i) => (bust![at] = { rank: (i + 0.5) / levels.length, lit }))
  return bust
}

/** Paint on one step of the ladder, and the share of the skin it was given. */
export interface PaintedStep {
  spectrum: Spectrum
  share: number
}

export interface Lamp {
  light: Illuminant
  /** Share of a green-tinted tube in it, 0–1. */
  tube: number
  /** Against the exposure that makes white paper white. */
  exposure: number
  /** Standard deviation of the sensor, in bytes. */
  noise: number
}

/** sRGB from XYZ (IEC 61966-2-1), by the matrix printed there. */
const toRgb = ([X, Y, Z]: readonly number[]): number[] =>
  [
    3.2406 * X! - 1.5372 * Y! - 0.4986 * Z!,
    -0.9689 * X! + 1.8758 * Y! + 0.0415 * Z!,
    0.0557 * X! - 0.204 * Y! + 1.057 * Z!,
  ].map((v) => Math.min(1, Math.max(0, v)))
const encoded = (v: number): number =>
  255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)

/** XYZ of a surface under the lamp, 1 = what a perfect white gives at exposure 1. */
function underLamp({ light, tube, exposure }: Lamp): (spectrum: Spectrum) => number[] {
  const power = illuminantPower[light].map(
    (value, i) => (1 - tube) * value + tube * 4 * illuminantPower.F11[i]!,
  )
  const bars = observerBars[2]
  const white = bars[1]!.reduce((sum, y, i) => sum + y * power[i]!, 0)
  // The tables go by 5 nm from 380, reflectances by 10 to 730; the last is held.
  const at = (spectrum: Spectrum, i: number): number => {
    const k = Math.min(35, i / 2)
    return (spectrum[Math.floor(k)]! + spectrum[Math.ceil(k)]!) / 2
  }
  return (spectrum) =>
    bars.map(
      (bar) =>
        (exposure * bar.reduce((sum, v, i) => sum + v * power[i]! * at(spectrum, i), 0)) / white,
    )
}

/** The steps' paint at a rank of light, feathered for a tenth of a step on either side of an edge. */
export function paintAt(steps: readonly PaintedStep[], rank: number): Spectrum {
  let from = 0
  for (let k = 0; k < steps.length; k++) {
    const [step, next] = [steps[k]!, steps[k + 1]]
    const end = from + step.share
    const feather = next ? 0.1 * Math.min(step.share, next.share) : 0
    if (!next || rank < end - feather) return step.spectrum
    if (rank < end + feather) {
      const into = (rank - end + feather) / (2 * feather)
      return step.spectrum.map((v, i) => v + into * (next.spectrum[i]! - v))
    }
    from = end
  }
  throw new RangeError('a ladder has a step')
}

export interface Photograph {
  picture: Picture
  mask: Mask
  /** A place on the grey card of 18 %. */
  card: { x: number; y: number }
}

/** The photograph of what lies at every pixel of the bust. */
export function photographOf(
  paint: (seen: Seen) => Spectrum,
  lamp: Lamp,
  seed: number,
): Photograph {
  const random = seeded(seed)
  const normal = normals(random)
  const see = underLamp(lamp)
  const known = new Map<Spectrum, number[]>()
  const xyzOf = (spectrum: Spectrum): number[] => {
    const found = known.get(spectrum) ?? see(spectrum)
    known.set(spectrum, found)
    return found
  }
  const grey = see(new Float64Array(36).fill(0.18))
  const wall = see(new Float64Array(36).fill(0.32))
  const seen = scene()
  const linear = Array.from({ length: WIDE * HIGH }, (_, i) => {
    const spot = seen[i]
    if (spot) return xyzOf(paint(spot)).map((v) => v * spot.lit)
    return i % WIDE < LEFT - 2 ? grey : wall
  })
  const pixels = new Uint8ClampedArray(4 * WIDE * HIGH)
  for (let y = 0; y < HIGH; y++)
    for (let x = 0; x < WIDE; x++) {
      // The lens: a pixel is three parts itself, five parts its four neighbours.
      const around = [
        [0, 0, 3],
        [1, 0, 1.25],
        [-1, 0, 1.25],
        [0, 1, 1.25],
        [0, -1, 1.25],
      ] as const
      const blurred = [0, 0, 0]
      for (const [dx, dy, weight] of around) {
        const at =
          Math.min(HIGH - 1, Math.max(0, y + dy)) * WIDE + Math.min(WIDE - 1, Math.max(0, x + dx))
        linear[at]!.forEach((v, c) => (blurred[c]! += (weight * v) / 8))
      }
      const at = 4 * (y * WIDE + x)
      toRgb(blurred).forEach((v, c) => {
        pixels[at + c] = encoded(v) + lamp.noise * normal()
      })
      pixels[at + 3] = 255
    }
  const mask = Uint8Array.from(seen, (spot) => (spot ? 1 : 0))
  const card = { x: LEFT >> 1, y: HIGH >> 1 }
  return { picture: { width: WIDE, height: HIGH, pixels }, mask, card }
}
