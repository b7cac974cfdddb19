import { solve } from './solve'

/** A pivot smaller than this is not divided by. */
const LEAST_PIVOT = 1e-6

/** All the equations, written out. */
function whole(diagonal: Float64Array, beside: number, border: Float64Array[]): Float64Array[] {
  const n = diagonal.length
  const A = Array.from({ length: n + border.length }, () => new Float64Array(n + border.length))
  for (let i = 0; i < n; i++) {
    A[i]![i] = diagonal[i]!
    if (i + 1 < n) A[i]![i + 1] = A[i + 1]![i] = beside
    border.forEach((line, k) => (A[i]![n + k] = A[n + k]![i] = line[i]!))
  }
  return A
}

/**
 * Solves symmetric equations that are tridiagonal but for a few lines and columns at their end, as those of a curve
 * under conditions are: A = [T Bᵀ; B 0]. Eliminated along the diagonal, in proportion to its length; where a pivot on
 * the way is too small for that, as any equations.
 * @param diagonal of T, n values.
 * @param beside what stands beside it everywhere.
 * @param border lines of B, m of n values.
 * @param right n + m values.
 * @throws RangeError when the matrix is singular.
 * @example solveBordered(Float64Array.of(2, 2), -1, [Float64Array.of(1, 1)], Float64Array.of(0, 0, 2)) // 1, 1, -1
 */
export function solveBordered(
  diagonal: Float64Array,
  beside: number,
  border: Float64Array[],
  right: Float64Array,
): Float64Array {
  const n = diagonal.length
  const m = border.length
  const all = (): Float64Array => solve(whole(diagonal, beside, border), right.slice())
  const pivots = new Float64Array(n)
  const lines = border.map((line) => line.slice())
  const b = right.slice()
  // What the last equations come to hold among themselves.
  const rest = Array.from({ length: m }, () => new Float64Array(m))
  pivots[0] = diagonal[0]!
  for (let i = 0; i + 1 < n; i++) {
    const pivot = pivots[i]!
    if (Math.abs(pivot) < LEAST_PIVOT) return all()
    const factor = beside / pivot
    pivots[i + 1] = diagonal[i + 1]! - factor * beside
    b[i + 1]! -= factor * b[i]!
    for (let k = 0; k < m; k++) {
      const share = lines[k]![i]! / pivot
      for (let j = 0; j < m; j++) rest[k]![j]! -= share * lines[j]![i]!
      b[n + k]! -= share * b[i]!
    }
    for (const line of lines) line[i + 1]! -= factor * line[i]!
  }
  const last = n - 1
  const ends = lines.map((line) => line[last]!)
  const corner = [Float64Array.of(pivots[last]!, ...ends)]
  rest.forEach((line, k) => corner.push(Float64Array.of(ends[k]!, ...line)))
  solve(corner, b.subarray(last)) // the last of the curve and the multipliers
  for (let i = last - 1; i >= 0; i--) {
    let sum = b[i]! - beside * b[i + 1]!
    for (let k = 0; k < m; k++) sum -= lines[k]![i]! * b[n + k]!
    b[i] = sum / pivots[i]!
  }
  return b
}
