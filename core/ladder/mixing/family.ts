import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { constrained, FAMILY_ID } from '../../recipe/advice/constraints'
import type { Limits } from '../../recipe/recipe'
import { RecipeSearch } from '../../recipe/search/recipeSearch'

/** More parts of one mix to another are miscounted; common practice, no source. */
export const MOST_OF_A_MIX = 12

/** Drops of the base's own puddle, and of paints beside it. */
export interface OfTheBase {
  parts: Part<Paint>[]
  ofBase: number
  deltaE00: number
}

/**
 * The closest recipe that keeps a share of the base's mix in it, so that the family holds together: whole drops of the
 * base's puddle and of paints.
 * @param share least share of the base, 0–0.9.
 * @param patience until when to look; what is best by then is handed back.
 */
export function familyRecipe(
  request: Limits & {
    target: Lab
    paints: readonly Paint[]
    base: readonly Part<Paint>[]
    share: number
  },
  patience: { until: number; now: () => number } = { until: Infinity, now: () => 0 },
): OfTheBase {
  const { target, paints, base, share, maxPaints, maxDrops } = request
  const { paints: box, allows } = constrained(paints, {
    family: { parts: base, share },
    atMost: { [FAMILY_ID]: MOST_OF_A_MIX },
  })
  const search = new RecipeSearch(
    { target, paints: box, maxPaints: Math.min(5, maxPaints + 1), maxDrops },
    { allows },
  )
  const best = search.step(patience.until, patience.now).best[0]
  if (!best) return { parts: [], ofBase: 1, deltaE00: Infinity }
  return {
    parts: best.parts.filter(({ paint }) => paint.id !== FAMILY_ID),
    ofBase: best.parts.find(({ paint }) => paint.id === FAMILY_ID)!.drops,
    deltaE00: best.deltaE00,
  }
}
