/**
 * A value held within limits, ends included.
 * @example clamp(12, [0, 10]) // 10
 */
export const clamp = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value))
