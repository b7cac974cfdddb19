import {
  baseReflectance,
  exhaustiveRecipes,
  ladderTargets,
  plainLighting,
  RecipeTable,
  starterPaints,
} from '../../core'
import { lowTide, onTheBench } from '../../demo/lowTide'
import { race } from './rate'
import type { Ratio } from './rate'

/** What a moved slider costs: targets well within a frame, recipes from the ready table. */
export function ladderBench(): Ratio[] {
  const base = baseReflectance(lowTide([]).figures[0]!.tone)
  const paints = starterPaints.filter(({ id }) => onTheBench.includes(id))
  const limits = { maxPaints: 3, maxDrops: 12 }
  const table = new RecipeTable(paints, limits)
  const targets = ladderTargets(base, plainLighting).map(({ target }) => target)
  const { ours, theirs } = race(
    { items: 1, run: () => targets.forEach((target) => table.nearest(target)) },
    {
      items: 1,
      run: () => targets.forEach((target) => exhaustiveRecipes({ target, paints, ...limits })),
    },
  )
  return [
    {
      what: 'recipes of seven steps from the table, per s',
      against: 'exhaustive search',
      wanted: 5,
      ours,
      theirs,
    },
  ]
}
