import type { Figure } from './figure'
import type { FigureSize } from './figureSize'

/** Drops that a puddle is poured of at most, by the height of a figure, mm, and of busts; common practice, no source. */
const FIGURES = [
  { upTo: 60, drops: 6 },
  { upTo: Infinity, drops: 8 },
] as const
const BUSTS = [
  { upTo: 110, drops: 8 },
  { upTo: 160, drops: 10 },
  { upTo: Infinity, drops: 12 },
] as const
/** So many that are painted alike want a larger puddle, and more cannot be told drop by drop. */
const MANY = 10
const MORE = 2
/** No puddle is poured of more by itself. */
export const MOST_USUAL_DROPS = 12

/**
 * Drops of a puddle at most, when the painter has said nothing: what one pours for a figure of its size, and for so many
 * of them. More drops buy little that a let-down does not (docs/drops.md).
 * @example usualDrops({ size: { heightMm: 54 }, many: 1 }) // 6
 */
export function usualDrops({ size, many }: { size: FigureSize; many: number }): number {
  const { drops } = (size.bust ? BUSTS : FIGURES).find(({ upTo }) => size.heightMm <= upTo)!
  return Math.min(MOST_USUAL_DROPS, many >= MANY ? drops + MORE : drops)
}

/**
 * Drops of a puddle of a figure at most: what its painter said, or what is usual. Ladder, range, recipe, methods,
 * accents, eyes and what puts a mix right go by it.
 * @example mostDropsOf({ ...figure, plan: { ...figure.plan, maxDrops: 4 } }) // 4
 */
export const mostDropsOf = (figure: Pick<Figure, 'plan' | 'size' | 'many'>): number =>
  figure.plan.maxDrops ?? usualDrops(figure)
