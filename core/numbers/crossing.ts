/** More steps than any smooth rise takes. */
const MOST_STEPS = 60

/**
 * Where a continuous function that is below nought at `low` and not at `high` comes to within `close` of nought: along
 * the chord, the end that stays halved in its weight (the Illinois method: Dowell & Jarratt 1971, BIT 11, 168). Some five
 * calls where halving takes twenty.
 * @param ends f at the two ends, where they are known.
 * @example crossing(0, 2, (x) => x * x - 2, 1e-9) // 1.41421…
 */
export function crossing(
  low: number,
  high: number,
  f: (x: number) => number,
  close: number,
  ends: readonly [number, number] = [f(low), f(high)],
): number {
  let [below, above] = ends
  let stayed = 0
  let at = high
  for (let i = 0; i < MOST_STEPS; i++) {
    at = high - (above * (high - low)) / (above - below)
    const value = f(at)
    if (Math.abs(value) <= close) return at
    if (value < 0) {
      ;[low, below] = [at, value]
      if (stayed === 1) above /= 2
      stayed = 1
    } else {
      ;[high, above] = [at, value]
      if (stayed === -1) below /= 2
      stayed = -1
    }
  }
  return at
}
