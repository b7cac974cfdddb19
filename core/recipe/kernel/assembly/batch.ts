import { PAINT, paints, weights } from './layout'
import { reflect, sum } from './optics'

// @ts-ignore: decorator
@inline
function paintOf(members: usize, slot: usize): usize {
  return paints + <usize>load<u16>(members + 2 * slot) * PAINT
}

/** `n` is known where this is put in, so that slots which are not there fall away. */
// @ts-ignore: decorator
@inline
function batchOf(n: i32, many: i32, members: usize, amounts: usize, out: usize): void {
  for (let m = 0; m < many; m++) {
    const p0 = paintOf(members, 0)
    const p1 = paintOf(members, 1)
    const p2 = paintOf(members, 2)
    const p3 = n > 3 ? paintOf(members, 3) : p0
    const p4 = n > 4 ? paintOf(members, 4) : p0
    const d0 = v128.load32_splat(amounts)
    const d1 = v128.load32_splat(amounts, 4)
    const d2 = v128.load32_splat(amounts, 8)
    const d3 = n > 3 ? v128.load32_splat(amounts, 12) : d0
    const d4 = n > 4 ? v128.load32_splat(amounts, 16) : d0
    let X = f32x4.splat(0)
    let Y = f32x4.splat(0)
    let Z = f32x4.splat(0)
    let w = weights
    for (let g: usize = 0; g < PAINT; g += 32) {
      let k = f32x4.add(
        f32x4.add(f32x4.mul(d0, v128.load(p0 + g)), f32x4.mul(d1, v128.load(p1 + g))),
        f32x4.mul(d2, v128.load(p2 + g)),
      )
      let s = f32x4.add(
        f32x4.add(f32x4.mul(d0, v128.load(p0 + g, 16)), f32x4.mul(d1, v128.load(p1 + g, 16))),
        f32x4.mul(d2, v128.load(p2 + g, 16)),
      )
      if (n > 3) {
        k = f32x4.add(k, f32x4.mul(d3, v128.load(p3 + g)))
        s = f32x4.add(s, f32x4.mul(d3, v128.load(p3 + g, 16)))
      }
      if (n > 4) {
        k = f32x4.add(k, f32x4.mul(d4, v128.load(p4 + g)))
        s = f32x4.add(s, f32x4.mul(d4, v128.load(p4 + g, 16)))
      }
      const r = reflect(k, s)
      X = f32x4.add(X, f32x4.mul(v128.load(w), r))
      Y = f32x4.add(Y, f32x4.mul(v128.load(w, 16), r))
      Z = f32x4.add(Z, f32x4.mul(v128.load(w, 32), r))
      w += 48
    }
    store<f32>(out, sum(X))
    store<f32>(out, sum(Y), 4)
    store<f32>(out, sum(Z), 8)
    members += 2 * <usize>n
    amounts += 4 * <usize>n
    out += 12
  }
}

/** Many mixes of three, four or five: paints as u16 and drops as f32, `n` each, 0 drops for none; X, Y, Z as f32 out. */
export function evaluateBatch(n: i32, many: i32, members: usize, amounts: usize, out: usize): void {
  if (n == 3) batchOf(3, many, members, amounts, out)
  else if (n == 4) batchOf(4, many, members, amounts, out)
  else batchOf(5, many, members, amounts, out)
}
