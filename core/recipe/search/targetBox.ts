import { LEAST_RT, SL, mostRT } from '../../colour/differenceBounds'
import { EPSILON, fInverse } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { XYZ } from '../../colour/white'
import type { Face } from './faces'
import type { Turn } from './turn'

/**
 * Least and greatest X, Y, Z, in turn: X least, X greatest, Y least … and then of the turned axes
 * U = X − αY and V = Z − βY, along which lightness hardly shows.
 */
export type TargetBox = [...Pair, ...Pair, ...Pair, ...Pair, ...Pair]
type Pair = [least: number, most: number]

/** What holds everything that is sought: a box, and faces across other directions. */
export interface Bounds {
  box: TargetBox
  across: readonly Face[]
}

const ANY: Pair = [-Infinity, Infinity]
export const EVERYTHING: TargetBox = [...ANY, ...ANY, ...ANY, ...ANY, ...ANY]

/** f values above this are in the cubic part of CIELAB. */
const CUBIC = Math.cbrt(EPSILON)

/**
 * Interval of scale·(g(f + t) − κ·g(f)), g the cube, for f within [low, high] and t within [least, most]:
 * it rises with t, and in f it is a cubic whose ends and turning point hold its extremes. Colours with a
 * part below the cubic range are not bounded.
 */
function turned(
  low: number,
  high: number,
  [least, most]: Pair,
  scale: number,
  kappa: number,
): Pair {
  if (low <= CUBIC || low + least <= CUBIC) return ANY
  const extremes = (t: number): number[] => {
    const at = (f: number): number => (f + t) ** 3 - kappa * f ** 3
    // (f + t)² = κf²
    const turning = [t / (Math.sqrt(kappa) - 1), -t / (Math.sqrt(kappa) + 1)]
    return [low, high, ...turning.filter((f) => f > low && f < high)].map(at)
  }
  return [scale * Math.min(...extremes(least)), scale * Math.max(...extremes(most))]
}

const fy = (L: number): number => (L + 16) / 116

/**
 * Intervals of X, Y, Z that hold every colour within ΔE00 ≤ e of the target. Proof in docs/search.md:
 * |ΔL| ≤ e·S_L; (1 − ρ/2)(u² + v²) ≤ e² for u = ΔC'/S_C, v = ΔH'/S_H and |R_T| ≤ ρ; S_H ≤ S_C ≤
 * 1 + 0.045·C̄'; Δa'² + Δb'² = ΔC'² + ΔH'²; Δa = Δa'/(1 + G) with 1 + G ≥ 1.
 */
export function targetBox(target: Lab, white: XYZ, e: number, [alpha, beta]: Turn): TargetBox {
  if (!(e < 100)) return EVERYTHING
  // Mean lightness lies within half the difference of the target's; twice refined.
  let dL = e * 1.747
  for (let i = 0; i < 2; i++) dL = e * Math.max(SL(target.L - dL / 2), SL(target.L + dL / 2))
  // The stretched chroma of the target under any G.
  const C = Math.hypot(1.5 * target.a, target.b)
  let radius = Infinity
  for (const side of ['unknown', 'known'] as const) {
    // Worst rotation anywhere; from 0° to 180° of mean hue it is below 1.1e-6.
    const warm = side === 'known' && target.b - radius > 0
    if (side === 'known' && !warm) break
    let rho = warm ? LEAST_RT : 2 * Math.sin(Math.PI / 3)
    for (let i = 0; i < 3; i++) {
      const r = e / Math.sqrt(1 - rho / 2)
      const shrink = 1 - 0.0225 * r
      if (!(shrink > 0.05)) {
        radius = Infinity
        break
      }
      const mean = (C + r / 2) / shrink
      radius = r * (1 + 0.045 * mean)
      if (!warm) rho = mostRT(mean)
    }
  }
  // Lightness alone still bounds Y when chroma and hue are open.
  if (radius === Infinity)
    return [
      ...ANY,
      white[1] * fInverse(fy(target.L - dL)),
      white[1] * fInverse(fy(target.L + dL)),
      ...ANY,
      ...ANY,
      ...ANY,
    ]
  const [low, high] = [fy(target.L - dL), fy(target.L + dL)]
  const x = (f: number, a: number): number => white[0] * fInverse(f + a / 500)
  const z = (f: number, b: number): number => white[2] * fInverse(f - b / 200)
  return [
    x(low, target.a - radius),
    x(high, target.a + radius),
    white[1] * fInverse(low),
    white[1] * fInverse(high),
    z(low, target.b + radius),
    z(high, target.b - radius),
    ...turned(
      low,
      high,
      [(target.a - radius) / 500, (target.a + radius) / 500],
      white[0],
      (alpha * white[1]) / white[0],
    ),
    ...turned(
      low,
      high,
      [(-target.b - radius) / 200, (-target.b + radius) / 200],
      white[2],
      (beta * white[1]) / white[2],
    ),
  ]
}
