/**
 * CIEDE2000 of four colours at a time from a target, in single precision (ISO/CIE 11664-6; docs/search.md).
 */
import { all, long, minus, plus, scaled, square, times } from './lanes'

/** What is sought: L*, a*, b*, chroma, the white's X, Y, Z, and the greatest difference, squared. */
export const target: usize = memory.data(32, 16)

/** Halley's step towards the cube root of t. */
// @ts-ignore: decorator
@inline
function closer(r: v128, t: v128): v128 {
  const cube = times(square(r), r)
  return f32x4.div(times(r, plus(cube, plus(t, t))), plus(plus(cube, cube), t))
}

/** The root value of CIELAB: a third of the bits, twice made closer; below 216/24389 a straight line. */
// @ts-ignore: decorator
@inline
function root(t: v128): v128 {
  const third = i32x4.trunc_sat_f32x4_s(scaled(f32x4.convert_i32x4_s(t), 1.0 / 3.0))
  const cubic = closer(closer(i32x4.add(third, i32x4.splat(709921077)), t), t)
  const straight = plus(scaled(t, 24389.0 / 27.0 / 116.0), all(16.0 / 116.0))
  return v128.bitselect(cubic, straight, f32x4.gt(t, all(216.0 / 24389.0)))
}

/** √(C⁷/(C⁷ + 25⁷)). */
// @ts-ignore: decorator
@inline
function chromatic(C: v128): v128 {
  const c3 = times(square(C), C)
  const c7 = times(square(c3), C)
  return f32x4.sqrt(f32x4.div(c7, plus(c7, all(6103515625.0))))
}

/** T by the cosine and sine of the mean hue. */
// @ts-ignore: decorator
@inline
function hueWeight(cos: v128, sin: v128): v128 {
  const cos2 = minus(scaled(square(cos), 2.0), all(1.0))
  const sin2 = scaled(times(sin, cos), 2.0)
  const cos3 = times(cos, minus(scaled(square(cos), 4.0), all(3.0)))
  const sin3 = times(sin, minus(all(3.0), scaled(square(sin), 4.0)))
  const cos4 = minus(scaled(square(cos2), 2.0), all(1.0))
  const sin4 = scaled(times(sin2, cos2), 2.0)
  // 0.17 cos(h − 30°), 0.24 cos 2h, 0.32 cos(3h + 6°), 0.2 cos(4h − 63°).
  const first = plus(scaled(cos, 0.14722432), scaled(sin, 0.085))
  const third = minus(scaled(cos3, 0.31824701), scaled(sin3, 0.03344911))
  const fourth = plus(scaled(cos4, 0.0907981), scaled(sin4, 0.17820131))
  return plus(minus(plus(scaled(cos2, 0.24), third), plus(first, fourth)), all(1.0))
}

/** e^−x for 0–15, as the 64th power of its series at x/64. */
// @ts-ignore: decorator
@inline
function expDown(x: v128): v128 {
  const y = scaled(x, 1.0 / 64.0)
  const third = minus(all(1.0), scaled(y, 1.0 / 3.0))
  const second = minus(all(1.0), times(scaled(y, 0.5), third))
  const power = minus(all(1.0), times(y, second))
  return square(square(square(square(square(square(power))))))
}

/** Sine by its series, for 0–60°. */
// @ts-ignore: decorator
@inline
function sineTo60(x: v128): v128 {
  const q = square(x)
  const fourth = minus(all(1.0), scaled(q, 1.0 / 72.0))
  const third = minus(all(1.0), times(scaled(q, 1.0 / 42.0), fourth))
  const second = minus(all(1.0), times(scaled(q, 1.0 / 20.0), third))
  return times(x, minus(all(1.0), times(scaled(q, 1.0 / 6.0), second)))
}

/** −R_T by the cosine of the angle from 275°, whose square is 2 Σ (2u)ⁿ/(n² C(2n, n)), u = 1 − cosine. */
// @ts-ignore: decorator
@inline
function turnOf(cosine: v128, mean: v128): v128 {
  const u = minus(all(1.0), cosine)
  let arc = all(0.00026001595)
  arc = plus(times(arc, u), all(0.00062160062))
  arc = plus(times(arc, u), all(0.0015222872))
  arc = plus(times(arc, u), all(0.003848003848))
  arc = plus(times(arc, u), all(0.01015873016))
  arc = plus(times(arc, u), all(0.02857142857))
  arc = plus(times(arc, u), all(0.08888888889))
  arc = plus(times(arc, u), all(0.33333333333))
  arc = times(plus(times(arc, u), all(2.0)), u)
  // In parts of 25°, squared.
  const fall = expDown(scaled(arc, 5.25249016))
  return scaled(times(chromatic(mean), sineTo60(scaled(fall, 1.0471976))), 2.0)
}

/** Square of the difference in lightness from the target, weighed. */
// @ts-ignore: decorator
@inline
function lightness(L: v128): v128 {
  const L1 = v128.load32_splat(target)
  const dL = minus(L, L1)
  const mid = square(minus(plus(L1, scaled(dL, 0.5)), all(50.0)))
  const weight = plus(all(1.0), f32x4.div(scaled(mid, 0.015), f32x4.sqrt(plus(all(20.0), mid))))
  return square(f32x4.div(dL, weight))
}

