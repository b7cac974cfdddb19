import type { Lab } from './lab'

const DEGREE = Math.PI / 180
const POW_25_7 = 25 ** 7
const COS_30 = Math.cos(30 * DEGREE)
const SIN_30 = 0.5
const COS_6 = Math.cos(6 * DEGREE)
/** Twice an angle in degrees, in parts of 25°. */
const TURN = 2 / DEGREE / 25
const SIN_6 = Math.sin(6 * DEGREE)
const COS_275 = Math.cos(275 * DEGREE)
const SIN_275 = Math.sin(275 * DEGREE)
const COS_63 = Math.cos(63 * DEGREE)
const SIN_63 = Math.sin(63 * DEGREE)

/** Sine by its series, for 0–60°: off by less than 1e-9, and cheaper than the general one. */
function sineTo60(x: number): number {
  const q = x * x
  return (
    x * (1 + q * (-1 / 6 + q * (1 / 120 + q * (-1 / 5040 + q * (1 / 362880 - q * (1 / 39916800))))))
  )
}

/** e^−x for 0–15, as the 64th power of its series at x/64: off by less than 1e-8. */
function expDown(x: number): number {
  const u = x * (1 / 64)
  const v = 1 - u * (1 - u * (1 / 2 - u * (1 / 6 - u * (1 / 24 - u * (1 / 120 - u * (1 / 720))))))
  const v2 = v * v
  const v4 = v2 * v2
  const v8 = v4 * v4
  const v16 = v8 * v8
  const v32 = v16 * v16
  return v32 * v32
}

/**
 * CIEDE2000 on bare numbers, for hot loops; `deltaE00` is the checked form.
 * Formula: ISO/CIE 11664-6:2014; notes on the hue mean: Sharma, Wu & Dalal 2005,
 * doi:10.1002/col.20070. kL = kC = kH = 1.
 *
 * The mean hue is the direction half-way between the two hues on the shorter way round, so it is
 * taken from the sum of their unit vectors, and its multiples from the addition theorems: one arc
 * tangent instead of two, no cosine at all.
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
  const c3 = meanC * meanC * meanC
  const c7 = c3 * c3 * meanC
  const stretch = 1.5 - 0.5 * Math.sqrt(c7 / (c7 + POW_25_7))
  const ap1 = a1 * stretch
  const ap2 = a2 * stretch
  const C1 = Math.sqrt(ap1 * ap1 + b1 * b1)
  const C2 = Math.sqrt(ap2 * ap2 + b2 * b2)
  const product = C1 * C2
  const C = (C1 + C2) / 2

  // cos and sin of the mean hue, and ΔH' = 2√(C1'C2') sin(Δh'/2).
  let cos = 1
  let sin = 0
  let dH = 0
  if (product === 0) {
    // One of the two is neutral: the hue of the other counts, and the hues do not differ.
    if (C > 0) {
      cos = (ap1 + ap2) / (C1 + C2)
      sin = (b1 + b2) / (C1 + C2)
    }
  } else {
    // Sum of the unit vectors, times C1'C2'.
    const x = ap1 * C2 + ap2 * C1
    const y = b1 * C2 + b2 * C1
    const length = Math.sqrt(x * x + y * y)
    if (length > 1e-5 * product) {
      const inverse = 1 / length
      cos = x * inverse
      sin = y * inverse
      dH = 2 * (ap1 * b2 - ap2 * b1) * Math.sqrt(product) * inverse
    } else {
      // Opposite hues: the standard takes the mean of the angles counted from 0° to 360°.
      const h1 = (Math.atan2(b1, ap1) + 2 * Math.PI) % (2 * Math.PI)
      const h2 = (Math.atan2(b2, ap2) + 2 * Math.PI) % (2 * Math.PI)
      const far = Math.abs(h2 - h1) > Math.PI
      const h = (h1 + h2) / 2 + (far ? Math.PI : 0)
      cos = Math.cos(h)
      sin = Math.sin(h)
      const dh = h2 - h1 - (far ? Math.sign(h2 - h1) * 2 * Math.PI : 0)
      dH = 2 * Math.sqrt(product) * Math.sin(dh / 2)
    }
  }
  const cos2 = 2 * cos * cos - 1
  const sin2 = 2 * sin * cos
  const cos3 = cos * (4 * cos * cos - 3)
  const sin3 = sin * (3 - 4 * sin * sin)
  const cos4 = 2 * cos2 * cos2 - 1
  const sin4 = 2 * sin2 * cos2
  const T =
    1 -
    0.17 * (cos * COS_30 + sin * SIN_30) +
    0.24 * cos2 +
    0.32 * (cos3 * COS_6 - sin3 * SIN_6) -
    0.2 * (cos4 * COS_63 + sin4 * SIN_63)
  const l = (L1 + L2) / 2 - 50
  // S_L = (q + 0.015 l²)/q; the three weighted differences share one division.
  const q = Math.sqrt(20 + l * l)
  const SLq = q + 0.015 * l * l
  const SC = 1 + 0.045 * C
  const SH = 1 + 0.015 * C * T
  const shared = 1 / (SLq * SC * SH)
  const dL = (L2 - L1) * q * SC * SH * shared
  const dC = (C2 - C1) * SLq * SH * shared
  const dh = dH * SLq * SC * shared
  const squares = dL * dL + dC * dC + dh * dh
  // The turn term lives round blue, 275°. From 0° to 180° it is below 1.1e-6 and is left out.
  if (sin >= 0) return Math.sqrt(squares)
  // The angle from 275°, by the tangent of its half; it lies within −95° and 85°.
  const near = cos * COS_275 + sin * SIN_275
  const aside = sin * COS_275 - cos * SIN_275
  const turn = TURN * Math.atan(aside / (1 + near))
  const C3 = C * C * C
  const C7 = C3 * C3 * C
  const RT = -2 * Math.sqrt(C7 / (C7 + POW_25_7)) * sineTo60(60 * DEGREE * expDown(turn * turn))
  return Math.sqrt(Math.max(0, squares + RT * dC * dh))
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
