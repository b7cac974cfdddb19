import { csvOf } from './csvOf'
import type { StockRow } from '../../bench/quantities/stock'

const ml = (value: number): string => value.toFixed(2)

/**
 * A shopping list as CSV with named columns; amounts in ml, empty where nothing is known.
 * @example formatStockCsv([], (id) => id)
 */
export const formatStockCsv = (
  rows: readonly StockRow[],
  nameOf: (paint: string) => string,
): string =>
  csvOf(
    rows.map(({ paint, neededMl, leftMl, missingMl, bottles }) => ({
      paint: nameOf(paint),
      needed_ml: ml(neededMl),
      left_ml: leftMl === undefined ? '' : ml(leftMl),
      missing_ml: leftMl === undefined ? '' : ml(missingMl),
      bottles_to_buy: leftMl === undefined ? '' : bottles,
    })),
  )

/**
 * The same as a note to take along.
 * @example formatShoppingNote([], (id) => id)
 */
export function formatShoppingNote(
  rows: readonly StockRow[],
  nameOf: (paint: string) => string,
): string {
  const buy = rows.filter(({ bottles }) => bottles > 0)
  const look = rows.filter(({ leftMl }) => leftMl === undefined)
  const lines = [
    ...(buy.length > 0 ? ['To buy:'] : ['Nothing runs out of what was counted.']),
    ...buy.map(
      ({ paint, bottles, missingMl }) =>
        `  ${bottles} × ${nameOf(paint)} (${missingMl.toFixed(1)} ml short)`,
    ),
    ...(look.length > 0 ? ['Look how much is left of:'] : []),
    ...look.map(({ paint, neededMl }) => `  ${nameOf(paint)} (${neededMl.toFixed(1)} ml needed)`),
  ]
  return lines.join('\n') + '\n'
}
