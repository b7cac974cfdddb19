import {
  MERGED,
  MERGED_WEIGHTS,
  SHARES,
  STEP,
  box,
  clusterSize,
  clusters,
  faceCount,
  faceSize,
  faceWeights,
  faces,
  mergedWeights,
  ranges,
  shares,
  worked,
} from './layout'
import { ENTERS, more, sum, underOf } from './optics'

/** Where the cluster of a slot stands. */
// @ts-ignore: decorator
@inline
function clusterOf(at: usize, slot: usize): usize {
  return clusters + <usize>load<i32>(at + 4 * slot) * clusterSize
}

/** Most K/S at the corner that has a cell's step of a cluster, four bands. */
// @ts-ignore: decorator
@inline
function mostAt(kh: v128, sl: v128, step: v128, cluster: usize): v128 {
  return f32x4.div(more(kh, step, v128.load(cluster, 16)), more(sl, step, v128.load(cluster, 32)))
}

/** Least K/S there. */
// @ts-ignore: decorator
@inline
function leastAt(kl: v128, sh: v128, step: v128, cluster: usize): v128 {
  return f32x4.div(more(kl, step, v128.load(cluster)), more(sh, step, v128.load(cluster, 48)))
}

/**
 * Ranges of reflectance, and of Y, over all mixes of the slots' clusters at the ratios of a cell: false when Y is disjoint
 * from the box. At each corner of the cell K/S lies between that of most K with least S and that of least K with most S; at
 * every ratio within it lies between the corners' (mediant). `n` is known where this is put in.
 */
// @ts-ignore: decorator
@inline
function mayBeAsLight(n: i32, at: usize, own: usize): bool {
  let c0 = clusterOf(at, 0)
  let c1 = n > 1 ? clusterOf(at, 1) : c0
  let c2 = n > 2 ? clusterOf(at, 2) : c0
  let c3 = n > 3 ? clusterOf(at, 3) : c0
  let c4 = n > 4 ? clusterOf(at, 4) : c0
  const step = v128.load32_splat(own, STEP)
  const d0 = v128.load32_splat(own)
  const d1 = v128.load32_splat(own, 4)
  const d2 = v128.load32_splat(own, 8)
  const d3 = v128.load32_splat(own, 12)
  const d4 = v128.load32_splat(own, 16)
  let yl = f32x4.splat(0)
  let yh = f32x4.splat(0)
  let w = mergedWeights
  let range = ranges
  for (let g: usize = 0; g < clusterSize; g += MERGED) {
    // Offsets are written out: so they cost nothing.
    let kl = f32x4.mul(d0, v128.load(c0))
    let kh = f32x4.mul(d0, v128.load(c0, 16))
    let sl = f32x4.mul(d0, v128.load(c0, 32))
    let sh = f32x4.mul(d0, v128.load(c0, 48))
    if (n > 1) {
      kl = more(kl, d1, v128.load(c1))
      kh = more(kh, d1, v128.load(c1, 16))
      sl = more(sl, d1, v128.load(c1, 32))
      sh = more(sh, d1, v128.load(c1, 48))
    }
    if (n > 2) {
      kl = more(kl, d2, v128.load(c2))
      kh = more(kh, d2, v128.load(c2, 16))
      sl = more(sl, d2, v128.load(c2, 32))
      sh = more(sh, d2, v128.load(c2, 48))
    }
    if (n > 3) {
      kl = more(kl, d3, v128.load(c3))
      kh = more(kh, d3, v128.load(c3, 16))
      sl = more(sl, d3, v128.load(c3, 32))
      sh = more(sh, d3, v128.load(c3, 48))
    }
    if (n > 4) {
      kl = more(kl, d4, v128.load(c4))
      kh = more(kh, d4, v128.load(c4, 16))
      sl = more(sl, d4, v128.load(c4, 32))
      sh = more(sh, d4, v128.load(c4, 48))
    }
    let qh = mostAt(kh, sl, step, c0)
    let ql = leastAt(kl, sh, step, c0)
    let least = v128.load(c0, 64)
    let most = v128.load(c0, 80)
    c0 += MERGED
    if (n > 1) {
      qh = f32x4.pmax(qh, mostAt(kh, sl, step, c1))
      ql = f32x4.pmin(ql, leastAt(kl, sh, step, c1))
      least = f32x4.pmin(least, v128.load(c1, 64))
      most = f32x4.pmax(most, v128.load(c1, 80))
      c1 += MERGED
    }
    if (n > 2) {
      qh = f32x4.pmax(qh, mostAt(kh, sl, step, c2))
      ql = f32x4.pmin(ql, leastAt(kl, sh, step, c2))
      least = f32x4.pmin(least, v128.load(c2, 64))
      most = f32x4.pmax(most, v128.load(c2, 80))
      c2 += MERGED
    }
    if (n > 3) {
      qh = f32x4.pmax(qh, mostAt(kh, sl, step, c3))
      ql = f32x4.pmin(ql, leastAt(kl, sh, step, c3))
      least = f32x4.pmin(least, v128.load(c3, 64))
      most = f32x4.pmax(most, v128.load(c3, 80))
      c3 += MERGED
    }
    if (n > 4) {
      qh = f32x4.pmax(qh, mostAt(kh, sl, step, c4))
      ql = f32x4.pmin(ql, leastAt(kl, sh, step, c4))
      least = f32x4.pmin(least, v128.load(c4, 64))
      most = f32x4.pmax(most, v128.load(c4, 80))
      c4 += MERGED
    }
    const p = underOf(qh)
    const q = underOf(ql)
    const shared = f32x4.div(f32x4.splat(ENTERS), f32x4.mul(p, q))
    const low = f32x4.pmax(least, f32x4.mul(q, shared))
    const high = f32x4.pmin(most, f32x4.mul(p, shared))
    v128.store(range, low)
    v128.store(range, high, 16)
    range += 32
    const wy = v128.load(w, 16)
    yl = f32x4.add(yl, f32x4.mul(wy, low))
    yh = f32x4.add(yh, f32x4.mul(wy, high))
    w += MERGED_WEIGHTS
  }
  return sum(yl) <= load<f32>(box, 12) && sum(yh) >= load<f32>(box, 8)
}

