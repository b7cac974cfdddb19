/**
 * How large a figure is: the height of a grown person in its scale, foot to crown, mm. A bust counts as the figure
 * it is cut from, so that 75 mm means one scale whether the figure has legs or not.
 */
export interface FigureSize {
  heightMm: number
  bust?: boolean
}

/** Heights that are allowed, mm. */
export const sizeLimits = [10, 600] as const

/** Height of a grown person, mm: what the scales are counted from; common practice, no source. */
const PERSON_MM = 1750

/** Scales painters name for usual heights, where these differ from the quotient; common practice, no source. */
const NAMED: Readonly<Record<number, number>> = { 28: 64, 32: 56, 75: 24, 90: 20, 120: 16 }

/**
 * What a size is one part of: 32 for 54 mm, as in 1:32.
 * @example scaleOf({ heightMm: 54, to: 'eyes' })
 */
export const scaleOf = ({ heightMm }: FigureSize): number =>
  NAMED[heightMm] ?? Math.max(1, Math.round(PERSON_MM / heightMm))

/** Height in a scale, mm, held within what is allowed. */
export const heightIn = (scale: number): number =>
  Math.min(sizeLimits[1], Math.max(sizeLimits[0], Math.round(PERSON_MM / scale)))

/** Usual sizes, small to large. */
export const figureSizes: readonly FigureSize[] = [
  ...[28, 32, 40, 54, 75, 90, 120].map((heightMm) => ({ heightMm })),
  { heightMm: 75, bust: true },
  ...[16, 12, 10, 9, 6].map((scale) => ({ heightMm: heightIn(scale), bust: true })),
]

/** @example sameSize({ heightMm: 75 }, { heightMm: 75, bust: true }) // false */
export const sameSize = (one: FigureSize, other: FigureSize): boolean =>
  one.heightMm === other.heightMm && Boolean(one.bust) === Boolean(other.bust)

/** What a figure is when nobody has said so. */
export const usualSize: FigureSize = { heightMm: 54 }
