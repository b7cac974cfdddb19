import { untouched } from './advice/touches'
import type { Recipe } from './recipe'
import { boxOf } from './wishedSearch'
import type { WishedRequest } from './wishedSearch'

/** So many recipes of each kind. */
const EACH = 3

/**
 * Searches for recipes beside the best: with fewer paints, half the drops, no hazards, or none of its coloured paints.
 * What the painter wishes for holds in every one; a kind that leaves nothing to mix from is left out.
 * @example variantRequests(wished, found[0]).flatMap((one) => wishedSearch(one).step(until, now).best)
 */
export function variantRequests(request: WishedRequest, best: Recipe): WishedRequest[] {
  const { constraints, maxDrops } = request
  const needed = new Set(constraints.required)
  const used = best.parts
    .filter(({ paint }) => !paint.pigments.every((name) => name.startsWith('PW')))
    .map(({ paint }) => untouched(paint.id))
  const kinds: Partial<WishedRequest>[] = [
    ...(best.parts.length > 1 ? [{ maxPaints: best.parts.length - 1 }] : []),
    { maxDrops: Math.max(4, Math.ceil(maxDrops / 2)) },
    { constraints: { ...constraints, noHazards: true } },
    { constraints: { ...constraints, forbidden: used.filter((id) => !needed.has(id)) } },
  ]
  return kinds.map((kind) => ({ ...request, ...kind, touches: false, limit: EACH })).filter(canBe)
}

/** Whether anything is left to mix from, with the painter's wishes. */
function canBe(asked: WishedRequest): boolean {
  try {
    return boxOf(asked).paints.length > 0
  } catch (error) {
    if (error instanceof RangeError) return false
    throw error
  }
}
