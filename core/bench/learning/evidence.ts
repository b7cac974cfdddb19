import { dot } from '../../numbers/dot'
import { inverseOf } from '../../numbers/inverseOf'

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
  const weights = inverseOf(inner)
  const right = new Float64Array(G.length)
  return {
    apply(v) {
      G.forEach((row, a) => (right[a] = dot(row, v)))
      const kept = v.slice()
      G.forEach((row, a) => {
        const found = dot(weights[a]!, right)
        for (let i = 0; i < kept.length; i++) kept[i]! -= row[i]! * found
      })
      return kept
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
