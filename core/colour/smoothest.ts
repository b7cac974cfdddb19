import { whiteOfLab } from './display'
import { xyzOfLab } from './lab'
import type { Lab } from './lab'
import { solveBordered } from '../numbers/solveBordered'
import { BANDS, flatSpectrum } from './spectrum'
import type { Spectrum } from './spectrum'
import { weightsOf } from './weights'
import type { Illuminant, Observer } from './white'

const STEPS = 60
const TOLERANCE = 1e-9

/**
 * The smoothest reflectance, within 0–1, that has the given colour: least squares of the slope of
 * z where R = (tanh z + 1)/2, found with Lagrange multipliers and Newton steps
 * (Burns 2020, Color Res. Appl. 45(1), "Numerical methods for smoothest reflectance reconstruction").
 * @param lab under its own white; D65, 2° when it names none.
 * @throws RangeError when no reflectance within 0–1 has this colour.
 * @example labOf(smoothestReflectance(flesh)).L // 65
 */
export function smoothestReflectance(lab: Lab): Spectrum {
  const [illuminant, observer] = (lab.white ?? 'D65/2').split('/')
  const weights = weightsOf(illuminant as Illuminant, Number(observer) as Observer)
  const target = xyzOfLab(lab, whiteOfLab(lab))
  // A neutral is a flat line: the smoothest there is, and the only way to reach pure black and white.
  const level = target[1] / 100
  if (Math.abs(lab.a) + Math.abs(lab.b) < 1e-6 && level >= 0 && level < 1 + 1e-9)
    return flatSpectrum(Math.min(1, level))
  const rows = [weights.x, weights.y, weights.z]
  const z = new Float64Array(BANDS).fill(
    Math.atanh(Math.min(0.98, Math.max(-0.98, target[1] / 50 - 1))),
  )
  const multipliers = new Float64Array(3)
  for (let step = 0; step < STEPS; step++) {
    // Newton's equations: bands are bound to their neighbours and to the three sums, and to nothing else.
    const diagonal = new Float64Array(BANDS)
    const border = rows.map(() => new Float64Array(BANDS))
    const F = new Float64Array(BANDS + 3)
    for (let k = 0; k < 3; k++) F[BANDS + k] = -target[k]! / 100
    for (let i = 0; i < BANDS; i++) {
      const t = Math.tanh(z[i]!)
      const slope = (1 - t * t) / 2
      const bend = -2 * t * slope
      const edges = (i > 0 ? 1 : 0) + (i < BANDS - 1 ? 1 : 0)
      F[i] = 2 * edges * z[i]!
      if (i > 0) F[i]! -= 2 * z[i - 1]!
      if (i < BANDS - 1) F[i]! -= 2 * z[i + 1]!
      diagonal[i] = 2 * edges
      for (let k = 0; k < 3; k++) {
        const w = rows[k]![i]! / 100
        F[BANDS + k]! += (w * (t + 1)) / 2
        F[i]! += multipliers[k]! * w * slope
        diagonal[i]! += multipliers[k]! * w * bend
        border[k]![i] = w * slope
      }
    }
    const worst = F.reduce((most, f) => Math.max(most, Math.abs(f)), 0)
    if (worst < TOLERANCE) return z.map((v) => (Math.tanh(v) + 1) / 2)
    let move: Float64Array
    try {
      move = solveBordered(
        diagonal,
        -2,
        border,
        F.map((f) => -f),
      )
    } catch {
      break
    }
    // tanh flattens beyond |z| = 3, where a full Newton step would overshoot.
    const largest = move.subarray(0, BANDS).reduce((most, d) => Math.max(most, Math.abs(d)), 0)
    const damp = largest > 1 ? 1 / largest : 1
    for (let i = 0; i < BANDS; i++) z[i]! += damp * move[i]!
    for (let k = 0; k < 3; k++) multipliers[k]! += damp * move[BANDS + k]!
  }
  throw new RangeError(
    `no surface has the colour L ${lab.L.toFixed(1)}, a ${lab.a.toFixed(1)}, b ${lab.b.toFixed(1)}; ` +
      'it is outside what any reflectance can show',
  )
}
