import {
  chain,
  cut,
  ellipsoid,
  joined,
  mirrored,
  pressed,
  taper,
} from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'

/** A strong trunk from neck to hips, arms cut short. */
export function torso(): Distance {
  const frame = joined(
    0.1,
    ellipsoid(0, 0.3, -0.08, 0.42, 0.42, 0.26),
    ellipsoid(0, -0.2, -0.06, 0.3, 0.36, 0.21),
    ellipsoid(0, -0.62, -0.05, 0.33, 0.24, 0.22),
    taper([0, 0.6, -0.12], [0, 0.95, -0.1], 0.15, 0.13),
    chain(0.05, [0.08, 0.78, -0.16, 0.1], [0.32, 0.62, -0.16, 0.12], [0.5, 0.55, -0.12, 0.12]),
    // The broad muscle from under the arm to the waist.
    chain(0.06, [0.4, 0.3, -0.16, 0.13], [0.34, 0.02, -0.14, 0.11], [0.24, -0.3, -0.1, 0.08]),
  )
  const chest = joined(
    0.045,
    frame,
    chain(0.05, [0.13, 0.37, 0.105, 0.085], [0.3, 0.4, 0.08, 0.1], [0.44, 0.44, 0.0, 0.07]),
    ellipsoid(0.21, 0.31, 0.09, 0.185, 0.12, 0.1),
    chain(0.03, [0.04, 0.6, 0.075, 0.03], [0.22, 0.6, 0.07, 0.022], [0.46, 0.62, -0.06, 0.03]),
    chain(0.03, [0.03, 0.6, 0.05, 0.022], [0.12, 0.86, -0.06, 0.032]),
  )
  // Shoulder and upper arm, both its muscles, cut above the elbow.
  const arm = cut(
    joined(
      0.06,
      ellipsoid(0.55, 0.47, -0.06, 0.165, 0.2, 0.18),
      chain(
        0.06,
        [0.58, 0.34, -0.05, 0.13],
        [0.64, 0.06, -0.04, 0.115],
        [0.66, -0.2, -0.02, 0.095],
      ),
      ellipsoid(0.625, 0.12, 0.035, 0.09, 0.17, 0.085),
      ellipsoid(0.655, 0.14, -0.13, 0.085, 0.19, 0.075),
    ),
    [0.14, -0.99, 0],
    0.13,
    0.025,
  )
  const armed = joined(0.07, chest, arm)
  const belly = joined(
    0.03,
    armed,
    ...[0.1, -0.045, -0.19].map((y, i) =>
      ellipsoid(0.075, y, 0.115 - 0.012 * i, 0.068, 0.062, 0.045),
    ),
    ellipsoid(0.068, -0.42, 0.1, 0.066, 0.15, 0.045),
    // The ribs' saw at the side, and the oblique muscle over the hip.
    ...[0, 1, 2].map((i) =>
      taper(
        [0.22 + 0.015 * i, 0.12 - 0.1 * i, 0.082 - 0.02 * i],
        [0.31, 0.19 - 0.1 * i, 0.0],
        0.03,
        0.02,
      ),
    ),
    chain(
      0.03,
      [0.225, -0.1, 0.045, 0.05],
      [0.25, -0.34, 0.02, 0.062],
      [0.265, -0.46, -0.01, 0.055],
    ),
  )
  const lined = pressed(
    belly,
    0.03,
    // Breastbone, the groove down the middle, the navel, the lines from hip to groin, the notch.
    taper([0, 0.47, 0.215], [0, 0.26, 0.225], 0.018, 0.018),
    taper([0, 0.16, 0.178], [0, -0.55, 0.165], 0.012, 0.01),
    ellipsoid(0, -0.27, 0.15, 0.016, 0.022, 0.03),
    taper([0.27, -0.46, 0.16], [0.08, -0.75, 0.2], 0.022, 0.02),
    ellipsoid(0, 0.62, 0.105, 0.03, 0.035, 0.03),
    ellipsoid(0.41, 0.24, 0.05, 0.02, 0.08, 0.04),
  )
  const nipple = joined(0.01, lined, ellipsoid(0.265, 0.3, 0.184, 0.012, 0.012, 0.01))
  return mirrored(cut(cut(nipple, [0.25, -0.97, 0], 0.79, 0.03), [0, 1, 0], 0.9, 0.02))
}

