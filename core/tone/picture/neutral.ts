import { adapt } from '../../colour/bradford'
import { DISPLAY_WHITE, xyzOfRgb } from '../../colour/display'
import { whitePoint } from '../../colour/white'
import type { XYZ } from '../../colour/white'
import type { Picture } from './picture'

/** Half the side of the square that a click on something neutral averages, pixels. */
const REACH = 3

/**
 * Mean colour of a small square as XYZ, in the light of the picture; bytes at their end are left out.
 * @example xyzAround(cardPicture, 2, 2)[1]
 */
export function xyzAround({ width, height, pixels }: Picture, x: number, y: number): XYZ {
  let count = 0
  const sum: XYZ = [0, 0, 0]
  for (let row = Math.max(0, y - REACH); row <= Math.min(height - 1, y + REACH); row++)
    for (let column = Math.max(0, x - REACH); column <= Math.min(width - 1, x + REACH); column++) {
      const at = 4 * (row * width + column)
      const rgb = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!] as const
      if (Math.max(...rgb) >= 254) continue
      const xyz = xyzOfRgb([rgb[0] / 255, rgb[1] / 255, rgb[2] / 255])
      for (let c = 0; c < 3; c++) sum[c]! += xyz[c]!
      count++
    }
  if (count === 0)
    throw new RangeError('this place is burnt out; click a neutral that is not white')
  return sum.map((v) => v / count) as XYZ
}

/** How a picture's colours are brought under D65. */
export interface XyzCorrection {
  /** XYZ under D65, 2° (white Y = 100) of a picture colour in XYZ. */
  (xyz: XYZ): XYZ
}

/**
 * A picture with no neutral in it is taken as it says: lit like the screen's white.
 * @example assumedDaylight(xyzOfRgb([1, 1, 1]))[1] // 100
 */
export const assumedDaylight: XyzCorrection = (xyz) => adapt(xyz, DISPLAY_WHITE, whitePoint())

/**
 * Brings the light of a picture to D65 by what a neutral looks like in it (linear Bradford, ICC.1:2022
 * Annex E). Lightness is kept: the neutral's own grey stays what it is.
 * @throws RangeError when the place is too dark to tell a colour.
 * @example fromNeutral([40, 50, 30])([40, 50, 30])[1] // 50
 */
export function fromNeutral(neutral: XYZ): XyzCorrection {
  const Y = neutral[1]
  if (!(Y > 0.5))
    throw new RangeError('this place is too dark to tell the light by; click something lighter')
  const light: XYZ = [(100 * neutral[0]) / Y, 100, (100 * neutral[2]) / Y]
  return (xyz) => adapt(xyz, light, whitePoint())
}
