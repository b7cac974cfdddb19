/** How an interval is cut: half-way, or at its geometric mean where it spans powers of ten. */
export type Middle = (low: number, high: number) => number
const halfWay: Middle = (low, high) => (low + high) / 2
export const geometric: Middle = (low, high) => Math.sqrt(low * high)

/**
 * Narrows an interval to where a rising condition begins to hold: `low` stays on the side where it does not, `high` on
 * the side where it does. The ends themselves are not asked.
 * @param times how often the interval is cut.
 * @example bisect(0, 2, (x) => x * x >= 2, 40).high // 1.41421…
 */
export function bisect(
  low: number,
  high: number,
  holds: (x: number) => boolean,
  times: number,
  middle: Middle = halfWay,
): { low: number; high: number } {
  for (let i = 0; i < times; i++) {
    const at = middle(low, high)
    if (holds(at)) high = at
    else low = at
  }
  return { low, high }
}
