import type { FormKey } from '../../project/forms'
import { chain, ellipsoid, joined, mirrored, taper } from './shapes/distance'
import type { Distance } from './shapes/distance'

/** Where a place of life, an eye, a tusk or a claw lies on a form: inside where the distance is below 0. */
export interface LifeZone {
  /** The place as skin, hide and small parts name it. */
  key: string
  at: Distance
  /** How softly it ends, in units of the form; a glaze fades, an eye does not. */
  soft: number
}

const zone = (key: string, at: Distance, soft: number): LifeZone => ({ key, at, soft })

/** A line that is drawn on what faces the eye, however deep it lies: x, y and radius of each point. */
function drawn(...points: readonly (readonly [number, number, number])[]): Distance {
  const line = chain(0.005, ...points.map(([x, y, r]) => [x, y, 0, r] as const))
  return (x, y, z) => (z > 0 ? line(x, y, 0) : 1)
}
/** … on what faces sideways: y, z and radius of each point. */
function drawnAside(...points: readonly (readonly [number, number, number])[]): Distance {
  const line = chain(0.005, ...points.map(([y, z, r]) => [0, y, z, r] as const))
  return (x, y, z) => (x > 0.15 ? line(0, y, z) : 1)
}

/** Places of a head; `out` is how far mouth and jaw stand out, `flat` how flat the nose is. */
function headZones({ out = 0, flat = 0, long = false }): LifeZone[] {
  const upper = mirrored(
    joined(
      0.02,
      taper([0, 0.186, 0.385 + out], [0.1, 0.169, 0.322 + out], 0.019, 0.011),
      ellipsoid(0, 0.186, 0.39 + out, 0.03, 0.018, 0.03),
    ),
  )
  const lower = mirrored(taper([0, 0.141, 0.375 + out], [0.09, 0.155, 0.328 + out], 0.024, 0.012))
  const nose = mirrored(
    joined(
      0.03,
      ellipsoid(0, 0.295, 0.44 - flat, 0.06, 0.065, 0.07),
      ellipsoid(0.055 + 0.4 * flat, 0.275, 0.395 - 0.5 * flat, 0.04, 0.04, 0.05),
    ),
  )
  const ear = mirrored(
    long
      ? chain(0.05, [0.32, 0.4, -0.05, 0.09], [0.5, 0.49, -0.12, 0.085], [0.8, 0.62, -0.2, 0.05])
      : ellipsoid(0.35, 0.42, -0.06, 0.045, 0.115, 0.095),
  )
  const socket = mirrored(ellipsoid(0.116, 0.45, 0.31, 0.082, 0.055, 0.075))
  const jaw = mirrored(
    chain(0.06, [0.23, 0.22, -0.02, 0.08], [0.2, 0.1, 0.08, 0.09], [0.03, 0.03, 0.3 + out, 0.09]),
  )
  const moustache = mirrored(taper([0, 0.222, 0.41 + out], [0.1, 0.2, 0.35 + out], 0.022, 0.018))
  const throat = ellipsoid(0, -0.12, 0.1, 0.12, 0.17, 0.1)
  return [
    zone('forehead', ellipsoid(0, 0.7, 0.27, 0.2, 0.12, 0.14), 0.09),
    zone('cheek', mirrored(ellipsoid(0.165, 0.31, 0.27, 0.085, 0.075, 0.1)), 0.07),
    zone('nose', nose, 0.03),
    zone('ear', ear, 0.03),
    zone('eye-socket', socket, 0.035),
    zone('socket', socket, 0.035),
    zone('jaw', jaw, 0.05),
    zone('stubble', joined(0.02, jaw, moustache), 0.035),
    zone('hairline', ellipsoid(0, 0.86, 0.02, 0.34, 0.13, 0.4), 0.09),
    zone('neck', ellipsoid(0, -0.1, -0.02, 0.22, 0.2, 0.24), 0.09),
    zone('throat', throat, 0.07),
    zone('upper-lip', upper, 0.009),
    zone('lower-lip', lower, 0.009),
    zone('lip', joined(0.01, upper, lower), 0.009),
    zone(
      'vein',
      mirrored(drawnAside([0.7, 0.22, 0.009], [0.6, 0.17, 0.011], [0.5, 0.13, 0.009])),
      0.014,
    ),
    zone('scar', drawn([0.22, 0.4, 0.012], [0.13, 0.2, 0.009]), 0.01),
    zone('mouth', mirrored(drawn([0, 0.164, 0.007], [0.1, 0.161, 0.006])), 0.005),
    zone('eye', mirrored(ellipsoid(0.117, 0.453, 0.285, 0.052, 0.026, 0.06)), 0.004),
    zone('iris', mirrored(ellipsoid(0.119, 0.455, 0.32, 0.024, 0.027, 0.03)), 0.005),
    ...(out > 0
      ? [
          zone(
            'teeth',
            mirrored(
              chain(
                0.01,
                [0.1, 0.165, 0.37, 0.02],
                [0.112, 0.195, 0.384, 0.022],
                [0.118, 0.26, 0.386, 0.01],
              ),
            ),
            0.006,
          ),
        ]
      : []),
  ]
}

