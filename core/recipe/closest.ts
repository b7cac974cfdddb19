import type { Lab } from '../colour/lab'
import type { Paint } from '../paint/paint'
import { sameBox } from '../paint/samePaint'
import type { Limits, Recipe } from './recipe'
import { countRecipes } from './recipeList'
import { RecipeTable } from './recipeTable'
import { RecipeSearch } from './search/recipeSearch'

/** More recipes than this would take longer than a second and 100 MB to lay out in a table. */
export const MOST_IN_TABLE = 2_000_000

/** How long a search may take: a time on a clock, and the clock. */
export interface Patience {
  until: number
  now: () => number
}
const endless: Patience = { until: Infinity, now: () => 0 }

/** Recipes in all tables that are kept. */
const MOST_KEPT = 3_000_000

/** What the first of several tables makes that makes anything. */
function firstOf(
  tables: readonly RecipeTable[],
  make: (table: RecipeTable) => RecipeTable | undefined,
): RecipeTable | undefined {
  for (const table of tables) {
    const made = make(table)
    if (made) return made
  }
  return undefined
}

const laid = (paints: readonly Paint[], limits: Limits): boolean =>
  paints.length > 0 && countRecipes(paints.length, limits) <= MOST_IN_TABLE

/**
 * The one way to the closest recipe: a small box is laid out in a table, which is kept and serves every box that has
 * some of its paints,
 * within the same limits; a large one is searched. Both give the same recipe, ties included.
 * @example new ClosestRecipes().find({ L: 65, a: 18, b: 18 }, paints, { maxPaints: 3, maxDrops: 12 }).best
 */
export class ClosestRecipes {
  /** The last asked first. */
  private kept: RecipeTable[] = []

  /** Bottles that were taken off the table or put back find it laid out. */
  private tableOf(paints: readonly Paint[], { maxPaints, maxDrops }: Limits): RecipeTable {
    const known = this.kept.filter(
      ({ limits }) => limits.maxPaints === maxPaints && limits.maxDrops === maxDrops,
    )
    const table =
      known.find((one) => sameBox(one.paints, paints)) ??
      firstOf(known, (one) => one.of(paints)) ??
      firstOf(known, (one) => one.grown(paints)) ??
      new RecipeTable(paints, { maxPaints, maxDrops })
    let room = MOST_KEPT - table.size
    const others = this.kept.filter((one) => one !== table)
    this.kept = [table, ...others.filter(({ size }) => (room -= size) >= 0)]
    return table
  }

  /** Lays the table of a box ahead of the first question, where it is small enough to have one. */
  lay(paints: readonly Paint[], limits: Limits): void {
    if (laid(paints, limits)) this.tableOf(paints, limits)
  }

  /**
   * @param patience of a search that may have to stop early; it goes to its end when not given.
   * @returns the closest recipe, and whether nothing can be closer.
   * @throws RangeError for an empty box or limits out of range.
   */
  find(
    target: Lab,
    paints: readonly Paint[],
    limits: Limits,
    patience: Patience = endless,
  ): { best: Recipe; proved: boolean } {
    if (laid(paints, limits))
      return { best: this.tableOf(paints, limits).nearest(target)[0]!, proved: true }
    const search = new RecipeSearch({ target, paints, ...limits })
    const { best, proved } = search.step(patience.until, patience.now)
    return { best: best[0]!, proved }
  }

  /**
   * The closest recipes, the best first.
   * @param many how many.
   * @throws RangeError for an empty box or limits out of range.
   */
  list(
    target: Lab,
    paints: readonly Paint[],
    limits: Limits,
    many: number,
    patience: Patience = endless,
  ): { best: Recipe[]; proved: boolean } {
    if (laid(paints, limits))
      return { best: this.tableOf(paints, limits).nearest(target, many), proved: true }
    const search = new RecipeSearch({ target, paints, ...limits, limit: many })
    return search.step(patience.until, patience.now)
  }
}
