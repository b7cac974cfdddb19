import { mixX, mixY, mixZ, reckon } from './bandwise'
import { PAINT, paints } from './layout'

// @ts-ignore: decorator
@inline
function paintOf(members: usize, slot: usize): usize {
  return paints + <usize>load<u16>(members + 2 * slot) * PAINT
}

// @ts-ignore: decorator
@inline
function batchOf(n: i32, many: i32, members: usize, amounts: usize, out: usize): void {
  for (let m = 0; m < many; m++) {
    const p0 = paintOf(members, 0)
    const d0 = v128.load32_splat(amounts)
    reckon(
      n,
      false,
      p0,
      paintOf(members, 1),
      paintOf(members, 2),
      n > 3 ? paintOf(members, 3) : p0,
      n > 4 ? paintOf(members, 4) : p0,
      d0,
      v128.load32_splat(amounts, 4),
      v128.load32_splat(amounts, 8),
      n > 3 ? v128.load32_splat(amounts, 12) : d0,
      n > 4 ? v128.load32_splat(amounts, 16) : d0,
    )
    store<f32>(out, mixX)
    store<f32>(out, mixY, 4)
    store<f32>(out, mixZ, 8)
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
