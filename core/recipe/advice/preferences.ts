import { dropsIn } from '../../puddle/drops'
import { contrastRatio } from '../../paint/hiding'
import type { Recipe } from '../recipe'
import { pouredMix, untouched } from './touches'

/** What a painter looks for among mixes that are nearly as close. */
export type Preference = 'opaque' | 'nearly empty' | 'cheapest'

/** What is known of a bottle; a paint without such a record is taken to be full and without a price. */
export interface Stock {
  ml?: number
  leftMl?: number
  /** Price of a full bottle. */
  price?: number
}

/** Thickness at which mixes are compared for hiding: one brushed layer of paint thinned 1:1, µm. */
const LAYER_UM = 10

const weighted = (
  { parts }: Recipe,
  stock: ReadonlyMap<string, Stock>,
  of: (bottle: Stock) => number,
): number => {
  const drops = dropsIn(parts)
  return parts.reduce(
    (sum, part) => sum + (part.drops / drops) * of(stock.get(untouched(part.paint.id)) ?? {}),
    0,
  )
}

/**
 * How well a recipe meets a preference, more is better: contrast ratio of one layer (0–1); mean share
 * by which its bottles are empty (0–1); or less the mean price of a millilitre.
 */
export function meets(
  recipe: Recipe,
  preference: Preference,
  stock: ReadonlyMap<string, Stock> = new Map(),
): number {
  if (preference === 'opaque') return contrastRatio(pouredMix(recipe.parts), LAYER_UM)
  if (preference === 'nearly empty')
    return weighted(recipe, stock, ({ ml, leftMl }) =>
      ml && leftMl !== undefined ? 1 - Math.min(1, leftMl / ml) : 0,
    )
  return -weighted(recipe, stock, ({ ml, price }) => (ml && price !== undefined ? price / ml : 0))
}

/** Of recipes at most `nearly` further off than the best, the one that meets the preference best. */
export function preferredRecipe(
  found: readonly Recipe[],
  preference: Preference,
  stock?: ReadonlyMap<string, Stock>,
  nearly = 1,
): Recipe | undefined {
  let best: { recipe: Recipe; score: number } | undefined
  const closest = Math.min(...found.map(({ deltaE00 }) => deltaE00))
  for (const recipe of found) {
    if (recipe.deltaE00 > closest + nearly) continue
    const score = meets(recipe, preference, stock)
    if (!best || score > best.score + 1e-9) best = { recipe, score }
  }
  return best?.recipe
}
