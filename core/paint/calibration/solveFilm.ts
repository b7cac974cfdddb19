import { clamp } from '../../numbers/clamp'

/** The hyperbolic tangent of a film so thick that nothing shows through; beyond it S has no end. */
const OPAQUE = 1 - 1e-9

/** K and S of a film from its reflectance over two grounds, everything below the surface. */
export interface GroundReading {
  ground: number
  seen: number
}

/**
 * Solves K and S, mm⁻¹, at one band. A film answers its ground as R = R₀ + T²G/(1 − G·R₀); two
 * grounds give R₀ and T², and a = (1 + R₀² − T²)/(2R₀) the rest (Kubelka 1948).
 * @throws RangeError when no film could have given the readings.
 */
export function solveFilm(
  one: GroundReading,
  other: GroundReading,
  thicknessMm: number,
): { K: number; S: number } {
  const { ground: g1, seen: r1 } = one
  const { ground: g2, seen: r2 } = other
  if (g1 === g2) throw new RangeError(`both grounds are ${g1}; a film needs two different ones`)
  const r0 = (r1 * g2 - r2 * g1) / (g2 - g1 + g1 * g2 * (r1 - r2))
  const [g, r] = g2 > g1 ? [g2, r2] : [g1, r1]
  const t2 = ((r - r0) * (1 - g * r0)) / g
  if (!(r0 >= -1e-9 && r0 < 1 && t2 > 0 && t2 <= 1 + 1e-9))
    throw new RangeError(
      `over ${g1} it reads ${r1}, over ${g2} it reads ${r2}; no film of one thickness does both`,
    )
  // Without scattering only absorption dims the ground: T = e^(−KX).
  if (r0 < 1e-9) return { K: Math.max(0, -Math.log(Math.min(1, t2)) / 2 / thicknessMm), S: 0 }
  const a = Math.max(1, (1 + r0 * r0 - t2) / (2 * r0))
  const b = Math.sqrt(a * a - 1)
  const S =
    b < 1e-7
      ? r0 / ((1 - r0) * thicknessMm)
      : Math.atanh(clamp((b * r0) / (1 - a * r0), [0, OPAQUE])) / (b * thicknessMm)
  return { K: S * (a - 1), S }
}
