import {
  BLUE_PAINT,
  ENTRY,
  PAINT,
  box,
  found,
  paints,
  ratios,
  restOfZ,
  room,
  shapes,
  turn,
  weights,
  worked,
  xyz,
} from './layout'
import { reflect, sum } from './optics'

/** Ratio that is being evaluated. */
let ratio: i32 = 0
let count: i32 = 0
let chosen: usize = memory.data(20, 16)

/** Called when the list of finds is full; may narrow the box. */
@external("search", "drain")
declare function drain(): void

export function foundCount(): i32 {
  return count
}
export function clearFound(): void {
  count = 0
}

/** X, Y, Z of the chosen paints at the ratio into `xyz`; false when its blue already says it misses the box. */
function evaluate(n: i32): bool {
  const drops = ratios + <usize>ratio * 20
  const p0 = paints + <usize>load<i32>(chosen) * PAINT
  const p1 = n > 1 ? paints + <usize>load<i32>(chosen, 4) * PAINT : p0
  const p2 = n > 2 ? paints + <usize>load<i32>(chosen, 8) * PAINT : p0
  const d0 = v128.load32_splat(drops)
  const d1 = v128.load32_splat(drops, 4)
  const d2 = v128.load32_splat(drops, 8)
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
    for (let j = 3; j < n; j++) {
      const paint = paints + <usize>load<i32>(chosen + <usize>j * 4) * PAINT + g
      const d = v128.load32_splat(drops + <usize>j * 4)
      k = f32x4.add(k, f32x4.mul(d, v128.load(paint)))
      s = f32x4.add(s, f32x4.mul(d, v128.load(paint, 16)))
    }
    const r = reflect(k, s)
    X = f32x4.add(X, f32x4.mul(v128.load(w), r))
    Y = f32x4.add(Y, f32x4.mul(v128.load(w, 16), r))
    Z = f32x4.add(Z, f32x4.mul(v128.load(w, 32), r))
    w += 48
    if (g == BLUE_PAINT - 32) {
      const blue = sum(Z)
      if (blue > load<f32>(box, 20) || blue + restOfZ < load<f32>(box, 16)) return false
    }
  }
  store<f32>(xyz, sum(X))
  store<f32>(xyz, sum(Y), 4)
  store<f32>(xyz, sum(Z), 8)
  return true
}

/** Writes the last evaluation down if it lies in the box. */
function keep(n: i32): void {
  const Y = load<f32>(xyz, 4)
  if (Y < load<f32>(box, 8) || Y > load<f32>(box, 12)) return
  const X = load<f32>(xyz)
  if (X < load<f32>(box, 0) || X > load<f32>(box, 4)) return
  const Z = load<f32>(xyz, 8)
  if (Z < load<f32>(box, 16) || Z > load<f32>(box, 20)) return
  const U = X - load<f32>(turn) * Y
  if (U < load<f32>(box, 24) || U > load<f32>(box, 28)) return
  const V = Z - load<f32>(turn, 4) * Y
  if (V < load<f32>(box, 32) || V > load<f32>(box, 36)) return
  if (count == room) {
    drain()
    count = 0
  }
  const entry = found + <usize>count * ENTRY
  for (let k = 0; k < n; k++) store<u16>(entry + <usize>k * 2, <u16>load<i32>(chosen + <usize>k * 4))
  store<i32>(entry, ratio, 12)
  store<f32>(entry, X, 16)
  store<f32>(entry, Y, 20)
  store<f32>(entry, Z, 24)
  count++
}

/** Every mix of the slots' paints at some ratios, one by one; those in the box are written down. */
export function leaf(n: i32, at: usize, j: i32, after: i32, first: i32, last: i32): void {
  const cluster = load<i32>(at + <usize>j * 4)
  const shape = shapes + <usize>cluster * 16
  const from = max(load<i32>(shape), after)
  const to = load<i32>(shape, 4)
  for (let p = from; p < to; p++) {
    store<i32>(chosen + <usize>j * 4, p)
    if (j < n - 1) {
      leaf(n, at, j + 1, p + 1, first, last)
      continue
    }
    worked(last - first)
    for (ratio = first; ratio < last; ratio++) if (evaluate(n)) keep(n)
  }
}

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
