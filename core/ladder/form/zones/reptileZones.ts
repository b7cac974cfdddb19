import { chain, ellipsoid, joined, mirrored } from '../distance'
import { drawnAcross, zone } from './zone'
import type { LifeZone } from './zone'

/** Places of life on the drake's head; its horns are its teeth's colour. */
export const drakeZones: LifeZone[] = [
  zone('nose', ellipsoid(0, 0.11, 0.84, 0.12, 0.09, 0.12), 0.04),
  zone('eye-socket', mirrored(ellipsoid(0.26, 0.33, 0.21, 0.1, 0.09, 0.13)), 0.04),
  zone('socket', mirrored(ellipsoid(0.26, 0.33, 0.21, 0.1, 0.09, 0.13)), 0.04),
  zone(
    'jaw',
    mirrored(
      chain(0.05, [0.24, 0.06, -0.06, 0.13], [0.1, -0.08, 0.4, 0.1], [0.02, -0.11, 0.7, 0.08]),
    ),
    0.05,
  ),
  zone('cheek', mirrored(ellipsoid(0.26, 0.18, -0.02, 0.1, 0.12, 0.14)), 0.06),
  zone('forehead', ellipsoid(0, 0.56, 0.14, 0.2, 0.12, 0.2), 0.08),
  zone('neck', ellipsoid(0, -0.55, -0.3, 0.44, 0.34, 0.42), 0.09),
  zone('throat', ellipsoid(0, -0.42, 0.06, 0.26, 0.34, 0.14), 0.08),
  zone('back', ellipsoid(0, 0.1, -0.66, 0.3, 0.7, 0.2), 0.1),
  zone(
    'ear',
    mirrored(
      chain(0.03, [0.36, 0.24, -0.24, 0.06], [0.5, 0.27, -0.38, 0.05], [0.58, 0.3, -0.44, 0.03]),
    ),
    0.02,
  ),
  zone(
    'mouth',
    mirrored(
      chain(
        0.01,
        [0, 0, 0.88, 0.014],
        [0.11, 0.01, 0.73, 0.016],
        [0.18, 0.055, 0.37, 0.018],
        [0.28, 0.125, 0.04, 0.02],
      ),
    ),
    0.014,
  ),
  zone('scar', drawnAcross([0.02, 0.42, 0.016], [0.14, 0.22, 0.012]), 0.014),
  zone('eye', mirrored(ellipsoid(0.262, 0.325, 0.226, 0.046, 0.036, 0.05)), 0.006),
  zone('iris', mirrored(ellipsoid(0.272, 0.325, 0.25, 0.028, 0.03, 0.03)), 0.006),
  zone(
    'teeth',
    mirrored(
      chain(
        0.02,
        [0.24, 0.6, -0.32, 0.08],
        [0.34, 0.72, -0.5, 0.075],
        [0.42, 0.86, -0.66, 0.05],
        [0.44, 0.98, -0.72, 0.03],
      ),
    ),
    0.01,
  ),
]

/** … and on the newt's. */
export const newtZones: LifeZone[] = [
  zone('nose', ellipsoid(0, 0.19, 0.68, 0.2, 0.1, 0.12), 0.06),
  zone('eye-socket', mirrored(ellipsoid(0.34, 0.34, 0.26, 0.14, 0.13, 0.14)), 0.05),
  zone('socket', mirrored(ellipsoid(0.34, 0.34, 0.26, 0.14, 0.13, 0.14)), 0.05),
  zone('cheek', mirrored(ellipsoid(0.4, 0.14, 0.16, 0.12, 0.09, 0.16)), 0.07),
  zone('forehead', ellipsoid(0, 0.44, 0.1, 0.2, 0.1, 0.24), 0.08),
  zone(
    'jaw',
    mirrored(chain(0.04, [0.42, 0, 0.1, 0.08], [0.3, -0.04, 0.46, 0.07], [0, -0.03, 0.62, 0.07])),
    0.05,
  ),
  zone('throat', ellipsoid(0, -0.24, 0.24, 0.34, 0.2, 0.18), 0.08),
  zone('neck', ellipsoid(0, -0.6, -0.18, 0.5, 0.26, 0.5), 0.09),
  zone('back', ellipsoid(0, -0.1, -0.56, 0.4, 0.6, 0.2), 0.1),
  zone(
    'joint',
    mirrored(
      joined(
        0.02,
        ellipsoid(0.42, 0.2, -0.24, 0.1, 0.08, 0.1),
        ellipsoid(0.42, 0.06, -0.24, 0.1, 0.08, 0.1),
      ),
    ),
    0.05,
  ),
  zone(
    'mouth',
    mirrored(
      chain(
        0.01,
        [0, 0.07, 0.71, 0.016],
        [0.25, 0.075, 0.6, 0.018],
        [0.42, 0.1, 0.28, 0.02],
        [0.48, 0.1, 0.08, 0.02],
      ),
    ),
    0.014,
  ),
  zone('eye', mirrored(ellipsoid(0.365, 0.345, 0.3, 0.07, 0.06, 0.07)), 0.006),
  zone('iris', mirrored(ellipsoid(0.38, 0.345, 0.335, 0.04, 0.032, 0.04)), 0.006),
]
