import { checkSpectrum } from './spectrum'
import type { Spectrum } from './spectrum'
import { weightsOf } from './weights'
import type { Illuminant, Observer, WhiteName, XYZ } from './white'

/** CIELAB colour. `white` names the light it was computed under, when that is known. */
export interface Lab {
  L: number
  a: number
  b: number
  white?: WhiteName
}

export interface ViewingOptions {
  illuminant?: Illuminant
  observer?: Observer
}

/** Exact limits of the linear part (ISO/CIE 11664-4, 3.2). */
export const EPSILON = 216 / 24389
export const KAPPA = 24389 / 27

const f = (t: number): number => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
/** Share of white from f, the inverse of f of CIELAB. */
export const fInverse = (f: number): number => {
  const cube = f * f * f
  return cube > EPSILON ? cube : (116 * f - 16) / KAPPA
}

/** `labOfXyz` into an array, for hot loops: L, a, b at `at`, `at + 1`, `at + 2`. */
export function writeLab(
  X: number,
  Y: number,
  Z: number,
  white: XYZ,
  out: Float64Array,
  at: number,
): void {
  const fx = f(X / white[0])
  const fy = f(Y / white[1])
  const fz = f(Z / white[2])
  out[at] = 116 * fy - 16
  out[at + 1] = 500 * (fx - fy)
  out[at + 2] = 200 * (fy - fz)
}

/**
 * CIELAB from tristimulus values on the same scale as `white` (ISO/CIE 11664-4).
 * @example labOfXyz(whitePoint(), whitePoint()).L // 100
 */
export function labOfXyz(xyz: XYZ, white: XYZ, name?: WhiteName): Lab {
  const fx = f(xyz[0] / white[0])
  const fy = f(xyz[1] / white[1])
  const fz = f(xyz[2] / white[2])
  const lab = { L: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
  return name ? { ...lab, white: name } : lab
}

/**
 * Tristimulus values of a CIELAB colour, the inverse of `labOfXyz`.
 * @example xyzOfLab({ L: 100, a: 0, b: 0 }, whitePoint())[1] // 100
 */
export function xyzOfLab(lab: Lab, white: XYZ): XYZ {
  const fy = (lab.L + 16) / 116
  return [
    white[0] * fInverse(fy + lab.a / 500),
    white[1] * fInverse(fy),
    white[2] * fInverse(fy - lab.b / 200),
  ]
}

/**
 * Tristimulus values of a reflectance, perfect white at Y = 100.
 * @example xyzOf(flatSpectrum(0.5))[1] // 50
 */
export function xyzOf(reflectance: Spectrum, options: ViewingOptions = {}): XYZ {
  checkSpectrum(reflectance, 'reflectance', -Infinity)
  const { x, y, z } = weightsOf(options.illuminant, options.observer)
  let X = 0
  let Y = 0
  let Z = 0
  for (let i = 0; i < x.length; i++) {
    const r = reflectance[i]!
    X += x[i]! * r
    Y += y[i]! * r
    Z += z[i]! * r
  }
  return [X, Y, Z]
}

/**
 * CIELAB colour of a measured reflectance, by default under D65 for the 2° observer.
 * @throws RangeError when the reflectance is not 36 finite values, or the light is unknown.
 * @example labOf(opaqueReflectance(mixPaints([{ paint: white, drops: 1 }]))).L // about 97
 */
export function labOf(reflectance: Spectrum, options: ViewingOptions = {}): Lab {
  const { white, name } = weightsOf(options.illuminant, options.observer)
  return labOfXyz(xyzOf(reflectance, options), white, name)
}

/** Slope of f. */
const slopeOfF = (t: number): number => (t > EPSILON ? 1 / (3 * Math.cbrt(t) ** 2) : KAPPA / 116)

/**
 * How CIELAB moves with small changes of a reflectance, under D65 for the 2° observer.
 * @returns for a change, one number a band, what it does to L*, a* and b*.
 * @example slopeOfLab(flatSpectrum(0.5))(flatSpectrum(0.01)).L // about 0.6
 */
export function slopeOfLab(reflectance: Spectrum): (change: Spectrum) => Lab {
  const { white } = weightsOf()
  const slopes = xyzOf(reflectance).map((v, i) => slopeOfF(v / white[i]!) / white[i]!)
  return (change) => {
    const [fx, fy, fz] = xyzOf(change).map((v, i) => v * slopes[i]!)
    return { L: 116 * fy!, a: 500 * (fx! - fy!), b: 200 * (fy! - fz!) }
  }
}
