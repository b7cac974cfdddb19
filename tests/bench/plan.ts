import { jobOfFigure } from '../../app/stores/ladder/plan'
import { ladderTargets, mixLadder, reachedEnds, starterPaints } from '../../core'
import type { ClosestRecipes, Figure, Paint } from '../../core'
import { lowTide } from '../../demo/lowTide'

export const FIGURES = 40
/** Eight bottles on the table, and the same with one swapped for one that was not there before. */
export const TABLE = [0, 2, 5, 8, 11, 17, 30, 35]
export const SWAPS = [12, 13, 14].map((other) => TABLE.map((at) => (at === 11 ? other : at)))
export const bottles = (places: readonly number[]): Paint[] =>
  places.map((at) => starterPaints[at]!)

const demo = lowTide(starterPaints.map(({ id }) => id))
export const figures = Array.from({ length: FIGURES }, (_, i): Figure => ({
  ...structuredClone(demo.figures[i % demo.figures.length]!),
  id: `figure-${i}`,
}))

/** A figure's ladder in its puddles, from its ends on, as the room's thread finds it. */
export function mixed(figure: Figure, paints: Paint[], closest: ClosestRecipes): void {
  const box = { paints: [...paints], bottles: paints.length }
  const { base, lighting, moved, mixing, targetsAt, ...limits } = jobOfFigure(figure, box)
  const { ends } = reachedEnds(
    (ends) => ladderTargets(base, lighting, { moved, ends }),
    (target) => closest.find(target, paints, limits).best,
  )
  const steps = targetsAt(ends)
  mixLadder({
    ...limits,
    targets: steps.map(({ target }) => target),
    base: steps.findIndex(({ key }) => key === 'base'),
    mixing: mixing ?? { way: 'puddles' },
    closest: (aims, from) => aims.map((aim) => closest.find(aim, from, limits).best),
    several: (target, many) => closest.list(target, paints, limits, many).best,
    patience: { ms: 2500, now: () => performance.now() },
  })
}