/** A finger of three bones with knuckles, and its nail. */
function finger(x: number, y: number, long: number, spread: number, thick: number): Distance {
  const at = (t: number, z: number, r: number): [number, number, number, number] => [
    x + spread * t * long,
    y + t * long,
    z,
    r * thick,
  ]
  const bones = chain(
    0.016,
    at(0, 0.0, 0.092),
    at(0.4, 0.045, 0.082),
    at(0.47, 0.048, 0.086),
    at(0.74, 0.04, 0.073),
    at(0.8, 0.036, 0.076),
    at(1, 0.008, 0.058),
  )
  const [tx, ty] = [x + spread * 0.97 * long, y + 0.96 * long]
  const nail = ellipsoid(tx, ty, 0.062 * thick, 0.038 * thick, 0.054, 0.012)
  const creases = [0.44, 0.78].flatMap((t) =>
    [-0.018, 0.004, 0.026].map((s) =>
      ellipsoid(
        x + spread * (t + s) * long,
        y + (t + s * 1.4) * long,
        0.045 + 0.086 * thick,
        0.05,
        0.004,
        0.012,
      ),
    ),
  )
  return joined(0.006, pressed(bones, 0.008, ...creases), nail)
}

/** The back of a right hand, half open, cut at the wrist. */
export function hand(): Distance {
  const palm = joined(
    0.07,
    ellipsoid(0.02, -0.22, -0.02, 0.29, 0.32, 0.105),
    chain(
      0.06,
      [-0.05, -0.95, -0.02, 0.155],
      [-0.02, -0.6, -0.02, 0.15],
      [0.0, -0.45, -0.02, 0.16],
    ),
    ellipsoid(-0.2, -0.3, -0.06, 0.13, 0.2, 0.09),
    ellipsoid(0.19, -0.3, -0.05, 0.1, 0.2, 0.085),
  )
  const wrist = joined(0.03, palm, ellipsoid(0.085, -0.68, 0.06, 0.055, 0.065, 0.06))
  const fingers = [
    finger(-0.19, 0.02, 0.68, -0.13, 0.98),
    finger(-0.055, 0.07, 0.76, -0.02, 1),
    finger(0.08, 0.04, 0.7, 0.08, 0.96),
    finger(0.2, -0.04, 0.54, 0.2, 0.82),
  ]
  const knuckles = [
    [-0.19, 0.0],
    [-0.055, 0.05],
    [0.08, 0.02],
    [0.2, -0.06],
  ].map(([x, y]) => ellipsoid(x!, y!, 0.052, 0.062, 0.062, 0.05))
  const tendons = [-0.17, -0.05, 0.07, 0.17].map((x) =>
    taper([0.6 * x, -0.52, 0.045], [x, 0.0, 0.06], 0.016, 0.02),
  )
  const thumb = joined(
    0.006,
    chain(
      0.04,
      [-0.2, -0.45, -0.02, 0.1],
      [-0.37, -0.2, 0.03, 0.084],
      [-0.47, -0.02, 0.05, 0.076],
      [-0.52, 0.14, 0.05, 0.056],
    ),
    ellipsoid(-0.515, 0.12, 0.096, 0.04, 0.056, 0.016),
  )
  const made = joined(0.05, wrist, joined(0.03, ...tendons), joined(0.03, ...knuckles))
  const all = joined(0.035, made, thumb)
  const whole = fingers.reduce((sum, one) => joined(0.03, sum, one), all)
  return cut(whole, [0, -1, 0], 0.93, 0.02)
}
