/**
 * Solves A·x = b by elimination with partial pivots; A is n × n in rows and is overwritten.
 * @throws RangeError when the matrix is singular.
 */
export function solve(A: Float64Array[], b: Float64Array): Float64Array {
  const n = b.length
  for (let col = 0; col < n; col++) {
    let pivot = col
    for (let row = col + 1; row < n; row++)
      if (Math.abs(A[row]![col]!) > Math.abs(A[pivot]![col]!)) pivot = row
    if (!(Math.abs(A[pivot]![col]!) > 1e-300)) throw new RangeError('the equations are singular')
    ;[A[col], A[pivot]] = [A[pivot]!, A[col]!]
    ;[b[col], b[pivot]] = [b[pivot]!, b[col]!]
    const head = A[col]!
    for (let row = col + 1; row < n; row++) {
      const line = A[row]!
      const factor = line[col]! / head[col]!
      if (factor === 0) continue
      for (let k = col; k < n; k++) line[k]! -= factor * head[k]!
      b[row]! -= factor * b[col]!
    }
  }
  for (let row = n - 1; row >= 0; row--) {
    const line = A[row]!
    for (let k = row + 1; k < n; k++) b[row]! -= line[k]! * b[k]!
    b[row]! /= line[row]!
  }
  return b
}
