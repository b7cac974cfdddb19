import { jobOfFigure } from '../../app/stores/ladder/plan'
import { ClosestRecipes, ladderTargets, mixLadder, reachedEnds, starterPaints } from '../../core'
import type { Figure, Paint } from '../../core'
import { lowTide } from '../../demo/lowTide'
import type { Ratio } from './rate'

const FIGURES = 40
/** Eight bottles on the table, and the same with one swapped. */
const TABLE = [0, 2, 5, 8, 11, 17, 30, 35]
const SWAPPED = [0, 2, 5, 8, 12, 17, 30, 35]
const bottles = (places: readonly number[]): Paint[] => places.map((at) => starterPaints[at]!)

const demo = lowTide(starterPaints.map(({ id }) => id))
const figures = Array.from({ length: FIGURES }, (_, i): Figure => ({
  ...structuredClone(demo.figures[i % demo.figures.length]!),
  id: `figure-${i}`,
}))

/** A figure's ladder in its puddles, from its ends on, as the room's thread finds it. */
function mixed(figure: Figure, paints: Paint[], closest: ClosestRecipes): void {
  const { base, mood, moved, mixing, targetsAt, ...limits } = jobOfFigure(figure, paints)
  const { ends } = reachedEnds(
    (ends) => ladderTargets(base, mood, { moved, ends }),
    (target) => closest.find(target, paints, limits).best,
  )
  const steps = targetsAt(ends)
  mixLadder({
    ...limits,
    targets: steps.map(({ target }) => target),
    base: steps.findIndex(({ key }) => key === 'base'),
    mixing: mixing ?? { way: 'puddles' },
    closest: (aims, from) => aims.map((aim) => closest.find(aim, from, limits).best),
    several: (target, many) => closest.list(target, paints, limits, many),
    patience: { ms: 2500, now: () => performance.now() },
  })
}

const msOf = (run: () => void): number => {
  const start = performance.now()
  run()
  return performance.now() - start
}

/** A ladder in three puddles, and the range of 40 figures after a bottle is swapped, on one of two threads. */
export function plansBench(): Ratio[] {
  const [table, swapped] = [bottles(TABLE), bottles(SWAPPED)]
  const closest = new ClosestRecipes()
  figures.slice(0, 3).forEach((figure) => mixed(figure, table, closest))
  const ladder = msOf(() => mixed(figures[0]!, table, new ClosestRecipes()))
  const known = msOf(() => mixed(figures[0]!, table, closest))
  const range = msOf(() => figures.forEach((figure) => mixed(figure, swapped, closest)))
  const alone = msOf(() =>
    figures.slice(0, 4).forEach((figure) => mixed(figure, swapped, new ClosestRecipes())),
  )
  return [
    {
      what: `a ladder in three puddles, per 1000 s (${ladder.toFixed(0)} ms with its table, ${known.toFixed(0)} ms after it)`,
      against: 'with its table',
      ours: 1e6 / known,
      theirs: 1e6 / ladder,
      wanted: 2,
    },
    {
      what: `40 figures after a bottle is swapped, per 1000 s (${range.toFixed(0)} ms, one thread of two)`,
      against: 'each with a table of its own',
      ours: 1e6 / range,
      theirs: 1e6 / (alone * (FIGURES / 4)),
      wanted: 3,
    },
  ]
}
