import { xyzOfRgb } from '../colour/display'
import { labOfXyz } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { whitePoint } from '../colour/white'
import type { XYZ } from '../colour/white'
import type { Spectrum } from '../colour/spectrum'
import { fromNeutral, xyzAround } from '../tone/picture/neutral'
import type { Mask, Picture } from '../tone/picture/picture'
import { lampOf } from './lamp'
import type { NeutralKey } from '../project/critique'
import { neutrals } from '../project/critique'

/** So many equal parts of the skin, dark to light, stand for a photograph. */
export const RANKS = 64
/** A square of so many pixels is one cell when there are more than enough; noise averages out in it. */
const ENOUGH = 12_000
const LEAST = 200
/** Brighter or darker than this in any channel a byte says nothing more. */
const [BURNT, BLACK] = [252, 3]

/** Where it was clicked, and what it is. */
export interface ShownNeutral {
  x: number
  y: number
  is: NeutralKey
}

/** The painted skin of a photograph: mean colours of equal parts of it, dark to light, D65, 2°. */
export interface SkinReading {
  ranks: Lab[]
  /** Whether lightness is that of the paint, since the neutral is known; else only differences of it count. */
  exposed: boolean
  /** The light it was taken in, band by band against daylight. */
  lamp: Spectrum
  /** Share of the chosen pixels that are burnt out or black. */
  lost: number
}

/** The chosen pixels without the rim, where a lens mixes the skin with what is behind it. */
export function withoutRim(mask: Mask, width: number): Mask {
  return mask.map((chosen, i) =>
    chosen && mask[i - 1] && mask[i + 1] && mask[i - width] && mask[i + width] ? 1 : 0,
  )
}

/** Squares of the picture as mean linear colours; noise must not pass for range. */
function cells({ pixels, width, height }: Picture, mask: Mask | undefined, side: number): XYZ[] {
  const found: XYZ[] = []
  for (let y = 0; y + side <= height; y += side)
    for (let x = 0; x + side <= width; x += side) {
      const sum: XYZ = [0, 0, 0]
      let whole = true
      for (let k = 0; k < side * side && whole; k++) {
        const i = (y + Math.floor(k / side)) * width + x + (k % side)
        const [r, g, b] = [pixels[4 * i]!, pixels[4 * i + 1]!, pixels[4 * i + 2]!]
        whole = !(mask && !mask[i]) && Math.max(r, g, b) < BURNT && Math.max(r, g, b) > BLACK
        const xyz = xyzOfRgb([r / 255, g / 255, b / 255])
        for (let c = 0; c < 3; c++) sum[c]! += xyz[c]! / (side * side)
      }
      if (whole) found.push(sum)
    }
  return found
}

/** Share of the chosen pixels of which a byte stands at its end. */
function lostOf({ pixels }: Picture, mask: Mask | undefined, many: number): number {
  let lost = 0
  for (let i = 0; i < pixels.length / 4; i++) {
    if (mask && !mask[i]) continue
    const most = Math.max(pixels[4 * i]!, pixels[4 * i + 1]!, pixels[4 * i + 2]!)
    if (most >= BURNT || most <= BLACK) lost++
  }
  return lost / many
}

/**
 * Reads the chosen skin of a photograph, brought under D65 by something neutral in it (linear Bradford).
 * @throws RangeError when too little is chosen, or most of it is burnt out or black.
 * @example readPaintedSkin(cardPicture, { neutral: { x: 2, y: 2, is: 'other' } }).ranks.length // 64
 */
export function readPaintedSkin(
  picture: Picture,
  { mask: given, neutral }: { mask?: Mask; neutral: ShownNeutral },
): SkinReading {
  const inner = given && withoutRim(given, picture.width)
  const mask = inner && inner.some(Boolean) ? inner : given
  const many = mask ? mask.reduce((sum, v) => sum + v, 0) : picture.width * picture.height
  if (many < LEAST)
    throw new RangeError(
      `only ${many} pixels of skin are chosen; ${LEAST} at least are needed: draw round more of it`,
    )
  const side = Math.max(1, Math.min(8, Math.floor(Math.sqrt(many / ENOUGH))))
  const found = cells(picture, mask, side)
  const lost = lostOf(picture, mask, many)
  if (found.length < LEAST / 2 || lost > 0.5)
    throw new RangeError(
      `${Math.round(100 * lost)}% of the chosen skin is burnt out or black; photograph it less or more exposed`,
    )
  const grey = xyzAround(picture, neutral.x, neutral.y)
  const correct = fromNeutral(grey)
  const known = neutrals[neutral.is]
  const gain = 'Y' in known ? known.Y / grey[1] : 1
  const white = whitePoint()
  const labs = found.map((xyz) =>
    labOfXyz(correct(xyz).map((v) => gain * v) as XYZ, white, 'D65/2'),
  )
  labs.sort((one, other) => one.L - other.L)
  return { ranks: rankMeans(labs), exposed: 'Y' in known, lamp: lampOf(grey), lost }
}

/** Means of equal parts of a sorted list. */
function rankMeans(sorted: readonly Lab[]): Lab[] {
  return Array.from({ length: RANKS }, (_, r) => {
    const from = Math.floor((r * sorted.length) / RANKS)
    const part = sorted.slice(
      from,
      Math.max(from + 1, Math.floor(((r + 1) * sorted.length) / RANKS)),
    )
    const mean = (axis: 'L' | 'a' | 'b'): number =>
      part.reduce((sum, lab) => sum + lab[axis], 0) / part.length
    return { L: mean('L'), a: mean('a'), b: mean('b') }
  })
}
