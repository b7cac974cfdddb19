/**
 * Lower factor of a symmetric positive matrix, rows packed one after the other; directions without
 * variance become zero columns.
 */
export function choleskyOf(matrix: readonly ArrayLike<number>[]): number[] {
  const n = matrix.length
  const rows: number[][] = Array.from({ length: n }, () => [])
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i]![j]!
      for (let k = 0; k < j; k++) sum -= rows[i]![k]! * rows[j]![k]!
      const diagonal = i === j ? Math.sqrt(Math.max(0, sum)) : rows[j]![j]!
      rows[i]!.push(i === j ? diagonal : diagonal > 1e-12 ? sum / diagonal : 0)
    }
  return rows.flat()
}

/** Entry of a packed lower factor. */
export const packedFactor = (factor: ArrayLike<number>, i: number, j: number): number =>
  j > i ? 0 : factor[(i * (i + 1)) / 2 + j]!
