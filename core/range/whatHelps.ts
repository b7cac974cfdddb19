import type { Lab } from '../colour/lab'
import type { Paint } from '../paint/paint'
import type { Limits } from '../recipe/recipe'
import { RecipeTable } from '../recipe/recipeTable'

/** What one more bottle takes off the mean miss of a ladder, each step mixed by itself, ΔE00. */
export interface Help {
  paint: Paint
  brings: number
}

/**
 * What to buy or fetch for some colours: of the bottles that are not on the table, those that bring them nearest, the
 * best first; one at a time, so that it can be shown as it goes and stopped.
 * @param limits of one mix, with the bottle and without.
 * @throws RangeError for an empty table or limits out of range.
 * @example [...whatHelps(targets, [white, umber], [ochre], { maxPaints: 2, maxDrops: 6 })].at(-1)[0].paint.id // "yellow-ochre"
 */
export function* whatHelps(
  targets: readonly Lab[],
  table: readonly Paint[],
  others: readonly Paint[],
  limits: Limits,
): Generator<readonly Help[]> {
  const meanOf = (paints: readonly Paint[]): number => {
    const mixes = new RecipeTable(paints, limits)
    const sum = targets.reduce((all, target) => all + mixes.nearest(target)[0]!.deltaE00, 0)
    return sum / targets.length
  }
  const before = meanOf(table)
  const found: Help[] = []
  for (const paint of others) {
    found.push({ paint, brings: before - meanOf([...table, paint]) })
    found.sort((one, other) => other.brings - one.brings)
    yield found
  }
}
