import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { constrained, FAMILY_ID } from '../../recipe/advice/constraints'
import type { Limits, Recipe } from '../../recipe/recipe'
import { RecipeSearch } from '../../recipe/search/recipeSearch'
import { wholeDrops } from './wholeDrops'

/**
 * The closest recipe that keeps a share of the base's mix in it, so that the family holds together; in
 * whole drops of the paints themselves.
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
): Recipe {
  const { target, paints, base, share, maxPaints, maxDrops } = request
  const { paints: box, allows } = constrained(paints, { family: { parts: base, share } })
  const search = new RecipeSearch(
    { target, paints: box, maxPaints: Math.min(5, maxPaints + 1), maxDrops },
    { allows },
  )
  const best = search.step(patience.until, patience.now).best[0]
  if (!best) return { parts: [...base], lab: target, deltaE00: Infinity }
  const kept = best.parts.find(({ paint }) => paint.id === FAMILY_ID)?.drops ?? 0
  const others = best.parts.filter(({ paint }) => paint.id !== FAMILY_ID)
  return { ...best, parts: wholeDrops(base, kept, others) }
}
