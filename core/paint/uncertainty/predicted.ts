import type { Mixture } from '../mixture'
import { deltaE00Of } from '../../colour/deltaE00'
import { labOf, writeLab, xyzOf } from '../../colour/lab'
import type { Lab, ViewingOptions } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import type { Weights } from '../../colour/weights'
import { dot } from '../../numbers/dot'
import { mixPaints } from '../mix'
import type { Part } from '../mix'
import { opaqueReflectance } from '../opaque'
import type { Paint } from '../paint'
import { K_SHAPES, SHAPES, basisShapes } from './basis'
import { choleskyOf, packedFactor } from './cholesky'
import { STARTER_SPREAD } from './spread'

/** A predicted colour and how sure it is. */
export interface Predicted {
  lab: Lab
  /** Two in three real mixes land within this ΔE00 of the prediction. */
  within: number
}

/** Two in three: a standard deviation's share of a normal distribution. */
const SHARE = 0.6827
const STEP = 0.02

/** Points of a standard normal in three dimensions, always the same (golden-ratio sequence, Box–Muller). */
const cloud: readonly (readonly [number, number, number])[] = Array.from(
  { length: 150 },
  (_, n) => {
    const u = (k: number): number =>
      ((n + 0.5) * [0.8191725134, 0.6710436067, 0.5497004779, 0.4503][k]!) % 1
    const radius = (k: number): number => Math.sqrt(-2 * Math.log(1 - u(k) * 0.9999))
    return [
      radius(0) * Math.cos(2 * Math.PI * u(1)),
      radius(0) * Math.sin(2 * Math.PI * u(1)),
      radius(2) * Math.cos(2 * Math.PI * u(3)),
    ]
  },
)

/** ΔE00 that `SHARE` of a normal cloud with a packed 3 × 3 factor stays within. */
function radiusOf({ L, a, b }: Lab, factor: readonly number[]): number {
  const [f0, f1, f2, f3, f4, f5] = factor as [number, number, number, number, number, number]
  const off = Float64Array.from(cloud, ([x, y, z]) =>
    deltaE00Of(L, a, b, L + f0 * x, a + f1 * x + f2 * y, b + f3 * x + f4 * y + f5 * z),
  )
  return off.sort()[Math.floor(SHARE * off.length)]!
}

const weighted = new WeakMap<Weights, readonly (readonly Float64Array[])[]>()
/** What a band adds to X, Y and Z where a shape lies, shape by shape; the same for all mixes under a light. */
function weightedShapes(weights: Weights): readonly (readonly Float64Array[])[] {
  let known = weighted.get(weights)
  if (!known) {
    const { x, y, z } = weights
    known = basisShapes.map((shape) =>
      [x, y, z].map((w) => Float64Array.from(shape, (v, i) => v * w[i]!)),
    )
    weighted.set(weights, known)
  }
  return known
}
/** How what is seen of an opaque mix moves, band by band, when log K and log S of one of its parts do. */
function bends(
  { K, S }: Mixture,
  seen: Spectrum,
  paint: Mixture,
  share: number,
): { byK: Spectrum; byS: Spectrum } {
  const moved = (curve: Spectrum, own: Spectrum): Spectrum =>
    curve.map((value, i) => value + STEP * share * own[i]!)
  const slope = (mixture: Mixture): Spectrum =>
    opaqueReflectance(mixture).map((R, i) => (R - seen[i]!) / STEP)
  return { byK: slope({ K: moved(K, paint.K), S }), byS: slope({ K, S: moved(S, paint.S) }) }
}

/**
 * The colour of an opaque mix with its uncertainty: the spreads of its paints are carried through the
 * mix by first differences (linear propagation, JCGM 100:2008, 5.1.2); paints err independently.
 * @example predictMix([{ paint: white, drops: 3 }, { paint: ochre, drops: 1 }]).within
 */
export function predictMix(parts: readonly Part<Paint>[], options: ViewingOptions = {}): Predicted {
  const mixture = mixPaints(parts)
  const seen = opaqueReflectance(mixture)
  const lab = labOf(seen, options)
  const weights = weightsOf(options.illuminant, options.observer)
  const shapes = weightedShapes(weights)
  const [X, Y, Z] = xyzOf(seen, options)
  const total = parts.reduce((sum, { drops }) => sum + drops, 0)
  const covariance = [0, 1, 2].map(() => new Float64Array(3))
  const slopes = new Float64Array(3 * SHAPES)
  for (const { paint, drops } of parts) {
    if (drops === 0) continue
    const spread = paint.spread ?? STARTER_SPREAD
    // Bands do not meet in a film: what a shape does is what each band does, times the shape there.
    const { byK, byS } = bends(mixture, seen, paint, drops / total)
    for (let k = 0; k < SHAPES; k++) {
      const bend = k < K_SHAPES ? byK : byS
      const [x, y, z] = shapes[k < K_SHAPES ? k : k - K_SHAPES]!
      const by = (w: Float64Array): number => STEP * dot(w, bend)
      writeLab(X + by(x!), Y + by(y!), Z + by(z!), weights.white, slopes, 3 * k)
      slopes[3 * k] = (slopes[3 * k]! - lab.L) / STEP
      slopes[3 * k + 1] = (slopes[3 * k + 1]! - lab.a) / STEP
      slopes[3 * k + 2] = (slopes[3 * k + 2]! - lab.b) / STEP
    }
    for (let j = 0; j < SHAPES; j++) {
      const column = [0, 0, 0]
      for (let i = j; i < SHAPES; i++) {
        const factor = packedFactor(spread, i, j)
        for (let c = 0; c < 3; c++) column[c]! += slopes[3 * i + c]! * factor
      }
      for (let r = 0; r < 3; r++)
        for (let c = 0; c < 3; c++) covariance[r]![c]! += column[r]! * column[c]!
    }
  }
  return { lab, within: radiusOf(lab, choleskyOf(covariance)) }
}
