import type { SetTable } from './setTable'

/** What a change of one bottle does to the mean miss, ΔE00. */
export interface OneBottle {
  bottle: number
  mean: number
}

const meanOf = (off: Float64Array): number => off.reduce((sum, one) => sum + one, 0) / off.length

/**
 * What each further bottle would bring: the mean with it, the best first.
 * @param out bottles that are not asked.
 * @example whatNextBrings(table, [0, 4])[0].bottle
 */
export function whatNextBrings(
  table: SetTable,
  set: readonly number[],
  out: readonly number[] = [],
): OneBottle[] {
  const had = table.best(set)
  const others = [...set].sort((one, other) => one - other)
  return Array.from({ length: table.paints }, (_, i) => i)
    .filter((bottle) => !set.includes(bottle) && !out.includes(bottle))
    .map((bottle) => {
      const into = had.slice()
      table.take(others, bottle, into)
      return { bottle, mean: meanOf(into) }
    })
    .sort((one, other) => one.mean - other.mean)
}

/**
 * What each bottle of a set is worth: the mean without it, that which is worth least first.
 * @example whatEachIsWorth(table, [0, 4, 5])[0].bottle
 */
export const whatEachIsWorth = (table: SetTable, set: readonly number[]): OneBottle[] =>
  set
    .map((bottle) => ({ bottle, mean: meanOf(table.best(set.filter((one) => one !== bottle))) }))
    .sort((one, other) => one.mean - other.mean)
