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

/** Round scales in rows that are set off, bigger on neck and back: how far the surface is raised, 0–1. */
function scales(x: number, y: number, z: number, size: number): number {
  const [u, v] = [(x + 0.35 * z) / size, (y - 0.5 * z) / size]
  const row = Math.floor(v)
  const set = row % 2 === 0 ? 0 : 0.5
  const [p, q] = [u + set - Math.floor(u + set) - 0.5, v - row - 0.5]
  return Math.max(0, 1 - 3.4 * (p * p + q * q))
}

/** A drake's head on its neck, turned to us: snout, jaws, brow ridges, horns swept back, scales. */
export function drake(): Distance {
  const skull = joined(
    0.12,
    ellipsoid(0, 0.36, -0.16, 0.3, 0.27, 0.36),
    // The snout is long and comes at us a little from above.
    chain(0.1, [0, 0.33, 0.1, 0.25], [0, 0.16, 0.5, 0.17], [0, 0.06, 0.76, 0.12]),
    ellipsoid(0.16, 0.26, 0.12, 0.16, 0.13, 0.22),
    ellipsoid(0.06, 0.09, 0.8, 0.085, 0.07, 0.09),
  )
  const jaw = joined(
    0.06,
    chain(0.06, [0.2, 0.08, -0.08, 0.13], [0.12, -0.06, 0.36, 0.085], [0.03, -0.09, 0.68, 0.075]),
    ellipsoid(0, -0.07, 0.42, 0.13, 0.075, 0.32),
    ellipsoid(0.21, 0.1, -0.1, 0.13, 0.17, 0.16),
  )
  const ridge = chain(
    0.04,
    [0.09, 0.4, 0.36, 0.03],
    [0.2, 0.46, 0.2, 0.055],
    [0.29, 0.42, 0.02, 0.045],
    [0.33, 0.36, -0.16, 0.03],
  )
  const crest = [0.46, 0.3, 0.14, -0.02].map((z, i) =>
    ellipsoid(0, 0.34 + 0.075 * i - 0.012 * i * i, z, 0.028, 0.05, 0.06),
  )
  const horns = chain(
    0.03,
    [0.2, 0.52, -0.22, 0.085],
    [0.34, 0.72, -0.5, 0.06],
    [0.42, 0.86, -0.66, 0.035],
    [0.44, 0.98, -0.72, 0.008],
  )
  const small = chain(
    0.02,
    [0.33, 0.24, -0.2, 0.05],
    [0.48, 0.26, -0.36, 0.035],
    [0.58, 0.3, -0.44, 0.006],
  )
  const neck = chain(
    0.2,
    [0, 0.2, -0.3, 0.27],
    [0, -0.2, -0.4, 0.31],
    [0, -0.62, -0.28, 0.4],
    [0, -0.86, -0.2, 0.42],
  )
  const flesh = joined(0.09, joined(0.05, skull, jaw), ridge, ...crest)
  const hollowed = pressed(
    joined(0.12, flesh, neck),
    0.035,
    // Sockets, nostrils, the line of the mouth, the fold behind the jaw.
    ellipsoid(0.27, 0.33, 0.2, 0.07, 0.05, 0.1),
    ellipsoid(0.075, 0.12, 0.9, 0.02, 0.026, 0.04),
    chain(
      0.02,
      [0, -0.005, 0.87, 0.012],
      [0.11, 0.005, 0.72, 0.016],
      [0.17, 0.05, 0.36, 0.018],
      [0.27, 0.12, 0.02, 0.02],
    ),
    taper([0.36, 0.26, -0.2], [0.3, -0.16, -0.12], 0.03, 0.03),
  )
  const ball = ellipsoid(0.235, 0.325, 0.21, 0.062, 0.062, 0.062)
  const lids = chain(
    0.02,
    [0.2, 0.37, 0.3, 0.022],
    [0.28, 0.385, 0.2, 0.028],
    [0.315, 0.345, 0.1, 0.02],
  )
  const lower = chain(
    0.02,
    [0.2, 0.28, 0.3, 0.016],
    [0.28, 0.268, 0.2, 0.02],
    [0.315, 0.3, 0.1, 0.016],
  )
  const half = joined(0.02, joined(0.004, hollowed, ball), lids, lower, joined(0.02, horns, small))
  const whole: Distance = (x, y, z) => {
    const d = half(x, y, z)
    if (Math.abs(d) > 0.06) return d
    const smooth = Math.min(1, Math.max(0, 6 * ball(x, y, z)), Math.max(0, 8 * horns(x, y, z)))
    const size = z > 0.1 ? 0.045 : y > 0.1 ? 0.06 : 0.08
    return d - 0.009 * smooth * scales(x, y, z, size)
  }
  return mirrored(cut(whole, [0, -1, 0], 0.94, 0.04))
}

