import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import { K1, K2 } from '../../paint/surface'
import type { SearchKernel, Take } from './kernel'
import type { PaintTree } from './paintTree'
import type { RatioCell, RatioTree } from './ratioTree'
import { EVERYTHING } from './targetBox'
import type { TargetBox, Turn } from './targetBox'

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
  { x, y, z }: Weights,
  [alpha, beta]: Turn,
): SearchKernel {
  const enters = (1 - K1) * (1 - K2)
  const leaves = 1 - K2
  const bands = BANDS
  const u = x.map((w, i) => w - alpha * y[i]!)
  const v = z.map((w, i) => w - beta * y[i]!)
  let box: TargetBox = EVERYTHING
  let drops: readonly number[] = []
  let tree: RatioTree
  let byClusters = 0
  let take: Take = () => undefined
  let work = 0
  const chosen = new Uint16Array(5)
  const sums = Array.from({ length: 6 }, () => new Float64Array(2 * BANDS))
  const reflectance = (q: number): number => enters / (leaves + q + Math.sqrt(q * (q + 2)))

  /** Bounds over all mixes of the clusters at the ratios of the cell; false when they miss the box. */
  function mayReach(slots: readonly number[], { corners }: RatioCell): boolean {
    work++
    const bound = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0]
    let own = 0
    for (let i = 0; i < bands; i++) {
      let [least, most, ql, qh, qls, qhs] = [1, 0, Infinity, 0, 0, 0]
      for (const slot of slots) {
        const c = clusters[slot]!.curves
        least = Math.min(least, c[4][i]!)
        most = Math.max(most, c[5][i]!)
      }
      for (const corner of corners) {
        let [kl, kh, sl, sh] = [0, 0, 1e-150, 1e-150]
        for (let j = 0; j < slots.length; j++) {
          const c = clusters[slots[j]!]!.curves
          const d = corner[j]!
          kl += d * c[0][i]!
          kh += d * c[1][i]!
          sl += d * c[2][i]!
          sh += d * c[3][i]!
        }
        ql = Math.min(ql, kl / sh)
        qh = Math.max(qh, kh / sl)
        qls += kl / sh
        qhs += kh / sl
      }
      const low = Math.max(least, reflectance(qh))
      const high = Math.min(most, reflectance(ql))
      bound[0]! += x[i]! * low
      bound[1]! += x[i]! * high
      bound[2]! += y[i]! * low
      bound[3]! += y[i]! * high
      bound[4]! += z[i]! * low
      bound[5]! += z[i]! * high
      // Weights below zero take the other end.
      bound[6]! += u[i]! * (u[i]! > 0 ? low : high)
      bound[7]! += u[i]! * (u[i]! > 0 ? high : low)
      bound[8]! += v[i]! * (v[i]! > 0 ? low : high)
      bound[9]! += v[i]! * (v[i]! > 0 ? high : low)
      if (qhs * qhs * ql > qls * qls * qh) own += y[i]! * (high - low)
    }
    byClusters = own / (bound[3]! - bound[2]!)
    return [0, 2, 4, 6, 8].every((k) => bound[k]! <= box[k + 1]! && bound[k + 1]! >= box[k]!)
  }

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
      if (at.every((value, k) => value >= box[2 * k]! && value <= box[2 * k + 1]!))
        take(chosen, drops, X, Y, Z)
    }
  }

  const sizeOf = (cluster: number): number => clusters[cluster]!.to - clusters[cluster]!.from
  function visit(slots: readonly number[], at: number): void {
    const cell = tree.cells[at]!
    const ratios = cell.to - cell.from
    let combinations = 1
    let split = -1
    let widest = -1
    slots.forEach((cluster, j) => {
      combinations *= sizeOf(cluster)
      const width = cell.middle[j]! * clusters[cluster]!.spread
      if (sizeOf(cluster) > 1 && width > widest) [widest, split] = [width, j]
    })
    if (combinations * ratios > WORTH && !mayReach(slots, cell)) return
    if (combinations * ratios <= LEAF) {
      for (let r = cell.from; r < cell.to; r++) {
        drops = tree.ratios[r]!
        leaf(slots, 0, 0)
      }
      return
    }
    if (ratios > 1 && (split < 0 || byClusters < 0.5)) {
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
    setBox(wanted) {
      box = wanted.map(
        (v, k) => v + (k % 2 === 0 ? -1 : 1) * SLACK * (1 + Math.abs(v)),
      ) as TargetBox
    },
    search(slots, cell, into) {
      tree = trees[slots.length - 1]!
      take = into
      visit(slots, cell)
    },
    takeWork() {
      const done = work
      work = 0
      return done
    },
  }
}
