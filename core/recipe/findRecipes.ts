import type { Recipe, RecipeRequest } from './recipe'
import { RecipeSearch } from './search/recipeSearch'

/**
 * The closest whole-drop recipes, best first and exact: equal to trying every subset of the paints and
 * every ratio within the limits by CIEDE2000. Ties go to fewer paints, then fewer drops, then the order
 * of the box. Runs to the end; `RecipeSearch` is the same in steps.
 * @throws RangeError for limits out of range or an empty box; TypeError for a target under another white.
 * @example findRecipes({ target: { L: 65, a: 18, b: 18 }, paints, maxPaints: 3, maxDrops: 12 })[0]
 */
export const findRecipes = (request: RecipeRequest): Recipe[] =>
  new RecipeSearch(request).step(Infinity, () => 0).best
