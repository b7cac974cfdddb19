import { BANDS } from '../../colour/spectrum'

/** Both curves of a paint together: log(K/S), then log S. */
export const N = 2 * BANDS

/** Squared deviations in sum. */
export class Squares {
  cost = 0

  add(_places: readonly number[], _slopes: ArrayLike<number>, residual: number): void {
    this.cost += residual * residual
  }
}

/** Squared deviations as rows of a normal matrix: A += j jᵀ, b += j·r for sparse rows j. */
export class Normal extends Squares {
  readonly A = Array.from({ length: N }, () => new Float64Array(N))
  readonly b = new Float64Array(N)

  override add(places: readonly number[], slopes: ArrayLike<number>, residual: number): void {
    super.add(places, slopes, residual)
    for (let m = 0; m < places.length; m++) {
      const row = this.A[places[m]!]!
      for (let k = 0; k < places.length; k++) row[places[k]!]! += slopes[m]! * slopes[k]!
      this.b[places[m]!]! += slopes[m]! * residual
    }
  }
}
