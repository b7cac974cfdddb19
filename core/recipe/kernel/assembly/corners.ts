/**
 * Ranges of reflectance over all mixes of some clusters at the ratios of a cell (docs/search.md).
 */
import { MERGED, MERGED_WEIGHTS, STEP, box, clusterSize, clusters, mergedWeights, ranges } from './layout'
import { ENTERS, more, sum, under, underOf } from './optics'

/** Where the cluster of a slot stands. */
// @ts-ignore: decorator
@inline
function clusterOf(at: usize, slot: usize): usize {
  return clusters + <usize>load<i32>(at + 4 * slot) * clusterSize
}

/** What corners a cell has: its one or two ratios themselves, or those of a simplex of shares. */
export const ONE: i32 = 1
export const TWO: i32 = 2
export const SIMPLEX: i32 = 3

/** Ends of a cluster. */
const LEAST_K: i32 = 0
const MOST_K: i32 = 1
const LEAST_S: i32 = 2
const MOST_S: i32 = 3

/** Four bands of an end of a cluster. An offset costs nothing only where it is written out. */
// @ts-ignore: decorator
@inline
function endOf(cluster: usize, end: i32): v128 {
  if (end == MOST_K) return v128.load(cluster, 16)
  if (end == LEAST_S) return v128.load(cluster, 32)
  if (end == MOST_S) return v128.load(cluster, 48)
  return v128.load(cluster)
}

/** An end of the clusters summed over the slots, so much of each, four bands. */
// @ts-ignore: decorator
@inline
function summed(
  n: i32,
  end: i32,
  c0: usize,
  c1: usize,
  c2: usize,
  c3: usize,
  c4: usize,
  d0: v128,
  d1: v128,
  d2: v128,
  d3: v128,
  d4: v128,
): v128 {
  let all = f32x4.mul(d0, endOf(c0, end))
  if (n > 1) all = more(all, d1, endOf(c1, end))
  if (n > 2) all = more(all, d2, endOf(c2, end))
  if (n > 3) all = more(all, d3, endOf(c3, end))
  if (n > 4) all = more(all, d4, endOf(c4, end))
  return all
}

/** Most K/S at the corner that has a cell's step of a cluster, four bands. */
// @ts-ignore: decorator
@inline
function mostAt(kh: v128, sl: v128, step: v128, cluster: usize): v128 {
  return f32x4.div(more(kh, step, endOf(cluster, MOST_K)), more(sl, step, endOf(cluster, LEAST_S)))
}

/** Least K/S there. */
// @ts-ignore: decorator
@inline
function leastAt(kl: v128, sh: v128, step: v128, cluster: usize): v128 {
  return f32x4.div(more(kl, step, endOf(cluster, LEAST_K)), more(sh, step, endOf(cluster, MOST_S)))
}

/**
 * Ranges of reflectance, and of Y, over all mixes of the slots' clusters at the ratios of a cell: false when Y is disjoint
 * from the box. At each corner of the cell K/S lies between that of most K with least S and that of least K with most S; at
 * every ratio within it lies between the corners' (mediant). `n` and `corners` are known where this is put in.
 * @param own drops of the only ratio or of the first, or the least shares: those of a slot `stride` bytes after those of the last.
 */
