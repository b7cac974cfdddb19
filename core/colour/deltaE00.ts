import { chromaTerm } from './chromaTerm'
import type { Lab } from './lab'

const DEGREE = Math.PI / 180
const COS_275 = Math.cos(275 * DEGREE)
const SIN_275 = Math.sin(275 * DEGREE)
// T of the formula in the cosine and sine of the mean hue and of its double, by the addition
// theorems: cos 3h = cos h (2 cos 2h − 1), sin 3h = sin h (2 cos 2h + 1), and so on.
const T_1 = 1 + 0.2 * Math.cos(63 * DEGREE)
const T_COS2 = 0.24
const T_COS2_COS2 = -0.4 * Math.cos(63 * DEGREE)
const T_COS2_SIN2 = -0.4 * Math.sin(63 * DEGREE)
const T_COS = -0.17 * Math.cos(30 * DEGREE) - 0.32 * Math.cos(6 * DEGREE)
const T_COS_COS2 = 0.64 * Math.cos(6 * DEGREE)
const T_SIN = -0.17 * Math.sin(30 * DEGREE) - 0.32 * Math.sin(6 * DEGREE)
const T_SIN_COS2 = -0.64 * Math.sin(6 * DEGREE)

/** Sine by its series, for 0–60°: off by less than 1e-9, and cheaper than the general one. */
function sineTo60(x: number): number {
  const q = x * x
  return (
    x * (1 + q * (-1 / 6 + q * (1 / 120 + q * (-1 / 5040 + q * (1 / 362880 - q * (1 / 39916800))))))
  )
}

/**
 * exp(−(t/25°)²) from 1 − cos t, for t up to 95°: its eighth root by a polynomial (least squares,
 * weighted until the greatest error was least), off by less than 5e-10. No arc tangent, no
 * exponential.
 */
function expTheta(u: number): number {
  const root =
    0.9999999999470265 +
    u *
      (-1.3131225272791194 +
        u *
          (0.6432914343293121 +
            u * (-0.1483419613689513 + u * (0.017001975532290943 - u * 0.0009329631706286552))))
  const square = root * root
  const fourth = square * square
  return fourth * fourth
}

/**
 * CIEDE2000 on bare numbers, for hot loops; `deltaE00` is the checked form.
 * Formula: ISO/CIE 11664-6:2014; notes on the hue mean: Sharma, Wu & Dalal 2005,
 * doi:10.1002/col.20070. kL = kC = kH = 1.
 *
 * The mean hue is the direction half-way between the two hues on the shorter way round, so it is
 * taken from the sum of their unit vectors, and its multiples from the addition theorems: no arc
 * tangent and no cosine at all, unless the hues are opposite.
 * @example deltaE00Of(50, 2.6772, -79.7751, 50, 0, -82.7485) // 2.0425
 */
export function deltaE00Of(
  L1: number,
  a1: number,
  b1: number,
  L2: number,
  a2: number,
  b2: number,
): number {
  const meanC = (Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2
  const onePlusG = 1.5 - 0.5 * chromaTerm(meanC)
  const a1p = a1 * onePlusG
  const a2p = a2 * onePlusG
  const C1p = Math.sqrt(a1p * a1p + b1 * b1)
  const C2p = Math.sqrt(a2p * a2p + b2 * b2)
  const product = C1p * C2p
  const Cp = (C1p + C2p) / 2

  // cos and sin of the mean hue, and half = sin(Δh'/2): ΔH' = 2√(C1′C2′) half. Whether the hue is past
  // 180° is known before its sine is, so that what turns on it need not wait.
  let cos = 1
  let sin = 0
  let half = 0
  let past = false
  if (product === 0) {
    // One of the two is neutral: the hue of the other counts, and the hues do not differ.
    if (Cp > 0) {
      cos = (a1p + a2p) / (C1p + C2p)
      sin = (b1 + b2) / (C1p + C2p)
      past = sin < 0
    }
  } else {
    // Sum of the unit vectors, times C1′C2′.
    const x = a1p * C2p + a2p * C1p
    const y = b1 * C2p + b2 * C1p
    const length = Math.sqrt(x * x + y * y)
    past = y < 0
    if (length > 1e-5 * product) {
      const inverse = 1 / length
      cos = x * inverse
      sin = y * inverse
      half = (a1p * b2 - a2p * b1) * inverse
    } else {
      // Opposite hues: the standard takes the mean of the angles counted from 0° to 360°.
      const h1 = (Math.atan2(b1, a1p) + 2 * Math.PI) % (2 * Math.PI)
      const h2 = (Math.atan2(b2, a2p) + 2 * Math.PI) % (2 * Math.PI)
      const far = Math.abs(h2 - h1) > Math.PI
      const h = (h1 + h2) / 2 + (far ? Math.PI : 0)
      cos = Math.cos(h)
      sin = Math.sin(h)
      past = sin < 0
      half = Math.sin((h2 - h1 - (far ? Math.sign(h2 - h1) * 2 * Math.PI : 0)) / 2)
    }
  }
  const cos2 = 2 * cos * cos - 1
  const sin2 = 2 * sin * cos
  const T =
    T_1 +
    cos2 * (T_COS2 + T_COS2_COS2 * cos2 + T_COS2_SIN2 * sin2) +
    cos * (T_COS + T_COS_COS2 * cos2) +
    sin * (T_SIN + T_SIN_COS2 * cos2)
  const l = (L1 + L2) / 2 - 50
  // S_L = (q + 0.015 l²)/q; the three weighted differences share one division.
  const q = Math.sqrt(20 + l * l)
  const SLq = q + 0.015 * l * l
  const SC = 1 + 0.045 * Cp
  const SH = 1 + 0.015 * Cp * T
  const shared = 1 / (SLq * SC * SH)
  const dL = (L2 - L1) * q * SC * SH * shared
  const dC = (C2p - C1p) * SLq * SH * shared
  // Still without its √(C1′C2′), which only the turn term needs by itself.
  const dh = 2 * half * SLq * SC * shared
  const squares = dL * dL + dC * dC + dh * dh * product
  // The turn term lives round blue, 275°. From 0° to 180° it is below 1.1e-6 and is left out.
  if (!past) return Math.sqrt(squares)
  const e = expTheta(1 - (cos * COS_275 + sin * SIN_275))
  const RT = -2 * sineTo60(60 * DEGREE * e)
  return Math.sqrt(Math.max(0, squares + RT * dC * dh * chromaTerm(Cp, product)))
}

/**
 * CIEDE2000 colour difference.
 * @throws TypeError when both colours name their white and the whites differ.
 * @example deltaE00({ L: 50, a: 2.6772, b: -79.7751 }, { L: 50, a: 0, b: -82.7485 }) // 2.0425
 */
export function deltaE00(one: Lab, other: Lab): number {
  if (one.white && other.white && one.white !== other.white)
    throw new TypeError(
      `colours under ${one.white} and ${other.white} cannot be compared; adapt one of them first`,
    )
  return deltaE00Of(one.L, one.a, one.b, other.L, other.a, other.b)
}
