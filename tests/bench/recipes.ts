import {
  exhaustiveRecipes,
  labOf,
  mixPaints,
  opaqueReflectance,
  RecipeSearch,
  starterPaints,
} from '../../core'
import type { Lab, Paint } from '../../core'
import { seeded } from '../reference/row'
import type { Ratio } from './rate'

const TARGETS = 10
const random = seeded(11)

/** Colours that mixes of the box come near, a little beside them. */
const targetsOf = (paints: readonly Paint[]): Lab[] =>
  Array.from({ length: TARGETS }, () => {
    const parts = [0, 1, 2].map(() => ({
      paint: paints[Math.floor(random() * paints.length)]!,
      drops: 1 + Math.floor(random() * 9),
    }))
    const { L, a, b } = labOf(opaqueReflectance(mixPaints(parts)))
    return { L: L + 0.6 * random(), a: a + 0.6 * random(), b: b + 0.6 * random() }
  })

const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!
const msOf = (run: () => void): number => {
  const start = performance.now()
  run()
  return performance.now() - start
}

/** Searches a second (of the median time) against trying every recipe by the plain evaluator. */
export function recipeBench(): Ratio[] {
  const cases = [
    { count: 12, maxPaints: 3, wanted: 3 },
    { count: 24, maxPaints: 4, wanted: 20 },
  ]
  return cases.map(({ count, maxPaints, wanted }) => {
    const paints = starterPaints.slice(0, count)
    const limits = { paints, maxPaints, maxDrops: 12 }
    const targets = targetsOf(paints)
    const search = (target: Lab): void =>
      void new RecipeSearch({ ...limits, target }).step(Infinity, () => 0)
    targets.slice(0, 3).forEach(search)
    const ours = median(targets.map((target) => msOf(() => search(target))))
    const tries = maxPaints > 3 ? targets.slice(0, 1) : targets
    const theirs = median(
      tries.map((target) => msOf(() => void exhaustiveRecipes({ ...limits, target }))),
    )
    return {
      what: `${count} paints, up to ${maxPaints}, up to 12 drops: searches per 1000 s (median ${ours.toFixed(0)} ms)`,
      against: 'trying all',
      ours: 1e6 / ours,
      theirs: 1e6 / theirs,
      wanted,
    }
  })
}