const torsoZones: LifeZone[] = [
  zone('neck', ellipsoid(0, 0.82, -0.08, 0.2, 0.2, 0.22), 0.09),
  zone('throat', ellipsoid(0, 0.78, 0.06, 0.12, 0.16, 0.1), 0.07),
  zone('belly', ellipsoid(0, -0.2, 0.16, 0.2, 0.4, 0.12), 0.1),
  zone('flank', mirrored(ellipsoid(0.34, -0.05, -0.02, 0.12, 0.3, 0.16)), 0.09),
  zone('back', ellipsoid(0, 0.2, -0.32, 0.4, 0.6, 0.14), 0.1),
  zone('scar', drawn([-0.3, 0.42, 0.016], [-0.08, 0.22, 0.01]), 0.012),
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
const handZones: LifeZone[] = [
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
      drawn([-0.1, -0.6, 0.01], [-0.12, -0.35, 0.012], [-0.11, -0.12, 0.009]),
      drawn([0.02, -0.55, 0.01], [0.02, -0.3, 0.012], [0.0, -0.1, 0.008]),
      drawn([0.02, -0.42, 0.009], [0.1, -0.25, 0.01], [0.13, -0.12, 0.008]),
    ),
    0.016,
  ),
  zone('scar', drawn([-0.02, -0.22, 0.012], [0.16, -0.34, 0.008]), 0.01),
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

const forearmZones: LifeZone[] = [
  zone('elbow', ellipsoid(-0.1, 0.92, 0, 0.3, 0.16, 0.3), 0.12),
  zone('joint', ellipsoid(0.04, -0.42, 0.02, 0.2, 0.12, 0.2), 0.09),
  zone(
    'knuckle',
    joined(
      0.02,
      ...[-0.08, 0.01, 0.1, 0.18].map((x) => ellipsoid(x, -0.8, 0.08, 0.055, 0.05, 0.07)),
    ),
    0.04,
  ),
  zone('vein', drawn([-0.12, 0.6, 0.014], [0.0, 0.2, 0.016], [0.05, -0.3, 0.012]), 0.02),
  zone('scar', drawn([0.16, 0.3, 0.018], [0.0, 0.05, 0.012]), 0.014),
]

const flankZones: LifeZone[] = [
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
  zone('scar', drawn([0.2, 0.25, 0.02], [0.5, 0.02, 0.014]), 0.014),
]

/** Places of life on our own forms; a painter's sculpt has none marked. */
export const lifeZones: Readonly<Record<FormKey, readonly LifeZone[]>> = {
  head: headZones({}),
  old: headZones({}),
  gaunt: headZones({}),
  tusked: headZones({ out: 0.02, flat: 0.035, long: true }),
  torso: torsoZones,
  hand: handZones,
  forearm: forearmZones,
  flank: flankZones,
  egg: [],
}

/**
 * How much of a place of life lies at every point, 0–1, fading over its soft edge.
 * @param positions three numbers a point.
 * @example lifeAt(lifeZones.head[0], Float32Array.of(0, 0.7, 0.33))[0] > 0.9 // true
 */
export function lifeAt({ at, soft }: LifeZone, positions: Float32Array): Float32Array {
  const weights = new Float32Array(positions.length / 3)
  for (let p = 0; p < weights.length; p++) {
    const d = at(positions[3 * p]!, positions[3 * p + 1]!, positions[3 * p + 2]!)
    const t = Math.max(0, Math.min(1, 0.5 - d / (2 * soft)))
    weights[p] = t * t * (3 - 2 * t)
  }
  return weights
}
