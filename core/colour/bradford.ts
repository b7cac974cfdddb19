import type { XYZ } from './white'

type Matrix = readonly (readonly [number, number, number])[]

/** Bradford cone responses (Lam 1985, as used in ICC.1:2022, Annex E). */
const CONES: Matrix = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
]

export const apply = (m: Matrix, [x, y, z]: readonly [number, number, number]): XYZ => [
  m[0]![0] * x + m[0]![1] * y + m[0]![2] * z,
  m[1]![0] * x + m[1]![1] * y + m[1]![2] * z,
  m[2]![0] * x + m[2]![1] * y + m[2]![2] * z,
]

/** Inverse of a 3 × 3 matrix by cofactors. */
export function inverse(m: Matrix): Matrix {
  const [[a, b, c], [d, e, f], [g, h, i]] = m as [XYZ, XYZ, XYZ]
  const A = e * i - f * h
  const B = f * g - d * i
  const C = d * h - e * g
  const det = a * A + b * B + c * C
  return [
    [A / det, (c * h - b * i) / det, (b * f - c * e) / det],
    [B / det, (a * i - c * g) / det, (c * d - a * f) / det],
    [C / det, (b * g - a * h) / det, (a * e - b * d) / det],
  ]
}

const FROM_CONES = inverse(CONES)

/**
 * The corresponding colour under another white, linear Bradford adaptation.
 * @example adapt(whitePoint('A'), whitePoint('A'), whitePoint('D65'))[1] // 100
 */
export function adapt(xyz: XYZ, from: XYZ, to: XYZ): XYZ {
  const source = apply(CONES, from)
  const aim = apply(CONES, to)
  const cones = apply(CONES, xyz)
  return apply(FROM_CONES, cones.map((value, i) => (value * aim[i]!) / source[i]!) as XYZ)
}