/** Square of the difference in chroma and hue from the target, weighed. */
// @ts-ignore: decorator
@inline
function chromaAndHue(a: v128, b: v128): v128 {
  const b1 = v128.load32_splat(target, 8)
  const meanC = scaled(plus(v128.load32_splat(target, 12), long(a, b)), 0.5)
  const stretch = minus(all(1.5), scaled(chromatic(meanC), 0.5))
  const p1 = times(v128.load32_splat(target, 4), stretch)
  const p2 = times(a, stretch)
  const C1 = long(p1, b1)
  const C2 = long(p2, b)
  const product = times(C1, C2)
  const mean = scaled(plus(C1, C2), 0.5)
  // The mean hue is the direction of the sum of the unit vectors, here C1'C2' times as long.
  const x = plus(times(p1, C2), times(p2, C1))
  const y = plus(times(b1, C2), times(b, C1))
  const far = f32x4.max(long(x, y), all(1e-12))
  const cos = f32x4.div(x, far)
  const sin = f32x4.div(y, far)
  const SC = plus(all(1.0), scaled(mean, 0.045))
  const SH = plus(all(1.0), scaled(times(mean, hueWeight(cos, sin)), 0.015))
  const u = f32x4.div(minus(C2, C1), SC)
  // ΔH' = 2 √(C1'C2') sin(Δh'/2), from the cross product where hues are alike, else from the dot product.
  const cross = minus(times(p1, b), times(p2, b1))
  const dot = plus(times(p1, p2), times(b1, b))
  const alike = f32x4.div(scaled(times(cross, f32x4.sqrt(product)), 2.0), far)
  const apart = f32x4.sqrt(f32x4.max(scaled(minus(product, dot), 2.0), all(0.0)))
  const signed = v128.bitselect(f32x4.neg(apart), apart, f32x4.lt(cross, all(0.0)))
  const dH = v128.bitselect(signed, alike, f32x4.lt(dot, all(0.0)))
  const v = f32x4.div(dH, SH)
  const cosine = plus(scaled(cos, 0.08715574), scaled(sin, -0.9961947))
  const turn = v128.and(f32x4.lt(sin, all(0.0)), turnOf(cosine, mean))
  return minus(plus(square(u), square(v)), times(turn, times(u, v)))
}

/** A bit for each of four X, Y, Z that may be near. */
// @ts-ignore: decorator
@inline
export function mayBeNear(X: v128, Y: v128, Z: v128): i32 {
  const most = v128.load32_splat(target, 28)
  const fy = root(f32x4.div(Y, v128.load32_splat(target, 20)))
  const light = lightness(minus(scaled(fy, 116.0), all(16.0)))
  if (!v128.any_true(f32x4.le(light, most))) return 0
  const a = scaled(minus(root(f32x4.div(X, v128.load32_splat(target, 16))), fy), 500.0)
  const b = scaled(minus(fy, root(f32x4.div(Z, v128.load32_splat(target, 24)))), 200.0)
  // What is no number, as where both are neutral, is not left out.
  return ~i32x4.bitmask(f32x4.gt(plus(light, chromaAndHue(a, b)), most)) & 15
}

/** L*, then a*, then b* of four X, Y, Z under the target's white, `plane` bytes apart. */
// @ts-ignore: decorator
@inline
export function writeLabs(X: v128, Y: v128, Z: v128, to: usize, plane: usize): void {
  const fy = root(f32x4.div(Y, v128.load32_splat(target, 20)))
  v128.store(to, minus(scaled(fy, 116.0), all(16.0)))
  v128.store(to + plane, scaled(minus(root(f32x4.div(X, v128.load32_splat(target, 16))), fy), 500.0))
  v128.store(to + 2 * plane, scaled(minus(fy, root(f32x4.div(Z, v128.load32_splat(target, 24)))), 200.0))
}

/**
 * Least difference of so many colours (L*, then a*, then b*, `room` f32 each) from each of some targets (L*, a*, b*, C*,
 * four f32 each); what stands in `least` is kept where it is less. Colours are read four at a time: the last stands three times more.
 */
export function leastDifferences(many: i32, room: i32, at: usize, targets: usize, count: i32, least: usize): void {
  const plane = <usize>room * 4
  const end = at + <usize>many * 4
  for (let t = 0; t < count; t++) {
    memory.copy(target, targets, 16)
    targets += 16
    let best = square(v128.load32_splat(least))
    for (let from = at; from < end; from += 16) {
      const light = lightness(v128.load(from))
      if (!v128.any_true(f32x4.lt(light, best))) continue
      const off = plus(light, chromaAndHue(v128.load(from + plane), v128.load(from + 2 * plane)))
      best = f32x4.pmin(best, off)
    }
    const pair = f32x4.pmin(best, i32x4.shuffle(best, best, 2, 3, 0, 1))
    const one = f32x4.pmin(pair, i32x4.shuffle(pair, pair, 1, 0, 3, 2))
    store<f32>(least, f32x4.extract_lane(f32x4.sqrt(f32x4.max(one, all(0.0))), 0))
    least += 4
  }
}
