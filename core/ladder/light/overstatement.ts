import { usual } from '../../project/lighting'
import type { Lighting } from '../../project/lighting'
import type { SeenFrom } from '../../project/seenFrom'
import { distances } from '../../project/seenFrom'
import { sizeLimits } from '../../project/figureSize'
/** 54 mm on the table is what contrast 1 means. */
const USUAL = 54 / 600
/** How fast contrast grows as a figure looks smaller (from memory): half the angle, an eighth more. */
const POWER = 0.17

/**
 * How much wider the range of lightness has to be than on a 54 mm figure at 60 cm: a small thing is
 * over-stated to be read. Grows with falling visual angle, held within 0.75–1.4.
 * @example overstatement(28, 'table') > overstatement(200, 'hand') // true
 */
export function overstatement(sizeMm: number, seenFrom: SeenFrom): number {
  if (!(sizeMm >= sizeLimits[0] && sizeMm <= sizeLimits[1]))
    throw new RangeError(
      `a figure of ${sizeMm} mm; allowed is ${sizeLimits[0]} to ${sizeLimits[1]} mm`,
    )
  const angle = sizeMm / (10 * distances[seenFrom].cm)
  return Math.max(0.75, Math.min(1.4, (USUAL / angle) ** POWER))
}

/** The range a ladder has: contrast, widened for size and distance, shortened for smooth faces. */
export const rangeOf = ({ contrast, softness, sizeMm, seenFrom }: Lighting): number =>
  contrast *
  overstatement(sizeMm ?? usual.sizeMm, seenFrom ?? usual.seenFrom) *
  (1 - 0.4 * (softness ?? usual.softness))
