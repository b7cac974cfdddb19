import { setRatio } from './finds'
import { four } from './mixes'

// @ts-ignore: decorator
@inline
function mixesOf(n: i32, first: i32, last: i32, to: usize, plane: usize): void {
  for (let at = first; at < last; at += 4) {
    setRatio(at)
    four(n, false, last, to, plane)
    to += 16
  }
}

/** L*, then a*, then b* of the chosen paints at some ratios, as f32, `plane` bytes apart; up to three more are written. */
export function mixSet(n: i32, first: i32, last: i32, to: usize, plane: usize): void {
  if (n == 3) mixesOf(3, first, last, to, plane)
  else if (n == 4) mixesOf(4, first, last, to, plane)
  else if (n == 2) mixesOf(2, first, last, to, plane)
  else if (n == 5) mixesOf(5, first, last, to, plane)
  else mixesOf(1, first, last, to, plane)
}
