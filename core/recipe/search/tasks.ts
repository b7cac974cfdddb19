import { gcd } from '../../numbers/gcd'
import { clusterGroups, clustersOf } from './paintTree'
import type { PaintTree } from './paintTree'
import { cellsAtDepth } from './ratioTree'
import type { RatioTree } from './ratioTree'

/** A part of a search: clusters, one a slot, at the ratios of a cell. */
interface Task {
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

/** All tasks of a search: so many, and each by its place. */
export interface Tasks {
  many: number
  at(place: number): Task
}

/**
 * All tasks, few paints first; those of as many paints in a scattered order, so that the share done of them tells the time
 * that is left.
 */
export function tasksOf(tree: PaintTree, ratios: readonly RatioTree[]): Tasks {
  let before = 0
  const plan = ratios.map((cellTree, i) => {
    const depth = depthFor(tree.order.length, i + 1)
    const most = Math.ceil(tree.order.length / 2 ** depth)
    const groups = clusterGroups(tree, clustersOf(tree, most), i + 1)
    const cells = cellsAtDepth(cellTree, 2 * depth)
    const many = cells.length * groups.length
    before += many
    return { cells, groups, many, step: strideOf(many), from: before - many }
  })
  return {
    many: before,
    at(place) {
      const { cells, groups, many, step, from } = plan.findLast((one) => place >= one.from)!
      const own = ((place - from) * step) % many
      const clusters = groups[Math.floor(own / cells.length)]!
      return { clusters, cell: cells[own % cells.length]!, done: (place + 1) / before }
    },
  }
}
