import { jobOfFigure } from '../../app/stores/ladder/plan'
import { smallBox } from '../../app/stores/palette/smallBox'
import { ladderTargets, mixLadder, reachedEnds, starterPaints } from '../../core'
import type { ClosestRecipes, Figure, MixingBox, Paint } from '../../core'
import { lowTide } from '../../demo/lowTide'

export const FIGURES = 40
/** Eight bottles on the table, and the same with one swapped for one that was not there before. */
export const TABLE = [0, 2, 5, 8, 11, 17, 30, 35]
export const SWAPS = [12, 13, 14].map((other) => TABLE.map((at) => (at === 11 ? other : at)))
export const bottles = (places: readonly number[]): Paint[] =>
  places.map((at) => starterPaints[at]!)

const demo = lowTide(starterPaints.map(({ id }) => id))
const boxes = new Map<string, MixingBox>()
/** What puddles are mixed from in the rooms; the same again for the same bottles, so that what was mixed of it is known. */
function boxOf(paints: readonly Paint[]): MixingBox {
  const key = paints.map(({ id }) => id).join(' ')
  const box = boxes.get(key) ?? smallBox(paints, demo.puddles!)
  boxes.set(key, box)
  return box
}

export const figures = Array.from({ length: FIGURES }, (_, i): Figure => ({
  ...structuredClone(demo.figures[i % demo.figures.length]!),
  id: `figure-${i}`,
}))

/** A figure's ladder in its puddles, from its ends on, as the room's thread finds it. */
export function mixed(figure: Figure, paints: readonly Paint[], closest: ClosestRecipes): void {
  const box = boxOf(paints)
  const {
    base,
    lighting,
    moved,
    mixing,
    targetsAt,
    paints: given,
    ...limits
  } = jobOfFigure(figure, box)
  const { ends } = reachedEnds(
    (ends) => ladderTargets(base, lighting, { moved, ends }),
    (target) => closest.find(target, given, limits).best,
  )
  const steps = targetsAt(ends)
  mixLadder({
    ...limits,
    paints: given,
    targets: steps.map(({ target }) => target),
    base: steps.findIndex(({ key }) => key === 'base'),
    mixing: mixing ?? { way: 'puddles' },
    closest: (aims, from) => aims.map((aim) => closest.find(aim, from, limits).best),
    several: (target, many) => closest.list(target, given, limits, many).best,
    patience: { ms: 2500, now: () => performance.now() },
  })
}