/** A newt's head: broad, flat and smooth, eyes to the sides, gills behind, on a soft neck. */
export function newt(): Distance {
  const skull = joined(
    0.16,
    ellipsoid(0, 0.22, -0.1, 0.46, 0.24, 0.42),
    ellipsoid(0, 0.14, 0.34, 0.4, 0.17, 0.36),
    ellipsoid(0.28, 0.16, -0.1, 0.24, 0.19, 0.26),
    ellipsoid(0, 0.02, 0.26, 0.36, 0.13, 0.4),
  )
  const neck = chain(
    0.2,
    [0, 0.02, -0.26, 0.3],
    [0, -0.34, -0.3, 0.36],
    [0, -0.7, -0.2, 0.46],
    [0, -0.9, -0.16, 0.48],
  )
  const throat = joined(
    0.14,
    ellipsoid(0, -0.12, 0.12, 0.3, 0.17, 0.3),
    ellipsoid(0, -0.32, 0.02, 0.3, 0.2, 0.26),
  )
  const brow = ellipsoid(0.31, 0.35, 0.22, 0.13, 0.12, 0.14)
  const gills = joined(
    0.02,
    ...[0, 1, 2].map((i) =>
      chain(
        0.03,
        [0.4, 0.2 - 0.13 * i, -0.22, 0.06],
        [0.62, 0.32 - 0.2 * i, -0.36, 0.05],
        [0.82, 0.42 - 0.28 * i, -0.4, 0.035],
        [0.92, 0.52 - 0.34 * i, -0.38, 0.012],
      ),
    ),
  )
  const body = pressed(
    joined(0.14, joined(0.08, skull, brow), throat, neck),
    0.03,
    // The wide mouth, nostrils, folds of the throat.
    chain(
      0.02,
      [0, 0.07, 0.71, 0.022],
      [0.12, 0.07, 0.69, 0.022],
      [0.25, 0.075, 0.6, 0.024],
      [0.35, 0.085, 0.46, 0.026],
      [0.42, 0.1, 0.28, 0.028],
      [0.48, 0.1, 0.08, 0.03],
    ),
    ellipsoid(0.12, 0.2, 0.68, 0.022, 0.018, 0.04),
    chain(0.02, [0, -0.26, 0.36, 0.02], [0.24, -0.24, 0.24, 0.022], [0.4, -0.14, -0.06, 0.02]),
    chain(0.02, [0, -0.46, 0.3, 0.02], [0.26, -0.44, 0.2, 0.022], [0.42, -0.34, -0.1, 0.02]),
    ellipsoid(0, 0.5, -0.1, 0.04, 0.05, 0.4),
  )
  const ball = ellipsoid(0.345, 0.345, 0.27, 0.085, 0.085, 0.085)
  const lid = chain(
    0.02,
    [0.28, 0.42, 0.34, 0.022],
    [0.37, 0.445, 0.28, 0.026],
    [0.42, 0.4, 0.18, 0.022],
  )
  return mirrored(cut(joined(0.02, joined(0.004, body, ball), lid, gills), [0, -1, 0], 0.94, 0.04))
}
