import { linearRgbMatrix } from '../../colour/display'
import { fInverse } from '../../colour/lab'
import { whitePoint } from '../../colour/white'
import { byteOfLinear } from './encodeTable'
import { reachableChroma } from './gamut'
import type { Gamut } from './gamut'

/** Lightness from the top down: 95 to 5. */
export const HIDE_TOP_L = 95
export const HIDE_BOTTOM_L = 5

/** Distance between hatch lines, pixels. */
const HATCH = 9

export interface HideField {
  width: number
  height: number
  /** RGBA, hue 0–360° to the right, lightness falling downward. */
  pixels: Uint8ClampedArray
  /** Share of the field that the paints reach, 0–1. */
  reached: number
}

/**
 * The field of hides at one chroma: every pixel is its colour, hatched where no mix of the paints
 * comes to it; where the screen cannot show it, it is cut to sRGB.
 * @example hideField(20, mixGamut(box), 8, 6).pixels.length // 192
 */
export function hideField(chroma: number, gamut: Gamut, width: number, height: number): HideField {
  const pixels = new Uint8ClampedArray(4 * width * height)
  const white = whitePoint()
  const m = linearRgbMatrix(white)
  // f values of Lab: fx = fy + a/500, fz = fy − b/200; only fy changes from row to row.
  const shift = Float64Array.from({ length: 2 * width }, (_, i) => {
    const angle = (2 * Math.PI * (i >> 1)) / (width - 1)
    return i % 2 === 0 ? (chroma * Math.cos(angle)) / 500 : (-chroma * Math.sin(angle)) / 200
  })
  let reached = 0
  // Own names, as these run once a pixel.
  const [root, byteOf, reach] = [fInverse, byteOfLinear, reachableChroma]
  for (let y = 0, out = 0; y < height; y++) {
    const L = HIDE_TOP_L + ((HIDE_BOTTOM_L - HIDE_TOP_L) * y) / (height - 1)
    const fy = (L + 16) / 116
    const Y = white[1] * root(fy)
    for (let x = 0; x < width; x++, out += 4) {
      const X = white[0] * root(fy + shift[2 * x]!)
      const Z = white[2] * root(fy + shift[2 * x + 1]!)
      const within = chroma <= reach(gamut, L, (360 * x) / (width - 1)) + 1
      if (within) reached++
      // A hatch line is a shade of the colour itself, so that the ground stays readable.
      const line = !within && (x + y) % HATCH < 2
      const gain = line && L > 45 ? 0.45 : 1
      const lift = line && L <= 45 ? 0.08 : 0
      for (let c = 0; c < 3; c++) {
        const v = m[3 * c]! * X + m[3 * c + 1]! * Y + m[3 * c + 2]! * Z
        pixels[out + c] = byteOf(Math.min(1, Math.max(0, v)) * gain + lift)
      }
      pixels[out + 3] = 255
    }
  }
  return { width, height, pixels, reached: reached / (width * height) }
}
