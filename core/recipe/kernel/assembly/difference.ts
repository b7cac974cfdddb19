/**
 * Which of four X, Y, Z may lie within a CIEDE2000 difference of the target: a lower bound in single precision
 * (docs/search.md). For R_T stands the most that it may take away, so no angle is needed.
 */

/** What is sought: L*, a*, b*, chroma, the white's X, Y, Z, and the greatest difference, squared. */
export const target: usize = memory.data(32, 16)

// @ts-ignore: decorator
@inline
function all(value: f32): v128 {
  return f32x4.splat(value)
}
// @ts-ignore: decorator
@inline
function times(a: v128, b: v128): v128 {
  return f32x4.mul(a, b)
}
// @ts-ignore: decorator
@inline
function scaled(a: v128, by: f32): v128 {
  return f32x4.mul(a, f32x4.splat(by))
}
// @ts-ignore: decorator
@inline
function square(a: v128): v128 {
  return f32x4.mul(a, a)
}
// @ts-ignore: decorator
@inline
function plus(a: v128, b: v128): v128 {
  return f32x4.add(a, b)
}
// @ts-ignore: decorator
@inline
function minus(a: v128, b: v128): v128 {
  return f32x4.sub(a, b)
}
/** √(a² + b²). */
// @ts-ignore: decorator
@inline
function long(a: v128, b: v128): v128 {
  return f32x4.sqrt(plus(square(a), square(b)))
}

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

/** A bit for each of the four that may be near. */
// @ts-ignore: decorator
@inline
export function mayBeNear(X: v128, Y: v128, Z: v128): i32 {
  const fy = root(f32x4.div(Y, v128.load32_splat(target, 20)))
  const L = v128.load32_splat(target)
  const dL = minus(minus(scaled(fy, 116.0), all(16.0)), L)
  const mid = square(minus(plus(L, scaled(dL, 0.5)), all(50.0)))
  const weight = plus(all(1.0), f32x4.div(scaled(mid, 0.015), f32x4.sqrt(plus(all(20.0), mid))))
  const left = minus(v128.load32_splat(target, 28), square(f32x4.div(dL, weight)))
  if (!v128.any_true(f32x4.ge(left, all(0.0)))) return 0
  const a = scaled(minus(root(f32x4.div(X, v128.load32_splat(target, 16))), fy), 500.0)
  const b = scaled(minus(fy, root(f32x4.div(Z, v128.load32_splat(target, 24)))), 200.0)
  const b1 = v128.load32_splat(target, 8)
  const meanC = scaled(plus(v128.load32_splat(target, 12), long(a, b)), 0.5)
  const stretch = minus(all(1.5), scaled(chromatic(meanC), 0.5))
  const p1 = times(v128.load32_splat(target, 4), stretch)
  const p2 = times(a, stretch)
  const C1 = long(p1, b1)
  const C2 = long(p2, b)
  const product = times(C1, C2)
  const mean = scaled(plus(C1, C2), 0.5)
  const x = plus(times(p1, C2), times(p2, C1))
  const y = plus(times(b1, C2), times(b, C1))
  const far = long(x, y)
  const cos = f32x4.div(x, far)
  const sin = f32x4.div(y, far)
  const u = f32x4.div(minus(C2, C1), plus(all(1.0), scaled(mean, 0.045)))
  const SH = plus(all(1.0), scaled(times(mean, hueWeight(cos, sin)), 0.015))
  const dH = scaled(times(minus(times(p1, b), times(p2, b1)), f32x4.sqrt(product)), 2.0)
  const v = f32x4.div(dH, times(far, SH))
  // The squared angle from 275° is at least 2(1 − its cosine), and e^−x at most (1 + x/8)^−8.
  const near = plus(scaled(cos, 0.08715574), scaled(sin, -0.9961947))
  const fall = square(square(square(f32x4.div(all(1.0), minus(all(2.3131225), scaled(near, 1.3131225))))))
  const turn = scaled(times(chromatic(mean), f32x4.min(scaled(fall, 1.0471976), all(0.8660255))), 2.0)
  const blue = v128.and(f32x4.lt(sin, all(0.0)), times(turn, f32x4.max(times(u, v), all(0.0))))
  const apart = minus(plus(square(u), square(v)), blue)
  // Neutral, or nearly opposite in hue: the sum is not to be trusted, and is reckoned in full elsewhere.
  const clear = v128.and(f32x4.ge(product, all(1e-3)), f32x4.gt(far, scaled(product, 1e-2)))
  const out = v128.or(f32x4.lt(left, all(0.0)), v128.and(clear, f32x4.gt(apart, left)))
  return ~i32x4.bitmask(out) & 15
}
