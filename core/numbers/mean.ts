/**
 * Mean of numbers, 0 of none.
 * @example mean([1, 2, 6]) // 3
 */
export const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length)