// @ts-ignore: decorator
@inline
export function mayBeAsLight(n: i32, corners: i32, at: usize, own: usize, stride: usize): bool {
  let c0 = clusterOf(at, 0)
  let c1 = n > 1 ? clusterOf(at, 1) : c0
  let c2 = n > 2 ? clusterOf(at, 2) : c0
  let c3 = n > 3 ? clusterOf(at, 3) : c0
  let c4 = n > 4 ? clusterOf(at, 4) : c0
  const step = v128.load32_splat(own, STEP)
  const d0 = v128.load32_splat(own)
  const d1 = v128.load32_splat(own + stride)
  const d2 = v128.load32_splat(own + 2 * stride)
  const d3 = v128.load32_splat(own + 3 * stride)
  const d4 = v128.load32_splat(own + 4 * stride)
  const e0 = v128.load32_splat(own, 4)
  const e1 = v128.load32_splat(own + stride, 4)
  const e2 = v128.load32_splat(own + 2 * stride, 4)
  const e3 = v128.load32_splat(own + 3 * stride, 4)
  const e4 = v128.load32_splat(own + 4 * stride, 4)
  let yl = f32x4.splat(0)
  let yh = f32x4.splat(0)
  let w = mergedWeights
  let range = ranges
  for (let g: usize = 0; g < clusterSize; g += MERGED) {
    const kl = summed(n, LEAST_K, c0, c1, c2, c3, c4, d0, d1, d2, d3, d4)
    const kh = summed(n, MOST_K, c0, c1, c2, c3, c4, d0, d1, d2, d3, d4)
    const sl = summed(n, LEAST_S, c0, c1, c2, c3, c4, d0, d1, d2, d3, d4)
    const sh = summed(n, MOST_S, c0, c1, c2, c3, c4, d0, d1, d2, d3, d4)
    let low: v128
    let high: v128
    if (corners == ONE) {
      const p = under(kh, sl)
      const q = under(kl, sh)
      const shared = f32x4.div(f32x4.splat(ENTERS), f32x4.mul(p, q))
      low = f32x4.mul(f32x4.mul(sl, q), shared)
      high = f32x4.mul(f32x4.mul(sh, p), shared)
    } else {
      let qh: v128
      let ql: v128
      if (corners == TWO) {
        const otherKl = summed(n, LEAST_K, c0, c1, c2, c3, c4, e0, e1, e2, e3, e4)
        const otherKh = summed(n, MOST_K, c0, c1, c2, c3, c4, e0, e1, e2, e3, e4)
        const otherSl = summed(n, LEAST_S, c0, c1, c2, c3, c4, e0, e1, e2, e3, e4)
        const otherSh = summed(n, MOST_S, c0, c1, c2, c3, c4, e0, e1, e2, e3, e4)
        qh = f32x4.pmax(f32x4.div(kh, sl), f32x4.div(otherKh, otherSl))
        ql = f32x4.pmin(f32x4.div(kl, sh), f32x4.div(otherKl, otherSh))
      } else {
        qh = mostAt(kh, sl, step, c0)
        ql = leastAt(kl, sh, step, c0)
        if (n > 1) {
          qh = f32x4.pmax(qh, mostAt(kh, sl, step, c1))
          ql = f32x4.pmin(ql, leastAt(kl, sh, step, c1))
        }
        if (n > 2) {
          qh = f32x4.pmax(qh, mostAt(kh, sl, step, c2))
          ql = f32x4.pmin(ql, leastAt(kl, sh, step, c2))
        }
        if (n > 3) {
          qh = f32x4.pmax(qh, mostAt(kh, sl, step, c3))
          ql = f32x4.pmin(ql, leastAt(kl, sh, step, c3))
        }
        if (n > 4) {
          qh = f32x4.pmax(qh, mostAt(kh, sl, step, c4))
          ql = f32x4.pmin(ql, leastAt(kl, sh, step, c4))
        }
      }
      const p = underOf(qh)
      const q = underOf(ql)
      const shared = f32x4.div(f32x4.splat(ENTERS), f32x4.mul(p, q))
      low = f32x4.mul(q, shared)
      high = f32x4.mul(p, shared)
    }
    if (corners == SIMPLEX) {
      let least = v128.load(c0, 64)
      let most = v128.load(c0, 80)
      if (n > 1) {
        least = f32x4.pmin(least, v128.load(c1, 64))
        most = f32x4.pmax(most, v128.load(c1, 80))
      }
      if (n > 2) {
        least = f32x4.pmin(least, v128.load(c2, 64))
        most = f32x4.pmax(most, v128.load(c2, 80))
      }
      if (n > 3) {
        least = f32x4.pmin(least, v128.load(c3, 64))
        most = f32x4.pmax(most, v128.load(c3, 80))
      }
      if (n > 4) {
        least = f32x4.pmin(least, v128.load(c4, 64))
        most = f32x4.pmax(most, v128.load(c4, 80))
      }
      low = f32x4.pmax(least, low)
      high = f32x4.pmin(most, high)
    }
    v128.store(range, low)
    v128.store(range, high, 16)
    range += 32
    const wy = v128.load(w, 16)
    yl = f32x4.add(yl, f32x4.mul(wy, low))
    yh = f32x4.add(yh, f32x4.mul(wy, high))
    w += MERGED_WEIGHTS
    c0 += MERGED
    if (n > 1) c1 += MERGED
    if (n > 2) c2 += MERGED
    if (n > 3) c3 += MERGED
    if (n > 4) c4 += MERGED
  }
  return sum(yl) <= load<f32>(box, 12) && sum(yh) >= load<f32>(box, 8)
}

