import { chain, ellipsoid, joined, mirrored } from '../distance'
import { drawnAcross, zone } from './zone'
import type { LifeZone } from './zone'

export const torsoZones: LifeZone[] = [
  zone('neck', ellipsoid(0, 0.82, -0.08, 0.2, 0.2, 0.22), 0.09),
  zone('throat', ellipsoid(0, 0.78, 0.06, 0.12, 0.16, 0.1), 0.07),
  zone('belly', ellipsoid(0, -0.2, 0.16, 0.2, 0.4, 0.12), 0.1),
  zone('flank', mirrored(ellipsoid(0.34, -0.05, -0.02, 0.12, 0.3, 0.16)), 0.09),
  zone('back', ellipsoid(0, 0.2, -0.32, 0.4, 0.6, 0.14), 0.1),
  zone('scar', drawnAcross([-0.3, 0.42, 0.016], [-0.08, 0.22, 0.01]), 0.012),
  zone(
    'vein',
    mirrored(
      chain(0.01, [0.63, 0.3, 0.06, 0.008], [0.6, 0.42, 0.1, 0.009], [0.52, 0.52, 0.09, 0.007]),
    ),
    0.012,
  ),
]

const knuckles = [
  [-0.19, 0.0],
  [-0.055, 0.05],
  [0.08, 0.02],
  [0.2, -0.06],
] as const
/** Fingers as the hand has them: root, length, spread. */
const fingers = [
  [-0.19, 0.02, 0.68, -0.13],
  [-0.055, 0.07, 0.76, -0.02],
  [0.08, 0.04, 0.7, 0.08],
  [0.2, -0.04, 0.54, 0.2],
] as const
export const handZones: LifeZone[] = [
  zone(
    'knuckle',
    joined(
      0.01,
      ...knuckles.map(([x, y]) => ellipsoid(x, y, 0.07, 0.06, 0.06, 0.07)),
      ...fingers.flatMap(([x, y, long, spread]) =>
        [0.44, 0.78].map((t) =>
          ellipsoid(x + spread * t * long, y + t * long, 0.09, 0.05, 0.045, 0.05),
        ),
      ),
    ),
    0.05,
  ),
  zone(
    'vein',
    joined(
      0.01,
      drawnAcross([-0.1, -0.6, 0.01], [-0.12, -0.35, 0.012], [-0.11, -0.12, 0.009]),
      drawnAcross([0.02, -0.55, 0.01], [0.02, -0.3, 0.012], [0.0, -0.1, 0.008]),
      drawnAcross([0.02, -0.42, 0.009], [0.1, -0.25, 0.01], [0.13, -0.12, 0.008]),
    ),
    0.016,
  ),
  zone('scar', drawnAcross([-0.02, -0.22, 0.012], [0.16, -0.34, 0.008]), 0.01),
  zone(
    'claws',
    joined(
      0.004,
      ...fingers.map(([x, y, long, spread]) =>
        ellipsoid(x + spread * 0.97 * long, y + 0.96 * long, 0.07, 0.036, 0.054, 0.03),
      ),
      ellipsoid(-0.515, 0.12, 0.104, 0.04, 0.054, 0.03),
    ),
    0.005,
  ),
]

export const forearmZones: LifeZone[] = [
  zone('elbow', ellipsoid(-0.12, 0.78, 0.02, 0.17, 0.14, 0.2), 0.08),
  zone('joint', ellipsoid(0, -0.42, 0.02, 0.2, 0.1, 0.2), 0.08),
  zone(
    'knuckle',
    joined(
      0.02,
      ...[-0.15, -0.05, 0.05, 0.14].map((x) => ellipsoid(x, -0.81, 0.11, 0.05, 0.05, 0.07)),
    ),
    0.04,
  ),
  zone('vein', drawnAcross([-0.12, 0.6, 0.014], [0.0, 0.2, 0.016], [0.05, -0.3, 0.012]), 0.02),
  zone('scar', drawnAcross([0.16, 0.3, 0.018], [0.0, 0.05, 0.012]), 0.014),
]

export const flankZones: LifeZone[] = [
  zone('back', ellipsoid(-0.2, 0.78, -0.4, 1, 0.24, 0.6), 0.12),
  zone('belly', ellipsoid(-0.5, -0.42, -0.1, 0.6, 0.24, 0.5), 0.1),
  zone('flank', ellipsoid(-0.4, 0.2, -0.05, 0.5, 0.3, 0.3), 0.14),
  zone(
    'joint',
    joined(
      0.03,
      ellipsoid(0.12, -0.56, 0.24, 0.2, 0.14, 0.18),
      ellipsoid(-0.02, -0.1, 0.22, 0.13, 0.3, 0.12),
    ),
    0.08,
  ),
  zone('scar', drawnAcross([0.2, 0.25, 0.02], [0.5, 0.02, 0.014]), 0.014),
]
