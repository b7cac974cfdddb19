import { gcd } from '../../numbers/gcd'

/**
 * Every way to give `count` paints whole drops, one each at least and `most` in sum at most, without
 * those that only multiply a smaller one. Few drops first.
 */
export function compositions(count: number, most: number): number[][] {
  const found: number[][] = []
  const parts: number[] = []
  const add = (left: number, divisor: number): void => {
    if (parts.length === count - 1) {
      if (gcd(divisor, left) !== 1) return
      found.push([...parts, left])
      return
    }
    for (let d = 1; d <= left - (count - parts.length - 1); d++) {
      parts.push(d)
      add(left - d, gcd(divisor, d))
      parts.pop()
    }
  }
  for (let total = count; total <= most; total++) add(total, 0)
  return found
}
