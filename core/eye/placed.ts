import type { Threshold } from './staircase'

/**
 * How far off an eye is that answers by a place: the root mean square of what it was off by, and between what it lies
 * nine times out of ten (the sum of squares as χ², by Wilson and Hilferty 1931). One answer counts beforehand.
 * @param offs in the unit of the skill; the newest 60 count.
 * @example placedOff([1, -1, 1], 1).threshold // 1
 */
export function placedOff(offs: readonly number[], from: number): Threshold {
  const newest = offs.slice(-60)
  const n = newest.length + 1
  const squares = newest.reduce((sum, off) => sum + off * off, from * from)
  const root = Math.sqrt(squares / n)
  const chi = (z: number): number =>
    n * Math.max(0.05, 1 - 2 / (9 * n) + z * Math.sqrt(2 / (9 * n))) ** 3
  return {
    threshold: root,
    low: Math.sqrt(squares / chi(1.645)),
    high: Math.sqrt(squares / chi(-1.645)),
  }
}
