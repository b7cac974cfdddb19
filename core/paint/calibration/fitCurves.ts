import { labOfXyz } from '../../colour/lab'
import { BANDS } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { solve } from '../../numbers/solve'
import { weightsOf } from '../../colour/weights'
import { K_SHAPES, S_SHAPES, SHAPES, basisShapes } from '../uncertainty/basis'
import { choleskyOf } from '../uncertainty/cholesky'
import type { Spread } from '../uncertainty/spread'
import { pickedNoise, readingNoise } from './noise'
import { N, Normal, Squares } from './normal'
import type { Swatch } from './swatch'
import { modelOf, whiteDoubt } from './swatchModel'

/** What is believed before any reading: curves, and how far each may be off. */
export interface Prior {
  /** log(K/S) and log S. */
  u: Float64Array
  v: Float64Array
  /** One standard deviation of the mean of log S, and of a step of either curve to the next band. */
  strength: number
  stepU: number
  stepV: number
  /** Of the mean of log(K/S); readings tell it, so it is wide. */
  depth: number
}

export interface FittedCurves {
  K: Float64Array
  S: Float64Array
  spread: Spread
  /** Predicted reading of every swatch, and by how much another white could change it. */
  predicted: Spectrum[]
  doubts: Spectrum[]
}

const ROUNDS = 40

const everyBand = Array.from({ length: BANDS }, (_, i) => i)

/** The prior as rows: means of both curves, and every step of them from the prior's own step. */
function addPrior(
  normal: Squares,
  x: Float64Array,
  { u, v, strength, stepU, stepV, depth }: Prior,
): void {
  const mean = (from: number, prior: Float64Array, sigma: number): void => {
    const off = everyBand.reduce((sum, i) => sum + prior[i]! - x[from + i]!, 0) / BANDS
    const slope = new Float64Array(BANDS).fill(1 / BANDS / sigma)
    normal.add(
      everyBand.map((i) => from + i),
      slope,
      off / sigma,
    )
  }
  mean(0, u, depth)
  mean(BANDS, v, strength)
  const steps = (from: number, prior: Float64Array, sigma: number): void => {
    for (let i = 1; i < BANDS; i++) {
      const wanted = prior[i]! - prior[i - 1]!
      const r = wanted - (x[from + i]! - x[from + i - 1]!)
      normal.add([from + i, from + i - 1], [1 / sigma, -1 / sigma], r / sigma)
    }
  }
  steps(0, u, stepU)
  steps(BANDS, v, stepV)
}

function addSwatch(normal: Squares, x: Float64Array, swatch: Swatch): Spectrum {
  const model = modelOf(swatch)
  const h = 1e-4
  const R = Float64Array.from(everyBand, (i) => model(i, x[i]!, x[BANDS + i]!))
  const dU = R.map((r, i) => (model(i, x[i]! + h, x[BANDS + i]!) - r) / h)
  const dV = R.map((r, i) => (model(i, x[i]!, x[BANDS + i]! + h) - r) / h)
  if (swatch.reflectance) {
    const doubt = whiteDoubt(swatch, x)
    for (const i of everyBand) {
      const sigma = Math.hypot(readingNoise(swatch.reflectance[i]!), doubt[i]!)
      normal.add(
        [i, BANDS + i],
        [dU[i]! / sigma, dV[i]! / sigma],
        (swatch.reflectance[i]! - R[i]!) / sigma,
      )
    }
    return R
  }
  const weights = weightsOf()
  const xyz = [weights.x, weights.y, weights.z].map((w) =>
    R.reduce((sum, r, i) => sum + w[i]! * r, 0),
  )
  const lab = labOfXyz(xyz as [number, number, number], weights.white)
  // Slopes of L, a, b by X, Y, Z, by small differences.
  const slopes = [0, 1, 2].map((c) => {
    const step = 1e-4 * (xyz[c]! + 0.01)
    const there = labOfXyz(
      xyz.map((v, k) => (k === c ? v + step : v)) as [number, number, number],
      weights.white,
    )
    return [there.L - lab.L, there.a - lab.a, there.b - lab.b].map((d) => d / step)
  })
  const want = swatch.lab!
  const noise = pickedNoise[swatch.source ?? 'photograph']
  const residuals = [want.L - lab.L, want.a - lab.a, want.b - lab.b]
  const places = Array.from({ length: N }, (_, i) => i)
  residuals.forEach((residual, k) => {
    const byBand = everyBand.map(
      (i) =>
        slopes[0]![k]! * weights.x[i]! +
        slopes[1]![k]! * weights.y[i]! +
        slopes[2]![k]! * weights.z[i]!,
    )
    const row = Float64Array.from(
      places,
      (p) => (byBand[p % BANDS]! * (p < BANDS ? dU : dV)[p % BANDS]!) / noise,
    )
    normal.add(places, row, residual / noise)
  })
  return R
}

