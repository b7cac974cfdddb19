/**
 * Mixes that may be sought, written down until they are handed over.
 */
import { ENTRY, box, faceCount, faces, found, room, turn } from './layout'

/** Paints of the mix that is being evaluated, and its ratio or the first of four. */
export const chosen: usize = memory.data(20, 16)
export let ratio: i32 = 0
export function setRatio(at: i32): void {
  ratio = at
}
let count: i32 = 0

/** Called when the list of finds is full; may narrow the bounds. */
@external("search", "drain")
declare function drain(): void

export function foundCount(): i32 {
  return count
}
export function clearFound(): void {
  count = 0
}

/** Writes a mix down if it lies in the box and within all faces. */
export function keep(n: i32, lane: i32, X: f32, Y: f32, Z: f32): void {
  if (Y < load<f32>(box, 8) || Y > load<f32>(box, 12)) return
  if (X < load<f32>(box, 0) || X > load<f32>(box, 4)) return
  if (Z < load<f32>(box, 16) || Z > load<f32>(box, 20)) return
  const U = X - load<f32>(turn) * Y
  if (U < load<f32>(box, 24) || U > load<f32>(box, 28)) return
  const V = Z - load<f32>(turn, 4) * Y
  if (V < load<f32>(box, 32) || V > load<f32>(box, 36)) return
  const end = faces + <usize>faceCount * 16
  for (let face = faces; face < end; face += 16)
    if (load<f32>(face) * X + load<f32>(face, 4) * Y + load<f32>(face, 8) * Z > load<f32>(face, 12)) return
  if (count == room) {
    drain()
    count = 0
  }
  const entry = found + <usize>count * ENTRY
  for (let k = 0; k < n; k++) store<u16>(entry + <usize>k * 2, <u16>load<i32>(chosen + <usize>k * 4))
  store<i32>(entry, ratio + lane, 12)
  store<f32>(entry, X, 16)
  store<f32>(entry, Y, 20)
  store<f32>(entry, Z, 24)
  count++
}
