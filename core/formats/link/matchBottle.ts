import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { estimatePaint } from '../../paint/calibration/estimatePaint'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { inWhite } from './inWhite'
import type { Told, ToldBottle } from './schema'

/**
 * A colour as a link tells it.
 * @example labOfTold([52, 20, 24]).L // 52
 */
export const labOfTold = ([L, a, b]: Told): Lab => ({ L, a, b })

/** A bottle of one's own that is like one that was told: how far apart both are at most, as they are and in white, ΔE00. */
export interface LikeBottle {
  id: string
  off: number
}

/**
 * Bottles by how like they are to one that was told, the likest first: as they come, and one part in nine of white, which
 * tells strong ones from weak ones.
 * @example likeBottles(told, paints).length // 6
 */
export function likeBottles({ lab, tint }: ToldBottle, own: readonly Paint[]): LikeBottle[] {
  return own
    .map((paint) => ({
      id: paint.id,
      off: Math.max(
        deltaE00(labOf(opaqueReflectance(paint)), labOfTold(lab)),
        deltaE00(inWhite(paint), labOfTold(tint)),
      ),
    }))
    .sort((one, other) => one.off - other.off)
}

/**
 * A bottle as far as its colour and its label tell it.
 * @param id what it is called here.
 * @throws CalibrationError where no paint could look so.
 * @example paintOfTold(told, 'sand').origin // "estimated"
 */
export function paintOfTold(
  { name, kind, pigments, opacity, hazards, finish, lab, tint }: ToldBottle,
  id: string,
): Paint {
  const about = { id, name, kind, pigments, hazards, ...(finish ? { finish } : {}) }
  // Told of its curves: no glare of a dried surface is in it.
  return estimatePaint(labOfTold(lab), opacity, about, { tint: labOfTold(tint), source: 'value' })
}
