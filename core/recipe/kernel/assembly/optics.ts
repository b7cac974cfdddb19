/**
 * Reflectance of K and S through the surface, four bands at a time (docs/optics.md).
 */

export const ENTERS: f32 = 0.384
export const LEAVES: f32 = 0.4
export const TRACE: f32 = 1e-12


// @ts-ignore: decorator
@inline
export function sum(v: v128): f32 {
  return (
    f32x4.extract_lane(v, 0) + f32x4.extract_lane(v, 1) + (f32x4.extract_lane(v, 2) + f32x4.extract_lane(v, 3))
  )
}

/** A sum with one more share of a curve, four bands. */
// @ts-ignore: decorator
@inline
export function more(sum: v128, share: v128, curve: v128): v128 {
  return f32x4.add(sum, f32x4.mul(share, curve))
}

/** What stands under S in R = A·S / (k2'·S + K + √(K(K + 2S))), four bands. */
// @ts-ignore: decorator
@inline
export function under(k: v128, s: v128): v128 {
  const root = f32x4.sqrt(f32x4.mul(k, f32x4.add(k, f32x4.add(s, s))))
  return f32x4.add(
    f32x4.add(f32x4.mul(f32x4.splat(LEAVES), s), k),
    f32x4.add(root, f32x4.splat(TRACE)),
  )
}

/** What stands under 1 in R = A / (k2' + q + √(q(q + 2))), q = K/S, four bands. */
// @ts-ignore: decorator
@inline
export function underOf(q: v128): v128 {
  const root = f32x4.sqrt(f32x4.mul(q, f32x4.add(q, f32x4.splat(2))))
  return f32x4.add(f32x4.add(f32x4.splat(LEAVES), q), root)
}

/** R of K and S through the surface, four bands. */
// @ts-ignore: decorator
@inline
export function reflect(k: v128, s: v128): v128 {
  return f32x4.div(f32x4.mul(f32x4.splat(ENTERS), s), under(k, s))
}
