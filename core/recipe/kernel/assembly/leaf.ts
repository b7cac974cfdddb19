import { chosen, setRatio } from './finds'
import { shapes, worked } from './layout'
import { four, one } from './mixes'

/** The chosen paints at some ratios. */
// @ts-ignore: decorator
@inline
function atRatios(n: i32, first: i32, last: i32): void {
  if (last - first < 3) for (let at = first; at < last; at++) {
    setRatio(at)
    one(n)
  }
  else for (let at = first; at < last; at += 4) {
    setRatio(at)
    four(n, true, last, 0, 0)
  }
}

/** Every mix of the slots' paints at some ratios, four ratios at a time; those that may be near are written down. */
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
    if (n == 3) atRatios(3, first, last)
    else if (n == 4) atRatios(4, first, last)
    else if (n == 5) atRatios(5, first, last)
    else if (n == 2) atRatios(2, first, last)
    else atRatios(1, first, last)
  }
}
