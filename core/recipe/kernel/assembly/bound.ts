import { ONE, SIMPLEX, TWO, mayBeAsLight } from './corners'
import {
  MERGED_WEIGHTS,
  SHARES,
  box,
  faceCount,
  faceSize,
  faceWeights,
  faces,
  mergedWeights,
  ranges,
  ratioStride,
  ratios,
  shares,
  worked,
} from './layout'
import { sum } from './optics'

/** Whether Y may lie in the box: a single ratio and two are their own corners. */
// @ts-ignore: decorator
@inline
function ofCell(n: i32, at: usize, cell: i32, first: i32, last: i32): bool {
  const drops = ratios + <usize>first * 4
  if (last - first == 1) return mayBeAsLight(n, ONE, at, drops, ratioStride)
  if (last - first == 2) return mayBeAsLight(n, TWO, at, drops, ratioStride)
  return mayBeAsLight(n, SIMPLEX, at, shares + <usize>cell * SHARES, 4)
}

/**
 * Whether the bounds of X, Y, Z, U, V over all mixes of the slots' clusters at the ratios of a cell have something in common with
 * the box, and no face keeps all of them out.
 */
export function mayReach(n: i32, at: usize, cell: i32, first: i32, last: i32): bool {
  worked(1)
  const light =
    n == 3 ? ofCell(3, at, cell, first, last)
    : n == 4 ? ofCell(4, at, cell, first, last)
    : n == 2 ? ofCell(2, at, cell, first, last)
    : n == 5 ? ofCell(5, at, cell, first, last)
    : ofCell(1, at, cell, first, last)
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