/**
 * Whether the bounds of X, Y, Z, U, V over all mixes of the slots' clusters at the ratios of a cell have something in common with
 * the box, and no face keeps all of them out.
 */
export function mayReach(n: i32, at: usize, cell: i32): bool {
  worked(1)
  const own = shares + <usize>cell * SHARES
  const light =
    n == 3 ? mayBeAsLight(3, at, own)
    : n == 4 ? mayBeAsLight(4, at, own)
    : n == 2 ? mayBeAsLight(2, at, own)
    : n == 5 ? mayBeAsLight(5, at, own)
    : mayBeAsLight(1, at, own)
  return light && meetsUV() && meetsXZ() && within()
}

/** Sums of four vectors, a lane each. */
// @ts-ignore: decorator
@inline
function sums(a: v128, b: v128, c: v128, d: v128): v128 {
  const ab = f32x4.add(v128.shuffle<f32>(a, b, 0, 4, 1, 5), v128.shuffle<f32>(a, b, 2, 6, 3, 7))
  const cd = f32x4.add(v128.shuffle<f32>(c, d, 0, 4, 1, 5), v128.shuffle<f32>(c, d, 2, 6, 3, 7))
  return f32x4.add(v128.shuffle<f32>(ab, cd, 0, 1, 4, 5), v128.shuffle<f32>(ab, cd, 2, 3, 6, 7))
}

/** Whether least and greatest of two axes, in turn, have something in common with two pairs of the box. */
// @ts-ignore: decorator
@inline
function meet(ends: v128, first: v128, second: v128): bool {
  const sign = f32x4(1, -1, 1, -1)
  // The least is held against the greatest of the box, and the other way round.
  const limits = v128.shuffle<f32>(first, second, 1, 0, 5, 4)
  return i32x4.all_true(f32x4.le(f32x4.mul(ends, sign), f32x4.mul(limits, sign)))
}

/** Whether the last ranges of reflectance and the box have something in common along X and Z. */
// @ts-ignore: decorator
@inline
function meetsXZ(): bool {
  let xl = f32x4.splat(0)
  let xh = f32x4.splat(0)
  let zl = f32x4.splat(0)
  let zh = f32x4.splat(0)
  let w = mergedWeights
  const end = ranges + faceSize
  for (let range = ranges; range < end; range += 32) {
    const low = v128.load(range)
    const high = v128.load(range, 16)
    const x = v128.load(w)
    const z = v128.load(w, 32)
    xl = f32x4.add(xl, f32x4.mul(x, low))
    xh = f32x4.add(xh, f32x4.mul(x, high))
    zl = f32x4.add(zl, f32x4.mul(z, low))
    zh = f32x4.add(zh, f32x4.mul(z, high))
    w += MERGED_WEIGHTS
  }
  return meet(sums(xl, xh, zl, zh), v128.load(box), v128.load(box, 16))
}

/** The same along the turned axes, whose weights have both signs: what is negative takes the other end. */
// @ts-ignore: decorator
@inline
function meetsUV(): bool {
  let ul = f32x4.splat(0)
  let uh = f32x4.splat(0)
  let vl = f32x4.splat(0)
  let vh = f32x4.splat(0)
  let w = mergedWeights
  const end = ranges + faceSize
  for (let range = ranges; range < end; range += 32) {
    const low = v128.load(range)
    const high = v128.load(range, 16)
    const up = v128.load(w, 48)
    const un = v128.load(w, 64)
    const vp = v128.load(w, 80)
    const vn = v128.load(w, 96)
    ul = f32x4.add(ul, f32x4.sub(f32x4.mul(up, low), f32x4.mul(un, high)))
    uh = f32x4.add(uh, f32x4.sub(f32x4.mul(up, high), f32x4.mul(un, low)))
    vl = f32x4.add(vl, f32x4.sub(f32x4.mul(vp, low), f32x4.mul(vn, high)))
    vh = f32x4.add(vh, f32x4.sub(f32x4.mul(vp, high), f32x4.mul(vn, low)))
    w += MERGED_WEIGHTS
  }
  return meet(sums(ul, uh, vl, vh), v128.load(box, 24), v128.load(box, 32))
}

/** Whether no face keeps out all that the last ranges of reflectance hold: what is negative takes the other end. */
function within(): bool {
  let weights = faceWeights
  const end = faces + <usize>faceCount * 16
  for (let face = faces; face < end; face += 16) {
    let least = f32x4.splat(0)
    for (let g: usize = 0; g < faceSize; g += 32)
      least = f32x4.add(
        least,
        f32x4.sub(
          f32x4.mul(v128.load(weights + g), v128.load(ranges + g)),
          f32x4.mul(v128.load(weights + g, 16), v128.load(ranges + g, 16)),
        ),
      )
    if (sum(least) > load<f32>(face, 12)) return false
    weights += faceSize
  }
  return true
}
