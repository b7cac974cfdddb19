import { linearOf, DISPLAY_WHITE, xyzOfRgb, encode } from '../../colour/display'
import { adapt } from '../../colour/bradford'
import { labOfXyz } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { solve } from '../../numbers/solve'
import { whitePoint } from '../../colour/white'
import { homography } from './homography'
import type { PagePoint } from './homography'
import { cornerMarks, greyBoxes, greySteps, halvesOf, PAPER, paperSpots, wells } from './layout'
import type { CardBox } from './layout'

/** sRGB bytes, RGBA, rows from the top. */
export interface CardPicture {
  width: number
  height: number
  pixels: Uint8ClampedArray
}

export type WellTrouble = 'clipped' | 'glare' | 'outside the picture'

export interface WellReading {
  /** From 0, row by row. */
  well: number
  /** D65, 2°; what lies over the black half and over the white half. */
  overBlack: Lab
  overWhite: Lab
  troubles: WellTrouble[]
}

export interface CardReading {
  wells: WellReading[]
  /** In words: uneven light, steps out of order. */
  warnings: string[]
}

/** Samples along each side of a patch, and how much of its rim is left out. */
const GRID = 21
const RIM = 0.18
/** The light may vary so much over the card before it is said. */
const UNEVEN = 1.6
/** A patch whose brightest tenth is so much brighter than its middle has a reflection on it. */
const GLARE = 1.35

type Rgb = [number, number, number]
const linear = Float64Array.from({ length: 256 }, (_, i) => linearOf(i / 255))

interface Sampled {
  rgb: Rgb
  troubles: WellTrouble[]
}

/** Middle colour of a patch, linear, and what is wrong with it. */
function sample(
  picture: CardPicture,
  toPicture: (place: PagePoint) => PagePoint,
  box: CardBox,
): Sampled {
  const found: Rgb[] = []
  let clipped = 0
  let outside = 0
  for (let j = 0; j < GRID; j++)
    for (let i = 0; i < GRID; i++) {
      const at = (t: number): number => RIM + ((1 - 2 * RIM) * t) / (GRID - 1)
      const { x, y } = toPicture({ x: box.x + box.width * at(i), y: box.y + box.height * at(j) })
      const [px, py] = [Math.round(x), Math.round(y)]
      if (!(px >= 0 && py >= 0 && px < picture.width && py < picture.height)) {
        outside++
        continue
      }
      const k = 4 * (py * picture.width + px)
      const bytes = [picture.pixels[k]!, picture.pixels[k + 1]!, picture.pixels[k + 2]!] as const
      if (Math.max(...bytes) >= 254) clipped++
      found.push([linear[bytes[0]]!, linear[bytes[1]]!, linear[bytes[2]]!])
    }
  const troubles: WellTrouble[] = []
  const all = GRID * GRID
  if (outside > 0) troubles.push('outside the picture')
  if (found.length === 0) return { rgb: [0, 0, 0], troubles }
  if (clipped > 0.02 * all) troubles.push('clipped')
  const byLight = found.sort((one, other) => one[1] - other[1])
  const middle = byLight[byLight.length >> 1]![1]
  if (byLight[Math.floor(byLight.length * 0.93)]![1] > GLARE * middle + 0.02) troubles.push('glare')
  // The middle half, so that specks, brush marks and reflections weigh nothing.
  const kept = byLight.slice(byLight.length >> 2, Math.ceil(byLight.length * 0.75))
  const rgb = [0, 1, 2].map((c) => kept.reduce((sum, one) => sum + one[c]!, 0) / kept.length) as Rgb
  return { rgb, troubles }
}

