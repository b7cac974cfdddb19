import { RecipeSearch, starterPaints } from '../../core'
import type { Lab, Paint } from '../../core'
import { manyPaints } from './manyPaints'
import type { Ratio } from './rate'
import { median } from './times'
import { targetsOf, tryingAll } from './trying'

const MAX_DROPS = 12
/** Within so much of the best a recipe is a good answer. */
const GOOD = 1
/** Time until the search holds something good, and until it is proved. */
function timed(request: { target: Lab; paints: Paint[]; maxPaints: number; maxDrops: number }): {
  good: number
  proved: number
} {
  const start = performance.now()
  const search = new RecipeSearch(request)
  const marks = [{ ms: performance.now() - start, off: search.progress().best[0]!.deltaE00 }]
  let last = search.progress()
  while (!last.proved) {
    last = search.step(performance.now() + 5, () => performance.now())
    marks.push({ ms: performance.now() - start, off: last.best[0]!.deltaE00 })
  }
  return {
    good: marks.find(({ off }) => off <= last.best[0]!.deltaE00 + GOOD)!.ms,
    proved: performance.now() - start,
  }
}

/** 300 paints, up to 4: until what is found is within 0.3 of what can be, at the slowest of some targets. */
function largeBench(): Ratio[] {
  const paints = manyPaints(300)
  const maxPaints = 4
  const targets = targetsOf(paints)
  const times = targets.map((target) => {
    const start = performance.now()
    const search = new RecipeSearch({ paints, target, maxPaints, maxDrops: MAX_DROPS })
    let now = search.progress()
    while (now.best[0]!.deltaE00 - now.lowerBound > 0.3)
      now = search.step(performance.now() + 5, () => performance.now())
    return performance.now() - start
  })
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