/** Adds what prior and readings are off by at x, weighted; returns the predicted reading of every swatch. */
function addAll(
  into: Squares,
  x: Float64Array,
  swatches: readonly Swatch[],
  prior: Prior,
): Spectrum[] {
  addPrior(into, x, prior)
  return swatches.map((swatch) => addSwatch(into, x, swatch))
}

/**
 * K and S that explain all readings best, given what is believed beforehand: Gauss–Newton with
 * Levenberg's damping on log(K/S) and log S of every band (maximum a posteriori; Tarantola 2005,
 * "Inverse Problem Theory", 3.2). The spread is the inverse of the last normal matrix, carried to the
 * ten smooth shapes.
 */
export function fitCurves(swatches: readonly Swatch[], prior: Prior): FittedCurves {
  // Strengths lie orders apart, so the start is the best of a coarse row of them.
  let x = new Float64Array(N)
  let least = Infinity
  for (let shift = -3; shift <= 3; shift += 0.5) {
    const start = new Float64Array(N)
    start.set(prior.u)
    start.set(
      prior.v.map((v) => v + shift),
      BANDS,
    )
    const squares = new Squares()
    addAll(squares, start, swatches, prior)
    if (!(squares.cost < least)) continue
    x = start
    least = squares.cost
  }
  if (least === Infinity) throw new RangeError('the readings hold values that are no numbers')
  const at = (there: Float64Array) => {
    const normal = new Normal()
    const predicted = addAll(normal, there, swatches, prior)
    return { normal, cost: normal.cost, predicted }
  }
  let now = at(x)
  let damping = 1e-3
  for (let round = 0; round < ROUNDS && damping < 1e8; round++) {
    const A = now.normal.A.map((row, i) => {
      const copy = row.slice()
      copy[i]! *= 1 + damping
      copy[i]! += 1e-12
      return copy
    })
    const move = solve(A, now.normal.b.slice())
    const next = x.map((value, i) => value + Math.max(-2, Math.min(2, move[i]!)))
    const there = at(next)
    if (there.cost < now.cost) {
      const small = now.cost - there.cost < 1e-9 * (1 + now.cost)
      x = next
      now = there
      damping = Math.max(1e-9, damping / 8)
      if (small) break
    } else damping *= 6
  }
  const S = Float64Array.from(everyBand, (i) => Math.exp(x[BANDS + i]!))
  const K = S.map((s, i) => s * Math.exp(x[i]!))
  const doubts = swatches.map((swatch) => whiteDoubt(swatch, x))
  return { K, S, spread: spreadFrom(now.normal.A), predicted: now.predicted, doubts }
}

/** Covariance of the ten shape coefficients from the normal matrix of the bands. */
function spreadFrom(A: readonly Float64Array[]): Spread {
  // Least-squares coefficients of a curve in the cosine shapes: rows of (BᵀB)⁻¹Bᵀ.
  const rows = (count: number): Float64Array[] => {
    const gram = Array.from({ length: count }, (_, a) =>
      Float64Array.from({ length: count }, (_, b) =>
        everyBand.reduce((sum, i) => sum + basisShapes[a]![i]! * basisShapes[b]![i]!, 0),
      ),
    )
    return Array.from({ length: count }, (_, k) => {
      const pick = solve(
        gram.map((row) => row.slice()),
        Float64Array.from({ length: count }, (_, a) => (a === k ? 1 : 0)),
      )
      return Float64Array.from(everyBand, (i) =>
        pick.reduce((sum, p, a) => sum + p * basisShapes[a]![i]!, 0),
      )
    })
  }
  const functionals = [
    // log K = u + v.
    ...rows(K_SHAPES).map((row) => Float64Array.from({ length: N }, (_, p) => row[p % BANDS]!)),
    ...rows(S_SHAPES).map((row) =>
      Float64Array.from({ length: N }, (_, p) => (p < BANDS ? 0 : row[p - BANDS]!)),
    ),
  ]
  const solved = functionals.map((f) =>
    solve(
      A.map((row) => row.slice()),
      f.slice(),
    ),
  )
  return choleskyOf(
    Array.from({ length: SHAPES }, (_, i) =>
      Float64Array.from({ length: SHAPES }, (_, j) =>
        functionals[i]!.reduce((sum, f, p) => sum + f * solved[j]![p]!, 0),
      ),
    ),
  )
}
