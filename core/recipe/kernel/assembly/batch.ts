import { PAINT, paints, weights } from './layout'
import { reflect, sum } from './optics'

/** Many mixes of three: paints as u16, drops as f32, three each; X, Y, Z as f32 out. */
export function evaluateThree(many: i32, members: usize, amounts: usize, out: usize): void {
  for (let m = 0; m < many; m++) {
    const a = paints + <usize>load<u16>(members) * PAINT
    const b = paints + <usize>load<u16>(members, 2) * PAINT
    const c = paints + <usize>load<u16>(members, 4) * PAINT
    const da = v128.load32_splat(amounts)
    const db = v128.load32_splat(amounts, 4)
    const dc = v128.load32_splat(amounts, 8)
    let X = f32x4.splat(0)
    let Y = f32x4.splat(0)
    let Z = f32x4.splat(0)
    let w = weights
    for (let g: usize = 0; g < PAINT; g += 32) {
      const k = f32x4.add(
        f32x4.add(f32x4.mul(da, v128.load(a + g)), f32x4.mul(db, v128.load(b + g))),
        f32x4.mul(dc, v128.load(c + g)),
      )
      const s = f32x4.add(
        f32x4.add(
          f32x4.mul(da, v128.load(a + g, 16)),
          f32x4.mul(db, v128.load(b + g, 16)),
        ),
        f32x4.mul(dc, v128.load(c + g, 16)),
      )
      const r = reflect(k, s)
      X = f32x4.add(X, f32x4.mul(v128.load(w), r))
      Y = f32x4.add(Y, f32x4.mul(v128.load(w, 16), r))
      Z = f32x4.add(Z, f32x4.mul(v128.load(w, 32), r))
      w += 48
    }
    store<f32>(out, sum(X))
    store<f32>(out, sum(Y), 4)
    store<f32>(out, sum(Z), 8)
    members += 6
    amounts += 12
    out += 12
  }
}
