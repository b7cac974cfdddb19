import { gcd } from '../../numbers/gcd'
import { clusterGroups, clustersOf } from './paintTree'
import type { PaintTree } from './paintTree'
import { cellsAtDepth } from './ratioTree'
import type { RatioTree } from './ratioTree'

/** A part of a search: clusters, one a slot, at the ratios of a cell. */
export interface Task {
  clusters: number[]
  cell: number
  /** Share of all tasks that stand before the end of this one. */
  done: number
}

/** The golden section: multiples of it lie scattered. */
const GOLDEN = 0.618

/** Levels a slot's clusters are cut before a task begins; few mixes are not cut. */
function depthFor(paints: number, count: number): number {
  if (paints <= 40) return count < 4 ? 0 : 1
  if (count < 3) return 0
  return count > 3 ? 3 : paints <= 250 ? 1 : 2
}

/** A step that visits so many places each once, far apart from one to the next. */
function strideOf(many: number): number {
  let step = Math.max(1, Math.round(many * GOLDEN))
  while (gcd(step, many) > 1) step++
  return step
}

/**
 * All tasks, few paints first; those of as many paints in a scattered order, so that the share done of them tells the time
 * that is left. Of several searchers each takes every `of`th, from the `part`th.
 */
export function* tasksOf(
  tree: PaintTree,
  ratios: readonly RatioTree[],
  { part = 0, of = 1 }: { part?: number; of?: number },
): Generator<Task> {
  const plan = ratios.map((cellTree, i) => {
    const depth = depthFor(tree.order.length, i + 1)
    const most = Math.ceil(tree.order.length / 2 ** depth)
    const groups = clusterGroups(tree, clustersOf(tree, most), i + 1)
    const cells = cellsAtDepth(cellTree, 2 * depth)
    return { cells, groups, many: cells.length * groups.length }
  })
  const all = plan.reduce((sum, { many }) => sum + many, 0)
  let at = 0
  for (const { cells, groups, many } of plan) {
    const step = strideOf(many)
    for (let n = 0; n < many; n++) {
      if (at++ % of !== part) continue
      const place = (n * step) % many
      const clusters = groups[Math.floor(place / cells.length)]!
      yield { clusters, cell: cells[place % cells.length]!, done: at / all }
    }
  }
}