/** The light on the card, per channel: log of bare paper as a plane with a twist, by least squares. */
function lightField(
  picture: CardPicture,
  toPicture: (place: PagePoint) => PagePoint,
): (place: PagePoint) => Rgb {
  const terms = ({ x, y }: PagePoint): number[] => [1, x / 100, y / 100, (x * y) / 1e4]
  const papers = paperSpots.map((spot) => ({
    row: terms(spot),
    rgb: sample(picture, toPicture, { x: spot.x - 1, y: spot.y - 1, width: 2, height: 2 }).rgb,
  }))
  const fits = [0, 1, 2].map((c) => {
    const A = [0, 1, 2, 3].map(() => new Float64Array(4))
    const b = new Float64Array(4)
    for (const { row, rgb } of papers) {
      const value = Math.log(Math.max(1e-4, rgb[c]!))
      row.forEach((one, i) => {
        row.forEach((other, j) => (A[i]![j]! += one * other))
        b[i]! += one * value
      })
    }
    return solve(A, b)
  })
  return (place) => {
    const row = terms(place)
    return fits.map((fit) => Math.exp(row.reduce((sum, t, i) => sum + t * fit[i]!, 0))) as Rgb
  }
}

/** Per channel, what camera and screen made of the grey steps: measured to printed, in logarithms. */
function toneCurves(steps: readonly Rgb[]): ((v: number, c: number) => number) | string {
  const printed = [PAPER, ...greySteps].map(Math.log).reverse()
  const curves = [0, 1, 2].map((c) =>
    [PAPER, ...steps.map((rgb) => rgb[c]!)].map((v) => Math.log(Math.max(1e-4, v))).reverse(),
  )
  if (curves.some((curve) => curve.some((v, i) => i > 0 && v <= curve[i - 1]! + 0.02)))
    return 'The grey steps do not fall from light to dark; are the corners on their marks, the upper left first?'
  return (value, c) => {
    const curve = curves[c]!
    const v = Math.log(Math.max(1e-4, value))
    let k = 0
    while (k < curve.length - 2 && v > curve[k + 1]!) k++
    const t = (v - curve[k]!) / (curve[k + 1]! - curve[k]!)
    return Math.exp(printed[k]! + t * (printed[k + 1]! - printed[k]!))
  }
}

/**
 * Reads all wells of a photographed calibration card: squared up from its corner marks, freed of
 * uneven and coloured light by the bare paper, and of the camera's tone curve by the grey steps.
 * @param corners of the marks in the picture, px, clockwise from the upper left.
 * @throws RangeError when the corners make no card.
 * @example readCard(cardPicture, cardCorners).wells.length
 */
export function readCard(picture: CardPicture, corners: readonly PagePoint[]): CardReading {
  const toPicture = homography(cornerMarks, corners)
  const light = lightField(picture, toPicture)
  const warnings: string[] = []
  const levels = cornerMarks.map((mark) => light(mark)[1])
  const uneven = Math.max(...levels) / Math.min(...levels)
  if (uneven > UNEVEN)
    warnings.push(
      `The light is uneven: one corner has ${uneven.toFixed(1)} times as much as another. Daylight from a wide window is steadier.`,
    )
  /** Relative to the paper beside it, then to a perfect white. */
  const even = (box: CardBox): { rgb: Rgb; troubles: WellTrouble[] } => {
    const { rgb, troubles } = sample(picture, toPicture, box)
    const here = light({ x: box.x + box.width / 2, y: box.y + box.height / 2 })
    return { rgb: rgb.map((v, c) => (PAPER * v) / here[c]!) as Rgb, troubles }
  }
  const greys = greyBoxes.map(even)
  if (greys.slice(0, 2).some(({ troubles }) => troubles.includes('clipped')))
    throw new RangeError(
      'The picture is burnt out: paper and light greys have no difference left. Take it again, darker.',
    )
  if (greys.some(({ troubles }) => troubles.length > 0))
    warnings.push('A grey step glares or is cut off; colours may be off.')
  const curve = toneCurves(greys.map(({ rgb }) => rgb))
  if (typeof curve === 'string') throw new RangeError(curve)
  const labOf = (rgb: Rgb): Lab => {
    const corrected = rgb.map((v, c) => encode(curve(v, c))) as Rgb
    return labOfXyz(adapt(xyzOfRgb(corrected), DISPLAY_WHITE, whitePoint()), whitePoint(), 'D65/2')
  }
  return {
    warnings,
    wells: wells.map((box, well) => {
      const { black, white } = halvesOf(box)
      const [one, other] = [even(black), even(white)]
      return {
        well,
        overBlack: labOf(one.rgb),
        overWhite: labOf(other.rgb),
        troubles: [...new Set([...one.troubles, ...other.troubles])],
      }
    }),
  }
}
