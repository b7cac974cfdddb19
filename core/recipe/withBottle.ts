import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import type { Mixture } from '../paint/mixture'
import { opaqueReflectance } from '../paint/opaque'
import type { Paint } from '../paint/paint'

/** Drops of a puddle to drops of one bottle. */
export type WithRatio = readonly [puddle: number, bottle: number]

/** No more of the bottle than of the puddle (common practice, no source). */
export const touchRatios: readonly WithRatio[] = [
  [4, 1],
  [3, 1],
  [2, 1],
  [1, 1],
]

/** A puddle with one bottle more. */
export interface WithBottle {
  paint: Paint
  ratio: WithRatio
  lab: Lab
  deltaE00: number
  /** How far off it is, and what its drops cost. */
  cost: number
}

/**
 * A puddle with the one bottle more, in the ratio, that costs least against an aim; nothing where there is none.
 * @param drop what a drop more has to bring nearer, ΔE00; nothing when not given.
 * @example withBottle(ochre, aim, [white], touchRatios)?.ratio // [2, 1]
 */
export function withBottle(
  puddle: Mixture,
  aim: Lab,
  paints: readonly Paint[],
  ratios: readonly WithRatio[],
  drop = 0,
): WithBottle | undefined {
  let best: WithBottle | undefined
  for (const paint of paints)
    for (const ratio of ratios) {
      const mixed = mixPaints([
        { paint: puddle, drops: ratio[0] },
        { paint, drops: ratio[1] },
      ])
      const lab = labOf(opaqueReflectance(mixed))
      const off = deltaE00(lab, aim)
      const cost = off + drop * (ratio[0] + ratio[1])
      if (!best || cost < best.cost) best = { paint, ratio, lab, deltaE00: off, cost }
    }
  return best
}
