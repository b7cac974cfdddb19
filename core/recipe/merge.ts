import type { Paint } from '../paint/paint'
import { dropsIn } from '../puddle/drops'
import type { Recipe } from './recipe'
import { RecipeShortlist } from './shortlist'
import type { Candidate } from './shortlist'

interface Placed extends Candidate {
  /** Places in the box, rising. */
  members: ArrayLike<number>
  parts: ArrayLike<number>
}

/** What comes first among mixes that are equally close, as the plain enumeration meets them. */
export const earlierPlaced = (one: Omit<Placed, keyof Candidate>, other: typeof one): number => {
  for (let k = 0; k < one.members.length; k++) {
    const apart = one.members[k]! - other.members[k]! || one.parts[k]! - other.parts[k]!
    if (apart !== 0) return apart
  }
  return 0
}

/**
 * The best of several lists that parts of one search found, ties broken as `findRecipes` breaks them: closer, then
 * fewer paints, then fewer drops, then the order of the box.
 * @param box the paints searched, in their order; recipes may hold copies of them, known by id.
 * @throws RangeError for a recipe with a paint that is not in the box.
 * @example mergeRecipes([found.slice(5), found.slice(0, 5)], paints, 1)[0] === found[0] // true
 */
export function mergeRecipes(
  lists: readonly (readonly Recipe[])[],
  box: readonly Paint[],
  limit: number,
): Recipe[] {
  const places = new Map(box.map(({ id }, i) => [id, i]))
  const list = new RecipeShortlist<Placed & { recipe: Recipe }>(limit, earlierPlaced)
  const seen = new Set<string>()
  for (const recipe of lists.flat()) {
    const members = recipe.parts.map(({ paint }) => {
      const place = places.get(paint.id)
      if (place === undefined) throw new RangeError(`“${paint.id}” is not in the box searched`)
      return place
    })
    const parts = recipe.parts.map(({ drops }) => drops)
    const key = `${members.join()}:${parts.join()}`
    if (seen.has(key)) continue
    seen.add(key)
    list.offer({
      recipe,
      members,
      parts,
      deltaE00: recipe.deltaE00,
      paints: parts.length,
      drops: dropsIn(recipe.parts),
      place: 0,
    })
  }
  return list.best.map(({ recipe }) => recipe)
}
