import { gcd } from '../numbers/gcd'
import { dropsIn } from './drops'

/** What a toothpick takes up, as a share of a drop; from memory, common practice, no source. */
export const TOUCH = 0.1
/**
 * Amounts of less than a drop that can be given: half a drop, or touches, up to nine: a few more touches are less paint
 * than a puddle that is twice as large so that they come to a drop.
 */
export const lessThanADrop = [1, 2, 3, 4, 5, 6, 7, 8, 9].map((many) => many / 10)
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

/** By hand a half comes after four touches, and a drop after that. */
const byHand = lessThanADrop.filter((one) => one <= 0.5)

/**
 * The next amount by hand, more or fewer: a touch of what is less than half a drop, else a drop; 0 is none of it.
 * @example nextAmount(0.3, 1) // 0.4
 */
export function nextAmount(drops: number, by: 1 | -1): number {
  if (by === 1) return byHand.find((one) => one > drops + 1e-6) ?? Math.floor(drops) + 1
  if (drops > 1) return Math.ceil(drops) - 1
  return byHand.findLast((one) => one < drops - 1e-6) ?? 0
}

/**
 * Whether a mix may say so many drops: what can be given, and what older files have, whole drops with a half or a
 * quarter.
 * @example canBeSaid(2.25) // true
 */
export const canBeSaid = (drops: number): boolean =>
  canBeGiven(drops) ||
  (drops > 0 && drops <= MOST_OF_ONE && [0, 0.25, 0.5].some((part) => near(drops % 1, part)))

/**
 * A part may be out of its ratio by so much: pouring the mix again is as far out, since two drops of one bottle differ by
 * a tenth and two touches by a fifth (from memory). In this way one and a half times a puddle of odd halves can be poured,
 * not only twice.
 */
const UNEVEN = { drops: 0.125, touches: 0.2 } as const
const EVEN = { drops: 0, touches: 0 } as const

/** A mix in amounts that can be given. */
export interface Dispensed {
  /** Drops of each part, in one go. */
  drops: number[]
  /** Times that is mixed, where one go would be too much to count. */
  times: number
  /** Drops in all of them. */
  total: number
  /** True where every part is as the ratio has it. */
  exact: boolean
  /** False where no amounts come near the ratio: a part is then so many times another that it is given as nearly as can be. */
  near: boolean
}

const sum = (drops: readonly number[]): number => dropsIn(drops.map((n) => ({ drops: n })))

/** Whether no part is further out of the ratio than by such a share of it; the ratio is told as of so many drops. */
function keeps(
  ratio: readonly number[],
  drops: readonly number[],
  within: Record<'drops' | 'touches', number>,
): boolean {
  const by = sum(drops) / sum(ratio)
  return drops.every((given, i) => {
    const out = Math.abs(given / (ratio[i]! * by) - 1)
    return out <= (given < 0.5 ? within.touches : within.drops) + 1e-6
  })
}

/** Puddles of a ratio in which every part can be given and is out by no more than said, the smallest first. */
function sizesOf(
  ratio: readonly number[],
  within: Record<'drops' | 'touches', number>,
): number[][] {
  const main = Math.max(...ratio)
  return amounts
    .map((amount) => ratio.map((part) => nearestAmount((part * amount) / main)))
    .filter((drops) => keeps(ratio, drops, within))
}

/**
 * Drops of the smallest puddle of a mix that can be dispensed part by part just as its ratio says.
 * @param ratio drops of each part, in whole touches.
 * @example smallestOf([4, 0.2]) // 2.1
 */
export function smallestOf(ratio: readonly number[]): number {
  const touches = ratio.map((drops) => Math.round(drops / TOUCH))
  const by = touches.reduce(gcd)
  const whole = touches.reduce((all, one) => all + one, 0)
  for (let n = 1; n < by; n++)
    if (touches.every((one) => canBeGiven(((one * n) / by) * TOUCH)))
      return (TOUCH * whole * n) / by
  return TOUCH * whole
}

/**
 * Seven touches or more of one bottle are counted only where that saves so many drops, and more of them into a large
 * puddle, where a drop is as good (from memory).
 */
const COUNTING = { drops: 0.7, share: 0.25 } as const
function worth(drops: readonly number[]): number {
  const all = sum(drops)
  const counted = drops.filter((one) => one > 6.5 * TOUCH && one < 9.5 * TOUCH).length
  return all + counted * Math.max(COUNTING.drops, COUNTING.share * all)
}
/** Of puddles that are enough, the smallest first, the one that is least to pour and to count. */
const plainest = (enough: readonly number[][]): number[] | undefined =>
  enough.reduce<number[] | undefined>(
    (best, one) => (!best || worth(one) < worth(best) - 1e-6 ? one : best),
    undefined,
  )

/**
 * The smallest puddle of a mix that holds what is wanted and can be dispensed part by part; a large one is mixed in
 * several goes.
 * @param ratio drops of each part, each more than 0.
 * @param wanted drops in all; as many as the ratio says where nothing else is.
 * @param uneven whether a part may be out of the ratio by what cannot be told from pouring it again (`UNEVEN`).
 * @throws RangeError when there is no part or one is not more than 0.
 * @example dispensed([4, 2], 3).drops // [2,1]
 */
export function dispensed(
  ratio: readonly number[],
  wanted = sum(ratio),
  uneven = false,
): Dispensed {
  if (ratio.length === 0 || !ratio.every((part) => part > 0 && Number.isFinite(part)))
    throw new RangeError(`parts ${ratio.join(' : ')}; each has to be more than 0`)
  const sizes = sizesOf(ratio, uneven ? UNEVEN : EVEN)
  const main = Math.max(...ratio)
  const most = sizes.at(-1) ?? ratio.map((part) => nearestAmount((part * MOST_OF_ONE) / main))
  const times = Math.max(1, Math.ceil(wanted / sum(most) - 1e-9))
  const drops = plainest(sizes.filter((one) => sum(one) * times >= wanted - 1e-9)) ?? most
  return {
    drops,
    times,
    total: times * sum(drops),
    exact: keeps(ratio, drops, EVEN),
    near: sizes.length > 0,
  }
}
