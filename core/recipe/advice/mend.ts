import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { ClosestRecipes } from '../closest'
import type { Patience } from '../closest'
import { dropsIn } from '../../puddle/drops'
import type { Recipe } from '../recipe'
import { knownWell, putRight, startAgain, unknownWell } from './putRight'
import type { WellCorrection } from './putRight'

export interface MendRequest {
  /** What is known to be in the well; nothing where that is not known. */
  parts: readonly Part<Paint>[]
  /** Drops in it. */
  drops: number
  /** What it looks like, where that was seen: it counts for more than what should be in it. */
  seen?: Lab
  aim: Lab
  paints: readonly Paint[]
  /** Drops the well holds. */
  room: number
}

export interface WellMend {
  /** Ways to put it right that come nearer than it is, each with more drops and nearer than the one before. */
  front: WellCorrection[]
  /** The recipe mixed anew. */
  fresh: Recipe
  startAgain: boolean
}

/** Two paints are added at most, one from a box so large that pairs would take seconds. */
const MANY_PAINTS = 40
const MOST_ADDED = 8
const FRESH = { maxPaints: 3, maxDrops: 12 }

/**
 * How a well that is not as it should be is put right, and whether it is better mixed anew.
 * @param patience for the fresh recipe of a large box.
 * @throws RangeError for an empty box or a well without drops.
 * @example mendWell({ parts: [], drops: 12, seen: flesh, aim: flesh, paints, room: 40 }).startAgain // false
 */
export function mendWell(
  { parts, drops, seen, aim, paints, room }: MendRequest,
  patience?: Patience,
): WellMend {
  const well = seen ? unknownWell(seen, drops) : knownWell(parts)
  const all = putRight({
    well: { ...well, drops },
    target: aim,
    paints,
    maxPaints: paints.length > MANY_PAINTS ? 1 : 2,
    maxDrops: MOST_ADDED,
    room,
  })
  const fresh = new ClosestRecipes().find(aim, paints, FRESH, patience).best
  const before = seen ? deltaE00(seen, aim) : Infinity
  const anew = { drops: dropsIn(fresh.parts), deltaE00: fresh.deltaE00 }
  return {
    front: all.filter((one) => one.deltaE00 < before),
    fresh,
    startAgain: seen !== undefined && startAgain(all, anew),
  }
}
