import type { Lab } from '../colour/lab'
import type { Paint } from '../paint/paint'
import type { Patience } from '../recipe/closest'
import { RecipeSearch } from '../recipe/search/recipeSearch'

/** The bottles of a large box that few are chosen among, and what no set of the whole box can be better than. */
export interface BottleShortlist {
  paints: Paint[]
  /** Mean ΔE00 of the targets, each as near as the whole box may mix it: no few bottles have less. */
  floor: number
}

export interface ShortlistOptions {
  /** How many are kept at most. */
  most: number
  maxDrops: number
  /** They are kept whatever they are used for. */
  must?: readonly string[]
  /** How long one target may be searched for. */
  patience: () => Patience
}

/**
 * The bottles that the targets use most when each may take any, again without those until there are enough; mixes of at
 * most three. It yields the share that is done.
 * @throws RangeError for an empty box.
 * @example [...shortlist(box, targets, { most: 4, maxDrops: 6, patience: () => ({ until: Infinity, now }) })].length
 */
export function* shortlist(
  paints: readonly Paint[],
  targets: readonly Lab[],
  { most, maxDrops, must = [], patience }: ShortlistOptions,
): Generator<number, BottleShortlist> {
  const uses = new Map<string, number>(must.map((id) => [id, Infinity]))
  let floor = 0
  let left = [...paints]
  for (let round = 0; round < 2 && left.length > 0; round++) {
    for (let t = 0; t < targets.length; t++) {
      const search = new RecipeSearch({ target: targets[t]!, paints: left, maxPaints: 3, maxDrops })
      const { until, now } = patience()
      const { best, lowerBound } = search.step(until, now)
      if (round === 0) floor += lowerBound / targets.length
      for (const { paint } of best[0]?.parts ?? [])
        uses.set(paint.id, (uses.get(paint.id) ?? 0) + (round === 0 ? 1 : 0.5))
      yield (round * targets.length + t + 1) / (2 * targets.length)
    }
    // A second round brings stand-ins, where the first has left much room.
    if (uses.size >= most / 2) break
    left = left.filter(({ id }) => !uses.has(id))
  }
  const kept = new Set(
    [...uses]
      .sort(([, one], [, other]) => other - one)
      .slice(0, most)
      .map(([id]) => id),
  )
  return { paints: paints.filter(({ id }) => kept.has(id)), floor }
}
