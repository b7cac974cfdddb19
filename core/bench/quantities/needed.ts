import { TOUCH } from '../../puddle/dispense'
import { coatThicknessUm } from '../../paint/coat'

/** Skin of a grown person, m², and height, m: the usual round figures. */
const BODY = { area: 1.8, height: 1.75 }
/** Part of wet paint that stays (from memory). */
const STAYS = 0.45
/** Brush and palette keep as much again as reaches the figure, and some more (from memory). */
const LOSS = 2.5

/** Drops that stay in the brush and on the palette of every puddle, thinner counted (from memory). */
const KEPT_WET = 2
/** What the tip of a brush takes up for an eye or a tooth: three touches, thinner not counted (from memory). */
const BRUSH_TIP = 0.3

/**
 * Drops of paint that stay in the brush and on the palette of a puddle that is painted from. What takes less than a touch
 * is painted from the tip, and no brush is filled for it.
 * @param painted drops of paint that are laid of it.
 * @example keptDrops(1, 3) // 1
 */
export const keptDrops = (thinner: number, painted: number): number =>
  Math.min(KEPT_WET / (1 + thinner), painted < TOUCH ? BRUSH_TIP : Infinity)

export interface AmountsRequest {
  /** Height of a figure, mm. */
  sizeMm: number
  figures: number
  /** Share of the figure that is bare skin, 0–1. */
  bare: number
  dropsPerMl: number
}

export const usualAmounts = { figures: 1, bare: 0.3, dropsPerMl: 20 } as const

/**
 * Bare skin of one figure, cm²: a body scaled down, by the square of its height.
 * @example skinAreaCm2(75, 0.3)
 */
export const skinAreaCm2 = (sizeMm: number, bare: number): number =>
  BODY.area * 1e4 * (sizeMm / 1000 / BODY.height) ** 2 * bare

/** A coat as far as its paint goes. */
export interface CoatAmount {
  /** Share of the skin it covers, 0–1. */
  share: number
  coats: number
  /** Parts of thinner to one of paint. */
  thinner: number
  /** The brush is touched to a cloth first: a quarter of a layer's film. */
  wicked: boolean
}

/**
 * Drops of paint, thinner not counted, that so many coats on a share of the skin take.
 * @example coatDrops({ ...usualAmounts, sizeMm: 75 }, { share: 1, coats: 2, thinner: 1, wicked: false }) > 0 // true
 */
export function coatDrops(
  figure: Pick<AmountsRequest, 'sizeMm' | 'figures' | 'bare' | 'dropsPerMl'>,
  { share, coats, thinner, wicked }: CoatAmount,
): number {
  const area = skinAreaCm2(figure.sizeMm, figure.bare) * figure.figures
  const coatCm = coatThicknessUm(thinner, wicked) / 1e4
  return area * share * coats * (coatCm / STAYS) * LOSS * figure.dropsPerMl
}
