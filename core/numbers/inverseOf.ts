/**
 * Inverse of A by elimination with partial pivots; A is n × n in rows and is left as it is.
 * @throws RangeError when the matrix is singular.
 */
export function inverseOf(A: readonly Float64Array[]): Float64Array[] {
  const n = A.length
  const rows = A.map((row, i) => {
    const wide = new Float64Array(2 * n)
    wide.set(row)
    wide[n + i] = 1
    return wide
  })
  for (let col = 0; col < n; col++) {
    let pivot = col
    for (let row = col + 1; row < n; row++)
      if (Math.abs(rows[row]![col]!) > Math.abs(rows[pivot]![col]!)) pivot = row
    if (!(Math.abs(rows[pivot]![col]!) > 1e-300)) throw new RangeError('the equations are singular')
    ;[rows[col], rows[pivot]] = [rows[pivot]!, rows[col]!]
    const head = rows[col]!
    const by = 1 / head[col]!
    for (let k = col; k < 2 * n; k++) head[k]! *= by
    for (let row = 0; row < n; row++) {
      const line = rows[row]!
      const factor = line[col]!
      if (row === col || factor === 0) continue
      for (let k = col; k < 2 * n; k++) line[k]! -= factor * head[k]!
    }
  }
  return rows.map((row) => row.slice(n))
}
