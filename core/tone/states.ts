import { clampedSkin } from './skin'
import type { Skin } from './skin'

export const stateNames = [
  'flushed',
  'cold',
  'pale',
  'sunburnt',
  'sun-parched',
  'ill',
  'bruised',
  'aged',
  'dead',
] as const
export type StateName = (typeof stateNames)[number]

/** Factors and shifts at full strength; what is not named stays. */
interface Change {
  blood?: number
  melanin?: number
  depth?: number
  scattering?: number
  /** Oxygenation moves this way, all the way at strength 1. */
  oxygenation?: number
  /** µM added. */
  carotene?: number
  biliverdin?: number
}

/**
 * What the states do to the chromophores. Flush, cold and pallor as found in our trials against
 * published ranges; the rest common practice, no source.
 */
const changes: Record<StateName, Change> = {
  flushed: { blood: 3, oxygenation: 0.9 },
  cold: { blood: 1.7, oxygenation: 0.4 },
  pale: { blood: 0.3, oxygenation: 0.6 },
  sunburnt: { blood: 4, oxygenation: 0.95, melanin: 1.2, scattering: 0.9 },
  'sun-parched': { blood: 1.3, melanin: 1.7, depth: 1.25, carotene: 6 },
  ill: { blood: 0.45, oxygenation: 0.45, carotene: 18, biliverdin: 2 },
  bruised: { blood: 3, oxygenation: 0.15, biliverdin: 40 },
  aged: { blood: 0.8, oxygenation: 0.62, scattering: 0.85, carotene: 8 },
  dead: { blood: 0.4, oxygenation: 0.03, biliverdin: 9, carotene: -8, scattering: 1.1 },
}

/**
 * A complexion in a state of health or weather.
 * @param strength 0 leaves the skin as it is, 1 is the full state; factors go by their power, so
 *   half a state twice is the whole.
 * @throws RangeError when the strength is not within 0–1.
 * @example inState(skin, 'dead').oxygenation < skin.oxygenation // true
 */
export function inState(skin: Skin, state: StateName, strength = 1): Skin {
  if (!(strength >= 0 && strength <= 1))
    throw new RangeError(`strength is ${strength}; allowed is 0 to 1`)
  const change = changes[state]
  const by = (factor = 1): number => factor ** strength
  const next: Skin = {
    ...skin,
    blood: skin.blood * by(change.blood),
    melanin: skin.melanin * by(change.melanin),
    depthUm: (skin.depthUm ?? 60) * by(change.depth),
    scattering: (skin.scattering ?? 1) * by(change.scattering),
    carotene: (skin.carotene ?? 10) + strength * (change.carotene ?? 0),
    biliverdin: (skin.biliverdin ?? 0) + strength * (change.biliverdin ?? 0),
  }
  if (change.oxygenation !== undefined)
    next.oxygenation = skin.oxygenation + strength * (change.oxygenation - skin.oxygenation)
  return clampedSkin(next)
}
