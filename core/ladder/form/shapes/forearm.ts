import { ellipsoid, joined, taper } from './distance'
import type { Distance } from './distance'

export const forearm = (): Distance =>
  joined(
    0.1,
    taper([-0.1, 0.9, 0], [0.04, -0.42, 0], 0.26, 0.15),
    ellipsoid(-0.2, 0.48, 0.08, 0.2, 0.42, 0.18),
    ellipsoid(0.06, 0.5, 0.02, 0.19, 0.36, 0.2),
    ellipsoid(0.06, -0.66, 0.02, 0.2, 0.24, 0.11),
    taper([0.2, -0.56, 0.08], [0.3, -0.86, 0.14], 0.07, 0.055),
    ...[-0.08, 0.01, 0.1, 0.18].map((x, i) =>
      taper([x, -0.8, 0.04], [x + 0.02, -0.96 + 0.03 * Math.abs(i - 1.5), 0.1], 0.055, 0.045),
    ),
  )
