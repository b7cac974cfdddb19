import type { Paint } from '../../paint/paint'
import { isBottle } from '../../puddle/puddle'
import type { PuddlePart } from '../../puddle/puddle'
import { nearestPaints } from '../../recipe/advice/likeness'
import type { Likeness } from '../../recipe/advice/likeness'

/** A bottle that is needed and that is not in, with the nearest that is. */
export interface MissingBottle {
  id: string
  /** Nothing where no bottle is in, or where the bottle has gone from the box altogether. */
  standIn?: Likeness
}

/**
 * Bottles that are not in, each with its nearest stand-in by CIEDE2000 of the opaque coats.
 * @param paintOf a paint by id, nothing where there is none.
 * @example missingBottles(['yellow-ochre'], [white], paintOf)[0].id // "yellow-ochre"
 */
export function missingBottles(
  needed: readonly string[],
  paintsIn: readonly Paint[],
  paintOf: (id: string) => Paint | undefined,
): MissingBottle[] {
  const has = new Set(paintsIn.map(({ id }) => id))
  return needed
    .filter((id) => !has.has(id))
    .map((id) => {
      const paint = paintOf(id)
      const [standIn] = paint ? nearestPaints(paint, paintsIn, 1) : []
      return { id, ...(standIn ? { standIn } : {}) }
    })
}

/** Bottles by the ids of those in whose place they stand. */
export type StandIns = ReadonlyMap<string, string>

/**
 * What a mix is called that is not what its name says, and is laid in its place.
 * @example standInFor('plum') // "stand-in for plum"
 */
export const standInFor = (name: string): string =>
  name.startsWith('stand-in for ') ? name : `stand-in for ${name}`

/**
 * Parts of a puddle with other bottles in the place of some; drops of one bottle are put together.
 * @example partsWithStandIns([{ of: { bottle: 'yellow-ochre' }, drops: 2 }], new Map([['yellow-ochre', 'burnt-umber']])) // [{"of":{"bottle":"burnt-umber"},"drops":2}]
 */
export function partsWithStandIns(parts: readonly PuddlePart[], standIns: StandIns): PuddlePart[] {
  const made: PuddlePart[] = []
  for (const { of, drops } of parts) {
    const next = isBottle(of) ? { bottle: standIns.get(of.bottle) ?? of.bottle } : of
    const had = isBottle(next)
      ? made.find((part) => isBottle(part.of) && part.of.bottle === next.bottle)
      : undefined
    if (had) had.drops += drops
    else made.push({ of: next, drops })
  }
  return made
}
