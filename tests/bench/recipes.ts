import { starterPaints } from '../../core'
import type { Lab, RecipeRequest } from '../../core'
import { manyPaints } from './manyPaints'
import type { Ratio } from './rate'
import { MAX_DROPS } from './searchers'
import { stepped } from './stepped'
import { median } from './times'
import { targetsOf, tryingAll } from './trying'

/** Within so much of the best a recipe is a good answer. */
const GOOD = 1

/** Time until the search holds something good, and until it is proved. */
function timed(request: RecipeRequest): { good: number; proved: number } {
  const marks: { ms: number; off: number }[] = []
  const proved = stepped(request, ({ best, proved }, ms) => {
    marks.push({ ms, off: best[0]!.deltaE00 })
    return proved
  })
  const enough = marks.at(-1)!.off + GOOD
  return { good: marks.find(({ off }) => off <= enough)!.ms, proved }
}

/** 300 paints, up to 4: until what is found is within 0.3 of what can be, at the slowest of some targets. */
function largeBench(): Ratio[] {
  const paints = manyPaints(300)
  const maxPaints = 4
  const targets = targetsOf(paints)
  const times = targets.map((target) =>
    stepped(
      { paints, target, maxPaints, maxDrops: MAX_DROPS },
      ({ best, lowerBound }) => best[0]!.deltaE00 - lowerBound <= 0.3,
    ),
  )
  const slowest = Math.max(...times)
  return [
    {
      what: `300 paints, up to 4, up to 12 drops: within 0.3 of the best per 1000 s (slowest ${slowest.toFixed(0)} ms)`,
      against: 'trying all',
      ours: 1e6 / slowest,
      theirs: 1e6 / tryingAll(paints, { maxPaints, maxDrops: MAX_DROPS }, targets.slice(0, 1)),
      wanted: 1e5,
    },
  ]
}

/** Searches (of the median time) against trying every recipe by the plain evaluator. */
export function recipeBench(): Ratio[] {
  return [...reachableBench(), ...largeBench()]
}

function reachableBench(): Ratio[] {
  const cases = [
    { paints: starterPaints.slice(0, 12), maxPaints: 3, wanted: 3 },
    { paints: starterPaints.slice(0, 24), maxPaints: 4, wanted: 40 },
    { paints: manyPaints(200), maxPaints: 3, wanted: 200 },
  ]
  return cases.map(({ paints, maxPaints, wanted }) => {
    const targets = targetsOf(paints)
    const run = (target: Lab) => timed({ paints, maxPaints, maxDrops: MAX_DROPS, target })
    targets.slice(0, 2).forEach(run)
    const before = process.memoryUsage()
    const times = targets.map(run)
    const after = process.memoryUsage()
    const ours = median(times.map(({ proved }) => proved))
    const good = Math.max(...times.map(({ good }) => good))
    const theirs = tryingAll(
      paints,
      { maxPaints, maxDrops: MAX_DROPS },
      paints.length > 20 ? targets.slice(0, 1) : targets,
    )
    const grown =
      (after.heapUsed + after.arrayBuffers - before.heapUsed - before.arrayBuffers) / 1e6
    return {
      what:
        `${paints.length} paints, up to ${maxPaints}, up to 12 drops: searches per 1000 s ` +
        `(median ${ours.toFixed(0)} ms, something good after ${good.toFixed(0)} ms at most, ` +
        `memory ${grown.toFixed(0)} MB more)`,
      against: 'trying all',
      ours: 1e6 / ours,
      theirs: 1e6 / theirs,
      wanted,
    }
  })
}
