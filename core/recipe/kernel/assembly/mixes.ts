/**
 * Mixes of the chosen paints, four ratios or four bands at a time; those that may be sought are written down.
 */
import { mixX, mixY, mixZ, reckon } from './bandwise'
import { mayBeNear, writeLabs } from './difference'
import { chosen, keep, ratio } from './finds'
import { BLUE_GROUPS, GROUP, GROUPS, PAINT, box, paints, ratioStride, ratios, restOfZ, weights } from './layout'
import { reflect } from './optics'

// @ts-ignore: decorator
@inline
function paintAt(slot: usize): usize {
  return paints + <usize>load<i32>(chosen + 4 * slot) * PAINT
}

/** Drops of a slot in the ratio and the three after it. */
// @ts-ignore: decorator
@inline
function dropsOf(slot: usize): v128 {
  return v128.load(ratios + slot * ratioStride + <usize>ratio * 4)
}

/** A number of a curve in all lanes. An offset costs nothing only where it is written out. */
// @ts-ignore: decorator
@inline
function at(curve: usize, offset: i32): v128 {
  if (offset == 4) return v128.load32_splat(curve, 4)
  if (offset == 8) return v128.load32_splat(curve, 8)
  if (offset == 12) return v128.load32_splat(curve, 12)
  if (offset == 16) return v128.load32_splat(curve, 16)
  if (offset == 20) return v128.load32_splat(curve, 20)
  if (offset == 24) return v128.load32_splat(curve, 24)
  if (offset == 28) return v128.load32_splat(curve, 28)
  if (offset == 32) return v128.load32_splat(curve, 32)
  if (offset == 36) return v128.load32_splat(curve, 36)
  if (offset == 40) return v128.load32_splat(curve, 40)
  if (offset == 44) return v128.load32_splat(curve, 44)
  return v128.load32_splat(curve)
}

/** K or S of a band in four mixes: of each paint what it is, so many drops of it. */
// @ts-ignore: decorator
@inline
function mixed(
  n: i32,
  offset: i32,
  p0: usize,
  p1: usize,
  p2: usize,
  p3: usize,
  p4: usize,
  d0: v128,
  d1: v128,
  d2: v128,
  d3: v128,
  d4: v128,
): v128 {
  let all = f32x4.mul(d0, at(p0, offset))
  if (n > 1) all = f32x4.add(all, f32x4.mul(d1, at(p1, offset)))
  if (n > 2) all = f32x4.add(all, f32x4.mul(d2, at(p2, offset)))
  if (n > 3) all = f32x4.add(all, f32x4.mul(d3, at(p3, offset)))
  if (n > 4) all = f32x4.add(all, f32x4.mul(d4, at(p4, offset)))
  return all
}

/** What four bands of four mixes add to X, Y or Z. */
// @ts-ignore: decorator
@inline
function weighed(w: usize, offset: i32, r0: v128, r1: v128, r2: v128, r3: v128): v128 {
  const first = f32x4.add(f32x4.mul(at(w, offset), r0), f32x4.mul(at(w, offset + 4), r1))
  const last = f32x4.add(f32x4.mul(at(w, offset + 8), r2), f32x4.mul(at(w, offset + 12), r3))
  return f32x4.add(first, last)
}

/**
 * The chosen paints at the ratio and the three after it, a lane each. Where mixes are sought those below `last` that may be
 * near the target are written down; else L*, a*, b* of all four are, `plane` bytes apart. `n` and `seeking` are known where
 * this is put in, so that what is not there falls away.
 */
// @ts-ignore: decorator
@inline
export function four(n: i32, seeking: bool, last: i32, to: usize, plane: usize): void {
  let p0 = paintAt(0)
  let p1 = n > 1 ? paintAt(1) : p0
  let p2 = n > 2 ? paintAt(2) : p0
  let p3 = n > 3 ? paintAt(3) : p0
  let p4 = n > 4 ? paintAt(4) : p0
  const d0 = dropsOf(0)
  const d1 = n > 1 ? dropsOf(1) : d0
  const d2 = n > 2 ? dropsOf(2) : d0
  const d3 = n > 3 ? dropsOf(3) : d0
  const d4 = n > 4 ? dropsOf(4) : d0
  let X = f32x4.splat(0)
  let Y = f32x4.splat(0)
  let Z = f32x4.splat(0)
  let w = weights
  for (let group: i32 = 0; group < GROUPS; group++) {
    const r0 = reflect(
      mixed(n, 0, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
      mixed(n, 16, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
    )
    const r1 = reflect(
      mixed(n, 4, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
      mixed(n, 20, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
    )
    const r2 = reflect(
      mixed(n, 8, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
      mixed(n, 24, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
    )
    const r3 = reflect(
      mixed(n, 12, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
      mixed(n, 28, p0, p1, p2, p3, p4, d0, d1, d2, d3, d4),
    )
    X = f32x4.add(X, weighed(w, 0, r0, r1, r2, r3))
    Y = f32x4.add(Y, weighed(w, 16, r0, r1, r2, r3))
    Z = f32x4.add(Z, weighed(w, 32, r0, r1, r2, r3))
    p0 += GROUP
    if (n > 1) p1 += GROUP
    if (n > 2) p2 += GROUP
    if (n > 3) p3 += GROUP
    if (n > 4) p4 += GROUP
    w += 48
    // The blue of a mix may already say that it is not sought.
    if (seeking && group == BLUE_GROUPS - 1) {
      const most = f32x4.add(Z, f32x4.splat(restOfZ))
      const may = v128.and(
        f32x4.le(Z, v128.load32_splat(box, 20)),
        f32x4.ge(most, v128.load32_splat(box, 16)),
      )
      if (!v128.any_true(may)) return
    }
  }
  if (!seeking) {
    writeLabs(X, Y, Z, to, plane)
    return
  }
  const near = mayBeNear(X, Y, Z) & (last - ratio < 4 ? (1 << (last - ratio)) - 1 : 15)
  if (near & 1) keep(n, 0, f32x4.extract_lane(X, 0), f32x4.extract_lane(Y, 0), f32x4.extract_lane(Z, 0))
  if (near & 2) keep(n, 1, f32x4.extract_lane(X, 1), f32x4.extract_lane(Y, 1), f32x4.extract_lane(Z, 1))
  if (near & 4) keep(n, 2, f32x4.extract_lane(X, 2), f32x4.extract_lane(Y, 2), f32x4.extract_lane(Z, 2))
  if (near & 8) keep(n, 3, f32x4.extract_lane(X, 3), f32x4.extract_lane(Y, 3), f32x4.extract_lane(Z, 3))
}

/** The chosen paints at one ratio: where fewer than three ratios are left this is sooner done. */
// @ts-ignore: decorator
@inline
export function one(n: i32): void {
  const drops = ratios + <usize>ratio * 4
  const p0 = paintAt(0)
  const sought = reckon(
    n,
    true,
    p0,
    n > 1 ? paintAt(1) : p0,
    n > 2 ? paintAt(2) : p0,
    n > 3 ? paintAt(3) : p0,
    n > 4 ? paintAt(4) : p0,
    v128.load32_splat(drops),
    v128.load32_splat(drops + ratioStride),
    v128.load32_splat(drops + 2 * ratioStride),
    v128.load32_splat(drops + 3 * ratioStride),
    v128.load32_splat(drops + 4 * ratioStride),
  )
  if (sought) keep(n, 0, mixX, mixY, mixZ)
}
