import {
  MERGED,
  MERGED_WEIGHTS,
  CORNERS,
  box,
  cells,
  clusterSize,
  clusters,
  corners,
  faceCount,
  faceSize,
  faceWeights,
  faces,
  mergedWeights,
  ranges,
  worked,
} from './layout'
import { ENTERS, sum, underOf } from './optics'

/** Share of the last bound's width in Y that the clusters make, the rest being the cell's. */
export let byClusters: f32 = 0

/**
 * Bounds of X, Y, Z, U, V over all mixes of the slots' clusters at the ratios of a cell; false when they are disjoint
 * from the box, or a face keeps all of them out. At each corner of the cell K/S lies between that of most K with least S and
 * that of least K with most S; at every ratio within it lies between the corners' (mediant).
 */
export function mayReach(n: i32, at: usize, cell: i32): bool {
  worked(1)
  const shape = cells + <usize>cell * 16
  const single = load<i32>(shape, 4) - load<i32>(shape) == 1
  const from = corners + <usize>cell * CORNERS
  const end = from + (single ? 20 : <usize>n * 20)
  let xl = f32x4.splat(0)
  let yl = f32x4.splat(0)
  let zl = f32x4.splat(0)
  let xh = f32x4.splat(0)
  let yh = f32x4.splat(0)
  let zh = f32x4.splat(0)
  let ul = f32x4.splat(0)
  let uh = f32x4.splat(0)
  let vl = f32x4.splat(0)
  let vh = f32x4.splat(0)
  let own = f32x4.splat(0)
  // Slots that are not there stand in the first one's place; their shares are nought.
  const c0 = clusters + <usize>load<i32>(at) * clusterSize
  const c1 = n > 1 ? clusters + <usize>load<i32>(at, 4) * clusterSize : c0
  const c2 = n > 2 ? clusters + <usize>load<i32>(at, 8) * clusterSize : c0
  let w = mergedWeights
  let range = ranges
  for (let g: usize = 0; g < clusterSize; g += MERGED) {
    let least = f32x4.pmin(f32x4.pmin(v128.load(c0 + g, 64), v128.load(c1 + g, 64)), v128.load(c2 + g, 64))
    let most = f32x4.pmax(f32x4.pmax(v128.load(c0 + g, 80), v128.load(c1 + g, 80)), v128.load(c2 + g, 80))
    for (let j = 3; j < n; j++) {
      const curve = clusters + <usize>load<i32>(at + <usize>j * 4) * clusterSize + g
      least = f32x4.pmin(least, v128.load(curve, 64))
      most = f32x4.pmax(most, v128.load(curve, 80))
    }
    const kl0 = v128.load(c0 + g)
    const kl1 = v128.load(c1 + g)
    const kl2 = v128.load(c2 + g)
    const kh0 = v128.load(c0 + g, 16)
    const kh1 = v128.load(c1 + g, 16)
    const kh2 = v128.load(c2 + g, 16)
    const sl0 = v128.load(c0 + g, 32)
    const sl1 = v128.load(c1 + g, 32)
    const sl2 = v128.load(c2 + g, 32)
    const sh0 = v128.load(c0 + g, 48)
    const sh1 = v128.load(c1 + g, 48)
    const sh2 = v128.load(c2 + g, 48)
    let qh = f32x4.splat(0)
    let ql = f32x4.splat(Infinity)
    let qhs = f32x4.splat(0)
    let qls = f32x4.splat(0)
    for (let corner = from; corner < end; corner += 20) {
      const d0 = v128.load32_splat(corner)
      const d1 = v128.load32_splat(corner, 4)
      const d2 = v128.load32_splat(corner, 8)
      let kl = f32x4.add(f32x4.add(f32x4.mul(d0, kl0), f32x4.mul(d1, kl1)), f32x4.mul(d2, kl2))
      let kh = f32x4.add(f32x4.add(f32x4.mul(d0, kh0), f32x4.mul(d1, kh1)), f32x4.mul(d2, kh2))
      let sl = f32x4.add(f32x4.add(f32x4.mul(d0, sl0), f32x4.mul(d1, sl1)), f32x4.mul(d2, sl2))
      let sh = f32x4.add(f32x4.add(f32x4.mul(d0, sh0), f32x4.mul(d1, sh1)), f32x4.mul(d2, sh2))
      for (let j = 3; j < n; j++) {
        const curve = clusters + <usize>load<i32>(at + <usize>j * 4) * clusterSize + g
        const d = v128.load32_splat(corner + <usize>j * 4)
        kl = f32x4.add(kl, f32x4.mul(d, v128.load(curve)))
        kh = f32x4.add(kh, f32x4.mul(d, v128.load(curve, 16)))
        sl = f32x4.add(sl, f32x4.mul(d, v128.load(curve, 32)))
        sh = f32x4.add(sh, f32x4.mul(d, v128.load(curve, 48)))
      }
      // Both quotients share one division.
      const inverse = f32x4.div(f32x4.splat(1), f32x4.mul(sl, sh))
      const high = f32x4.mul(f32x4.mul(kh, sh), inverse)
      const low = f32x4.mul(f32x4.mul(kl, sl), inverse)
      qh = f32x4.pmax(qh, high)
      ql = f32x4.pmin(ql, low)
      qhs = f32x4.add(qhs, high)
      qls = f32x4.add(qls, low)
    }
    const p = underOf(qh)
    const q = underOf(ql)
    const shared = f32x4.div(f32x4.splat(ENTERS), f32x4.mul(p, q))
    const low = f32x4.pmax(least, f32x4.mul(q, shared))
    const high = f32x4.pmin(most, f32x4.mul(p, shared))
    v128.store(range, low)
    v128.store(range, high, 16)
    range += 32
    const wx = v128.load(w)
    const wy = v128.load(w, 16)
    const wz = v128.load(w, 32)
    xl = f32x4.add(xl, f32x4.mul(wx, low))
    yl = f32x4.add(yl, f32x4.mul(wy, low))
    zl = f32x4.add(zl, f32x4.mul(wz, low))
    xh = f32x4.add(xh, f32x4.mul(wx, high))
    yh = f32x4.add(yh, f32x4.mul(wy, high))
    zh = f32x4.add(zh, f32x4.mul(wz, high))
    // The turned axes have weights of both signs: what is negative takes the other end.
    const up = v128.load(w, 48)
    const un = v128.load(w, 64)
    const vp = v128.load(w, 80)
    const vn = v128.load(w, 96)
    ul = f32x4.add(ul, f32x4.sub(f32x4.mul(up, low), f32x4.mul(un, high)))
    uh = f32x4.add(uh, f32x4.sub(f32x4.mul(up, high), f32x4.mul(un, low)))
    vl = f32x4.add(vl, f32x4.sub(f32x4.mul(vp, low), f32x4.mul(vn, high)))
    vh = f32x4.add(vh, f32x4.sub(f32x4.mul(vp, high), f32x4.mul(vn, low)))
    // Where the corners' own ranges, on average, are wider in log K/S than half the whole range.
    const wide = f32x4.gt(f32x4.mul(f32x4.mul(qhs, qhs), ql), f32x4.mul(f32x4.mul(qls, qls), qh))
    own = f32x4.add(own, v128.and(wide, f32x4.mul(wy, f32x4.sub(high, low))))
    w += MERGED_WEIGHTS
  }
  const least = sum(yl)
  const most = sum(yh)
  byClusters = sum(own) / (most - least)
  return (
    least <= load<f32>(box, 12) &&
    most >= load<f32>(box, 8) &&
    sum(xl) <= load<f32>(box, 4) &&
    sum(xh) >= load<f32>(box, 0) &&
    sum(ul) <= load<f32>(box, 28) &&
    sum(uh) >= load<f32>(box, 24) &&
    sum(vl) <= load<f32>(box, 36) &&
    sum(vh) >= load<f32>(box, 32) &&
    sum(zl) <= load<f32>(box, 20) &&
    sum(zh) >= load<f32>(box, 16) &&
    within()
  )
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
