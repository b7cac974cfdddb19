import type { Turn } from './turn'
import type { SearchKernel, Take } from './searchKernel'
import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import type { PaintTree } from './paintTree'
import type { Face } from './faces'
import { weightsAlong } from './faces'
import { leastOf, mayMeet, plainBound, reflectance } from './plainBound'
import { cornersOf } from './ratioTree'
import type { RatioCell, RatioTree } from './ratioTree'
import { EVERYTHING } from './targetBox'
import type { TargetBox } from './targetBox'

/** So few mixes are evaluated one by one instead of bounded further, and so few are not bounded at all. */
const LEAF = 8
const WORTH = 4
/** Rounding of sums in double precision is far below this share of a tristimulus value. */
const SLACK = 1e-11

/**
 * The search in plain TypeScript and double precision: the reference of the SIMD kernel, and what runs
 * where WebAssembly cannot be had. Same walk, same bounds.
 */
export function plainKernel(
  { clusters }: PaintTree,
  trees: readonly RatioTree[],
  weights: Weights,
  [alpha, beta]: Turn,
): SearchKernel {
  const bands = BANDS
  const { x, y, z } = weights
  const boundOf = plainBound(clusters, weights, [alpha, beta])
  let box: TargetBox = EVERYTHING
  let across: (Face & { w: Float64Array })[] = []
  let drops: readonly number[] = []
  let tree: RatioTree
  let take: Take = () => undefined
  let work = 0
  let allowed = Infinity
  const chosen = new Uint16Array(5)
  const sums = Array.from({ length: 6 }, () => new Float64Array(2 * BANDS))

  function leaf(slots: readonly number[], j: number, after: number): void {
    const { from, to } = clusters[slots[j]!]!
    const before = sums[j]!
    const now = sums[j + 1]!
    const d = drops[j]!
    for (let p = Math.max(from, after); p < to; p++) {
      chosen[j] = p
      const [K, , S] = clusters[p]!.curves
      for (let i = 0; i < bands; i++) {
        now[i] = before[i]! + d * K[i]!
        now[bands + i] = before[bands + i]! + d * S[i]!
      }
      if (j < slots.length - 1) {
        leaf(slots, j + 1, p + 1)
        continue
      }
      work++
      let [X, Y, Z] = [0, 0, 0]
      for (let i = 0; i < bands; i++) {
        const r = reflectance(now[i]! / Math.max(1e-150, now[bands + i]!))
        X += x[i]! * r
        Y += y[i]! * r
        Z += z[i]! * r
      }
      const at = [X, Y, Z, X - alpha * Y, Z - beta * Y]
      if (
        at.every((value, k) => value >= box[2 * k]! && value <= box[2 * k + 1]!) &&
        across.every((face) => face.x * X + face.y * Y + face.z * Z <= face.most)
      )
        take(chosen, drops, X, Y, Z)
    }
  }

  /** The slot whose cluster makes most of the width in log K/S, how much that is, and what the ratios make. */
  function widthsOf(
    slots: readonly number[],
    { middle, step }: RatioCell,
  ): { split: number; widest: number; byRatios: number } {
    const extents = slots.map((cluster) => clusters[cluster]!.extent)
    const [mixK, mixS] = [2, 3].map((k) =>
      extents.reduce((sum, extent, j) => sum + middle[j]! * extent[k]!, 0),
    ) as [number, number]
    let [split, widest, most, least] = [-1, 0, -Infinity, Infinity]
    extents.forEach(([K, S, middleK, middleS], j) => {
      const width = middle[j]! * (K / mixK + S / mixS)
      if (width > widest) [widest, split] = [width, j]
      const lean = middleK / mixK - middleS / mixS
      most = Math.max(most, lean)
      least = Math.min(least, lean)
    })
    return { split, widest, byRatios: step * (most - least) }
  }

  const sizeOf = (cluster: number): number => clusters[cluster]!.to - clusters[cluster]!.from
  function visit(slots: readonly number[], at: number): void {
    if (work > allowed) return
    const cell = tree.cells[at]!
    const ratios = cell.to - cell.from
    const combinations = slots.reduce((many, cluster) => many * sizeOf(cluster), 1)
    if (combinations * ratios > WORTH) {
      work++
      const bound = boundOf(slots, cornersOf(tree, cell))
      if (!mayMeet(bound, box) || across.some(({ w, most }) => leastOf(w, bound) > most)) return
    }
    if (combinations * ratios <= LEAF) {
      for (let r = cell.from; r < cell.to; r++) {
        drops = tree.ratios[r]!
        leaf(slots, 0, 0)
      }
      return
    }
    const { split, widest, byRatios } = widthsOf(slots, cell)
    if (split < 0 || widest < byRatios) {
      visit(slots, cell.left)
      visit(slots, cell.right)
      return
    }
    const cluster = slots[split]!
    const first = slots.indexOf(cluster)
    const many = slots.lastIndexOf(cluster) - first + 1
    const { left, right } = clusters[cluster]!
    for (let k = 0; k <= many; k++) {
      if (k > sizeOf(left) || many - k > sizeOf(right)) continue
      visit(
        slots.map((other, j) =>
          j < first || j >= first + many ? other : j - first < k ? left : right,
        ),
        at,
      )
    }
  }
  return {
    seek(wanted) {
      box = wanted.box.map(
        (v, k) => v + (k % 2 === 0 ? -1 : 1) * SLACK * (1 + Math.abs(v)),
      ) as TargetBox
      across = wanted.across.map((face) => {
        const w = weightsAlong(face, weights)
        return { ...face, w, most: face.most + SLACK * w.reduce((sum, v) => sum + Math.abs(v), 0) }
      })
    },
    search(slots, cell, into, most = Infinity) {
      tree = trees[slots.length - 1]!
      take = into
      allowed = work + most
      visit(slots, cell)
      return work <= allowed
    },
    takeWork() {
      const done = work
      work = 0
      return done
    },
  }
}
