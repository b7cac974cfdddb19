/**
 * Sums and products of four numbers at a time, short enough to read a formula in.
 */

// @ts-ignore: decorator
@inline
export function all(value: f32): v128 {
  return f32x4.splat(value)
}
// @ts-ignore: decorator
@inline
export function times(a: v128, b: v128): v128 {
  return f32x4.mul(a, b)
}
// @ts-ignore: decorator
@inline
export function scaled(a: v128, by: f32): v128 {
  return f32x4.mul(a, f32x4.splat(by))
}
// @ts-ignore: decorator
@inline
export function square(a: v128): v128 {
  return f32x4.mul(a, a)
}
// @ts-ignore: decorator
@inline
export function plus(a: v128, b: v128): v128 {
  return f32x4.add(a, b)
}
// @ts-ignore: decorator
@inline
export function minus(a: v128, b: v128): v128 {
  return f32x4.sub(a, b)
}
/** √(a² + b²). */
// @ts-ignore: decorator
@inline
export function long(a: v128, b: v128): v128 {
  return f32x4.sqrt(plus(square(a), square(b)))
}
