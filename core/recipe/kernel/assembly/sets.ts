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

/**
 * L*, then a*, then b* of the chosen paints at some ratios, as f32, `plane` bytes apart; up to three more are written. One
 * for each number of paints: what they have in common would be folded together in one, which costs a third more, and only
 * those that are called are made ready.
 */
export function mixOne(first: i32, last: i32, to: usize, plane: usize): void {
  mixesOf(1, first, last, to, plane)
}
export function mixTwo(first: i32, last: i32, to: usize, plane: usize): void {
  mixesOf(2, first, last, to, plane)
}
export function mixThree(first: i32, last: i32, to: usize, plane: usize): void {
  mixesOf(3, first, last, to, plane)
}
export function mixFour(first: i32, last: i32, to: usize, plane: usize): void {
  mixesOf(4, first, last, to, plane)
}
export function mixFive(first: i32, last: i32, to: usize, plane: usize): void {
  mixesOf(5, first, last, to, plane)
}
