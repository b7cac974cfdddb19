import { chain, cut, ellipsoid, joined, pressed, taper } from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'

/** Where the knuckles of the fist stand. */
const KNUCKLES = [
  [-0.15, -0.79, 0.07],
  [-0.05, -0.83, 0.09],
  [0.05, -0.82, 0.085],
  [0.14, -0.77, 0.065],
] as const

/** A forearm from above the elbow to the fist, its back to us. */
export function forearm(): Distance {
  const arm = joined(
    0.09,
    taper([-0.08, 1, -0.04], [-0.04, 0.74, -0.02], 0.23, 0.2),
    // Point of the elbow, the muscles on either side of it, and the bones down to the wrist.
    ellipsoid(-0.13, 0.78, -0.04, 0.13, 0.13, 0.15),
    ellipsoid(-0.13, 0.48, 0.02, 0.16, 0.36, 0.17),
    chain(
      0.08,
      [0.13, 0.86, 0.02, 0.09],
      [0.19, 0.6, 0.05, 0.13],
      [0.15, 0.3, 0.06, 0.115],
      [0.08, -0.08, 0.04, 0.075],
    ),
    chain(0.06, [0.02, 0.56, 0.13, 0.08], [0.02, 0.2, 0.12, 0.075], [0.0, -0.3, 0.06, 0.05]),
    taper([0, 0.4, -0.06], [0, -0.4, 0], 0.17, 0.1),
    ellipsoid(0, -0.44, 0.01, 0.135, 0.12, 0.09),
    ellipsoid(-0.11, -0.38, 0.045, 0.045, 0.055, 0.045),
  )
  const back = joined(
    0.05,
    ellipsoid(-0.005, -0.63, 0.0, 0.18, 0.2, 0.11),
    ...KNUCKLES.map(([x, y, z]) =>
      chain(0.02, [0.35 * x, -0.46, 0.07, 0.02], [x, y + 0.03, z + 0.02, 0.036]),
    ),
    taper([0.13, -0.5, 0], [0.2, -0.66, -0.02], 0.07, 0.065),
  )
  const fist = joined(
    0.018,
    back,
    ...KNUCKLES.map(([x, y, z]) =>
      chain(
        0.02,
        [x, y, z, 0.052],
        [1.02 * x, y - 0.16, z - 0.05, 0.05],
        [0.98 * x, y - 0.13, z - 0.19, 0.047],
      ),
    ),
    chain(
      0.02,
      [0.2, -0.66, -0.02, 0.062],
      [0.22, -0.82, -0.06, 0.054],
      [0.12, -0.92, -0.13, 0.048],
    ),
  )
  const whole = cut(joined(0.07, arm, fist), [0, 1, 0], 0.97, 0.03)
  return pressed(
    whole,
    0.03,
    // Between the muscles, and between the knuckles.
    chain(0.02, [0.05, 0.6, 0.23, 0.02], [0.07, 0.2, 0.2, 0.016], [0.05, -0.1, 0.14, 0.01]),
    ...[0, 1, 2].map((i) => {
      const [[ax, ay, az], [bx, by, bz]] = [KNUCKLES[i]!, KNUCKLES[i + 1]!]
      return ellipsoid((ax + bx) / 2, (ay + by) / 2 + 0.02, (az + bz) / 2 + 0.05, 0.016, 0.05, 0.03)
    }),
  )
}
