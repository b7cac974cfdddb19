import { dropsIn } from './drops'

/** What a toothpick takes up, as a share of a drop; from memory, common practice, no source. */
export const TOUCH = 0.1
/**
 * Amounts of less than a drop that can be given: half a drop, or touches, up to nine: a few more touches are less paint
 * than a puddle that is twice as large so that they come to a drop.
 */
export const lessThanADrop = [1, 2, 3, 4, 5, 6, 7, 8, 9].map((many) => many * TOUCH)
/** More drops of one bottle in one go are miscounted; common practice, no source. */
export const MOST_OF_ONE = 24

/** Beyond so many whole drops nobody counts half a drop more; common practice, no source. */
const MOST_WITH_HALF = 6

const whole = Array.from({ length: MOST_OF_ONE }, (_, n) => n + 1)
/** Every amount that can be given in one go: touches, halves of few drops, whole drops up to 24. Nobody pours a quarter. */
const amounts: readonly number[] = [
  ...lessThanADrop,
  ...whole.flatMap((n) => (n < MOST_WITH_HALF ? [n, n + 0.5] : [n])),
]
const near = (one: number, other: number): boolean => Math.abs(one - other) < 1e-6
const nearestAmount = (drops: number): number =>
  amounts.reduce((best, one) => (Math.abs(one - drops) < Math.abs(best - drops) ? one : best))

/**
 * Whether so many drops can be given in one go: whole drops up to 24, of few a half more, half a drop, or a touch to nine.
 * @example canBeGiven(2.25) // false
 */
export const canBeGiven = (drops: number): boolean => near(nearestAmount(drops), drops)

/**
 * Whether a mix may say so many drops: what can be given, and what older files have, whole drops with a half or a
 * quarter.
 * @example canBeSaid(2.25) // true
 */
export const canBeSaid = (drops: number): boolean =>
  canBeGiven(drops) ||
  (drops > 0 && drops <= MOST_OF_ONE && [0, 0.25, 0.5].some((part) => near(drops % 1, part)))

/** A mix in amounts that can be given. */
export interface Dispensed {
  /** Drops of each part, in one go. */
  drops: number[]
  /** Times that is mixed, where one go would be too much to count. */
  times: number
  /** Drops in all of them. */
  total: number
  /** False where no amounts have the ratio: a part is then so many times another that it is given as nearly as can be. */
  exact: boolean
}

/** Sizes in which every part can be given, the smallest first. */
function sizesOf(ratio: readonly number[]): number[] {
  const least = Math.min(...ratio)
  const main = Math.max(...ratio)
  return (
    amounts
      .map((amount) => amount / least)
      // More touches than four are counted beside drops, not in their place.
      .filter((size) => main * size > 1 - 1e-6 || main * size < 0.5 + 1e-6)
      .filter((size) => ratio.every((part) => canBeGiven(part * size)))
  )
}

/**
 * The smallest puddle of a mix that holds what is wanted and can be dispensed part by part; a large one is mixed in
 * several goes.
 * @param ratio drops of each part, each more than 0.
 * @throws RangeError when there is no part or one is not more than 0.
 * @example dispensed([4, 2], 3).drops // [2,1]
 */
export function dispensed(ratio: readonly number[], wanted: number): Dispensed {
  if (ratio.length === 0 || !ratio.every((part) => part > 0 && Number.isFinite(part)))
    throw new RangeError(`parts ${ratio.join(' : ')}; each has to be more than 0`)
  const sizes = sizesOf(ratio)
  const sum = ratio.reduce((all, part) => all + part, 0)
  const exact = sizes.length > 0
  const most = sizes.at(-1) ?? MOST_OF_ONE / Math.max(...ratio)
  const times = Math.max(1, Math.ceil(wanted / (most * sum) - 1e-9))
  const size = sizes.find((one) => one * sum * times >= wanted - 1e-9) ?? most
  const drops = ratio.map((part) => nearestAmount(part * size))
  return { drops, times, exact, total: times * dropsIn(drops.map((n) => ({ drops: n }))) }
}
