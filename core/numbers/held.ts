/**
 * A value held within limits, ends included.
 * @example held(12, [0, 10]) // 10
 */
export const held = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value))
