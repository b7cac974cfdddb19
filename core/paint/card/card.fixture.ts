import { encode, linearRgbMatrix } from '../../colour/display'
import { xyzOf } from '../../colour/lab'
import { flatSpectrum } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { whitePoint } from '../../colour/white'
import { seeded } from '../../numbers/seeded'
import { filmReflectance } from '../film'
import { starterPaints } from '../starter'
import { homography } from './homography'
import { cornerMarks, greyBoxes, greySteps, halvesOf, PAPER, wells } from './layout'
import type { Box } from './layout'
import type { CardPicture } from './readCard'

const ink = flatSpectrum(0.04)
const paper = flatSpectrum(PAPER)
/** Ten paints drawn over the two halves of the wells. */
export const paints = [5, 8, 10, 11, 12, 24, 31, 33, 36, 38].map((i) => starterPaints[i]!)
export const seen = paints.map((paint) => ({
  black: filmReflectance(paint, { thicknessUm: 25, over: ink }),
  white: filmReflectance(paint, { thicknessUm: 25, over: paper }),
}))
export const corners = [
  { x: 90, y: 70 },
  { x: 760, y: 40 },
  { x: 800, y: 560 },
  { x: 60, y: 500 },
]
const within = (x: number, y: number, box: Box): boolean =>
  x >= box.x && x < box.x + box.width && y >= box.y && y < box.y + box.height

const random = seeded(3)
const noise = (): number => random() - 0.5

export interface Scene {
  cast: readonly [number, number, number]
  exposure: number
  /** Light at the right edge against the left. */
  fall: number
  /** A reflection on this well. */
  glare?: number
  shine?: number
}

/** A photograph of the card: perspective, a coloured and uneven light, noise of two bytes. */
export function photograph({
  cast,
  exposure,
  fall,
  glare,
  shine: strength = 0.5,
}: Scene): CardPicture {
  const [width, height] = [860, 620]
  const toCard = homography(corners, cornerMarks)
  const m = linearRgbMatrix(whitePoint())
  const colours = new Map<Spectrum, number[]>()
  const rgbOf = (surface: Spectrum): number[] => {
    let rgb = colours.get(surface)
    if (!rgb) {
      const [X, Y, Z] = xyzOf(surface)
      rgb = [0, 1, 2].map((r) => m[3 * r]! * X + m[3 * r + 1]! * Y + m[3 * r + 2]! * Z)
      colours.set(surface, rgb)
    }
    return rgb
  }
  const greys = greySteps.map((r) => flatSpectrum(r))
  const surfaceAt = (x: number, y: number): Spectrum => {
    const step = greyBoxes.findIndex((box) => within(x, y, box))
    if (step >= 0) return greys[step]!
    const well = wells.findIndex((box) => within(x, y, box))
    if (well < 0) return paper
    return within(x, y, halvesOf(wells[well]!).black) ? seen[well]!.black : seen[well]!.white
  }
  const pixels = new Uint8ClampedArray(4 * width * height)
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      const { x, y } = toCard({ x: px, y: py })
      const level = exposure * (1 + (fall - 1) * (x / 180)) * (1 - 0.0008 * y)
      const shine =
        glare !== undefined && Math.hypot(x - wells[glare]!.x - 7, y - wells[glare]!.y - 19) < 4.5
          ? strength
          : 0
      const rgb = rgbOf(surfaceAt(x, y)).map(
        (v, c) => 255 * encode(level * cast[c]! * v + shine) + 4 * noise(),
      )
      pixels.set([...rgb, 255], 4 * (py * width + px))
    }
  return { width, height, pixels }
}
