import { solve } from '../../numbers/solve'

/** Drops of one bottle differ by so much from each other, as a share: steady hands, or as they fall. */
export const DROP_SIGMAS = [0.02, 0.2] as const

/**
 * Takes out of a reading what uneven drops may have done to it: with amounts c e^a, a of standard deviation σ/√drops,
 * the whitened residual r is weighed by M = 1 − G(GᵀG + S⁻²)⁻¹Gᵀ (the Schur complement of the amounts).
 * @param G whitened slopes by the logarithm of each amount.
 */
export function withoutDrops(
  G: readonly Float64Array[],
  drops: readonly number[],
  sigma: number,
): { apply: (v: Float64Array) => Float64Array; logDet: number } {
  const inner = G.map((row, a) =>
    Float64Array.from(G, (other, b) => {
      let sum = a === b ? drops[a]! / sigma ** 2 : 0
      for (let i = 0; i < row.length; i++) sum += row[i]! * other[i]!
      return sum
    }),
  )
  const prior = drops.reduce((sum, n) => sum + Math.log(n / sigma ** 2), 0)
  return {
    apply(v) {
      const right = Float64Array.from(G, (row) => row.reduce((sum, g, i) => sum + g * v[i]!, 0))
      const found = solve(
        inner.map((row) => row.slice()),
        right,
      )
      return v.map((value, i) => value - G.reduce((sum, row, a) => sum + row[i]! * found[a]!, 0))
    },
    logDet: logDetOf(inner) - prior,
  }
}

/** Logarithm of the determinant of a symmetric positive matrix. */
function logDetOf(matrix: readonly Float64Array[]): number {
  const rows = matrix.map((row) => row.slice())
  let sum = 0
  for (let c = 0; c < rows.length; c++) {
    sum += Math.log(Math.max(1e-300, rows[c]![c]!))
    for (let r = c + 1; r < rows.length; r++) {
      const factor = rows[r]![c]! / rows[c]![c]!
      for (let k = c; k < rows.length; k++) rows[r]![k]! -= factor * rows[c]![k]!
    }
  }
  return sum
}
