import { adapt, apply, inverse } from './bradford'
import { xyzOfLab } from './lab'
import type { Lab } from './lab'
import { whitePoint } from './white'
import type { Illuminant, Observer, XYZ } from './white'

export type DisplaySpace = 'srgb' | 'display-p3'

/** A colour ready for the screen. `inGamut` false: the screen cannot show it and `rgb` is the nearest cut. */
export interface DisplayColour {
  /** Encoded components 0–1, cut to the gamut. */
  rgb: [number, number, number]
  inGamut: boolean
}

/** Chromaticities of red, green, blue: IEC 61966-2-1; SMPTE EG 432-1 for P3. */
const PRIMARIES: Record<DisplaySpace, readonly (readonly [number, number])[]> = {
  srgb: [
    [0.64, 0.33],
    [0.3, 0.6],
    [0.15, 0.06],
  ],
  'display-p3': [
    [0.68, 0.32],
    [0.265, 0.69],
    [0.15, 0.06],
  ],
}

/** Both spaces share the D65 chromaticity 0.3127, 0.3290. White Y = 100. */
export const DISPLAY_WHITE: XYZ = [(100 * 0.3127) / 0.329, 100, (100 * 0.3583) / 0.329]

function toXyz(space: DisplaySpace): readonly XYZ[] {
  const columns = PRIMARIES[space].map(([x, y]) => [x / y, 1, (1 - x - y) / y] as XYZ)
  const rows = [0, 1, 2].map((r) => columns.map((c) => c[r]!) as XYZ)
  const gains = apply(inverse(rows), DISPLAY_WHITE)
  return rows.map((row) => row.map((value, i) => value * gains[i]!) as XYZ)
}

const TO_XYZ = { srgb: toXyz('srgb'), 'display-p3': toXyz('display-p3') }
const FROM_XYZ = { srgb: inverse(TO_XYZ.srgb), 'display-p3': inverse(TO_XYZ['display-p3']) }

/** IEC 61966-2-1 transfer curve, odd beyond zero so that out-of-gamut values survive. */
export const encode = (v: number): number =>
  Math.abs(v) <= 0.0031308 ? 12.92 * v : Math.sign(v) * (1.055 * Math.abs(v) ** (1 / 2.4) - 0.055)

export const linearOf = (v: number): number =>
  Math.abs(v) <= 0.04045 ? v / 12.92 : Math.sign(v) * ((Math.abs(v) + 0.055) / 1.055) ** 2.4

/** Linear components, 1 = display white, from tristimulus values under the display's white. */
export const linearRgbOfXyz = (xyz: XYZ, space: DisplaySpace = 'srgb'): XYZ =>
  apply(FROM_XYZ[space], xyz)

/**
 * The nine numbers, row by row, that take tristimulus values under a white straight to linear sRGB,
 * Bradford adaptation included; for hot loops.
 */
export function linearRgbMatrix(white: XYZ): Float64Array {
  const columns = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((unit) => linearRgbOfXyz(adapt([...unit], white, DISPLAY_WHITE)))
  return Float64Array.from({ length: 9 }, (_, i) => columns[i % 3]![Math.floor(i / 3)]!)
}

/**
 * Tristimulus values of encoded components.
 * @example xyzOfRgb([1, 1, 1])[1] // 100
 */
export const xyzOfRgb = (
  rgb: readonly [number, number, number],
  space: DisplaySpace = 'srgb',
): XYZ => apply(TO_XYZ[space], rgb.map(linearOf) as XYZ)

/** White point a Lab was computed under; D65/2 when it does not say. */
export function whiteOfLab(lab: Lab): XYZ {
  const [illuminant, observer] = (lab.white ?? 'D65/2').split('/')
  return whitePoint(illuminant as Illuminant, Number(observer) as Observer)
}

/**
 * Encoded components without a cut, adapted from the colour's own white to the display's.
 * @example rgbOfLab({ L: 0, a: 0, b: 0 })[0] // 0
 */
export function rgbOfLab(lab: Lab, space: DisplaySpace = 'srgb'): [number, number, number] {
  const white = whiteOfLab(lab)
  const xyz = adapt(xyzOfLab(lab, white), white, DISPLAY_WHITE)
  return linearRgbOfXyz(xyz, space).map(encode) as XYZ
}

/**
 * Screen colour of a Lab with its gamut flag; a rounding slack of 0.0005 counts as inside.
 * @example displayColour({ L: 50, a: 90, b: 70 }).inGamut // false
 */
export function displayColour(lab: Lab, space: DisplaySpace = 'srgb'): DisplayColour {
  const raw = rgbOfLab(lab, space)
  return {
    rgb: raw.map((v) => Math.min(1, Math.max(0, v))) as [number, number, number],
    inGamut: raw.every((v) => v >= -0.0005 && v <= 1.0005),
  }
}

/**
 * `#rrggbb` of a Lab, cut to sRGB.
 * @example hexOfLab({ L: 100, a: 0, b: 0 }) // "#ffffff"
 */
export function hexOfLab(lab: Lab): string {
  const parts = displayColour(lab).rgb.map((v) => Math.round(v * 255))
  return '#' + parts.map((v) => v.toString(16).padStart(2, '0')).join('')
}
