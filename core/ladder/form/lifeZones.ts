import type { FormKey } from '../../project/forms'
import { marks } from './marks'
import { flankZones, forearmZones, handZones, torsoZones } from './zones/bodyZones'
import { headZones } from './zones/headZones'
import { drakeZones, newtZones } from './zones/reptileZones'
import type { LifeZone } from './zones/zone'

const heads = Object.fromEntries(
  Object.entries(marks).map(([key, own]) => [key, headZones(own)]),
) as Record<keyof typeof marks, LifeZone[]>

/** Places of life on our own forms; a painter's sculpt has none marked. */
export const lifeZones: Readonly<Record<FormKey, readonly LifeZone[]>> = {
  ...heads,
  drake: drakeZones,
  newt: newtZones,
  torso: torsoZones,
  hand: handZones,
  forearm: forearmZones,
  flank: flankZones,
  egg: [],
}

/**
 * How much of a place of life lies at every point, 0–1, fading over its soft edge.
 * @param positions three numbers a point.
 * @example lifeAt(lifeZones.egg.concat(lifeZones.head)[0], Float32Array.of(0, 0.6, 0.4)).length // 1
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
