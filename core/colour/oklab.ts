import { apply, inverse } from './bradford'
import type { XYZ } from './white'

/** Ottosson 2020, "A perceptual color space for image processing"; XYZ under D65 with Y = 1. */
const TO_LMS = [
  [0.819022437996703, 0.3619062600528904, -0.1288737815209879],
  [0.0329836539323885, 0.9292868615863434, 0.0361446663506424],
  [0.0481771893596242, 0.2642395317527308, 0.6335478284694309],
] as const
const TO_OKLAB = [
  [0.210454268309314, 0.7936177747023054, -0.0040720430116193],
  [1.9779985324311684, -2.4285922420485799, 0.450593709617411],
  [0.0259040424655478, 0.7827717124575296, -0.8086757549230774],
] as const
const FROM_LMS = inverse(TO_LMS)
const FROM_OKLAB = inverse(TO_OKLAB)

/**
 * OKLab [L 0–1, a, b] of tristimulus values under the display white, Y = 100.
 * @example oklabOfXyz(xyzOfRgb([1, 1, 1]))[0] // 1
 */
export const oklabOfXyz = (xyz: XYZ): XYZ =>
  apply(TO_OKLAB, apply(TO_LMS, xyz).map((v) => Math.cbrt(v / 100)) as XYZ)

/**
 * Tristimulus values, Y = 100, of an OKLab colour.
 * @example xyzOfOklab([1, 0, 0])[1] // 100
 */
export const xyzOfOklab = (oklab: XYZ): XYZ =>
  apply(FROM_LMS, apply(FROM_OKLAB, oklab).map((v) => 100 * v ** 3) as XYZ)
