import { BLUE_GROUPS, GROUP, PAINT, box, restOfZ, weights } from './layout'
import { more, reflect, sum } from './optics'

/** X, Y, Z of the mix that was reckoned last. */
export let mixX: f32 = 0
export let mixY: f32 = 0
export let mixZ: f32 = 0

/**
 * One mix, four bands at a time: paints by where they stand, drops of each in all lanes. `n` is known where this is put
 * in, so that slots which are not there fall away.
 * @param seeking whether it ends where the blue of the mix already says that it is not sought; false is handed back then.
 */
// @ts-ignore: decorator
@inline
export function reckon(
  n: i32,
  seeking: bool,
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
): bool {
  let X = f32x4.splat(0)
  let Y = f32x4.splat(0)
  let Z = f32x4.splat(0)
  let w = weights
  for (let g: usize = 0; g < PAINT; g += GROUP) {
    let k = f32x4.mul(d0, v128.load(p0 + g))
    let s = f32x4.mul(d0, v128.load(p0 + g, 16))
    if (n > 1) {
      k = more(k, d1, v128.load(p1 + g))
      s = more(s, d1, v128.load(p1 + g, 16))
    }
    if (n > 2) {
      k = more(k, d2, v128.load(p2 + g))
      s = more(s, d2, v128.load(p2 + g, 16))
    }
    if (n > 3) {
      k = more(k, d3, v128.load(p3 + g))
      s = more(s, d3, v128.load(p3 + g, 16))
    }
    if (n > 4) {
      k = more(k, d4, v128.load(p4 + g))
      s = more(s, d4, v128.load(p4 + g, 16))
    }
    const r = reflect(k, s)
    X = more(X, v128.load(w), r)
    Y = more(Y, v128.load(w, 16), r)
    Z = more(Z, v128.load(w, 32), r)
    w += 48
    if (seeking && g == <usize>(BLUE_GROUPS - 1) * GROUP) {
      const soFar = sum(Z)
      if (soFar > load<f32>(box, 20) || soFar + restOfZ < load<f32>(box, 16)) return false
    }
  }
  mixX = sum(X)
  mixY = sum(Y)
  mixZ = sum(Z)
  return true
}
