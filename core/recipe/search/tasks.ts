import { clusterGroups, clustersAtDepth } from './paintTree'
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

/** Levels a slot's clusters are cut before a task begins; few mixes are not cut. */
function depthFor(paints: number, count: number): number {
  if (paints <= 40) return count < 4 ? 0 : 1
  if (count < 3) return 0
  return count > 3 ? 3 : paints <= 250 ? 1 : 2
}

/** All tasks, few paints first, each with every cell of ratios; of several searchers every `of`th, from the `part`th. */
export function* tasksOf(
  tree: PaintTree,
  ratios: readonly RatioTree[],
  { part = 0, of = 1 }: { part?: number; of?: number },
): Generator<Task> {
  const plan = ratios.map((cells, i) => {
    const depth = depthFor(tree.order.length, i + 1)
    const groups = clusterGroups(tree, clustersAtDepth(tree, depth), i + 1)
    return { cells: cellsAtDepth(cells, 2 * depth), groups }
  })
  const all = plan.reduce((sum, { cells, groups }) => sum + cells.length * groups.length, 0)
  let at = 0
  for (const { cells, groups } of plan)
    for (const clusters of groups)
      for (const cell of cells) if (at++ % of === part) yield { cell, clusters, done: at / all }
}
