import { isBottle } from './puddle'
import type { Ingredient, PartsOf, PuddlePart } from './puddle'

/**
 * Every puddle that is in what is laid, through those that are poured into it, with what it holds; nothing is in one
 * that has gone or is not found yet. One that holds itself ends there.
 * @example reachedFrom([{ puddle: 'a' }], () => undefined).size // 1
 */
export function reachedFrom(
  from: readonly Ingredient[],
  partsOf: PartsOf,
): ReadonlyMap<string, readonly PuddlePart[]> {
  const seen = new Map<string, readonly PuddlePart[]>()
  const look = (of: Ingredient): void => {
    if (isBottle(of) || seen.has(of.puddle)) return
    const parts = partsOf(of.puddle) ?? []
    seen.set(of.puddle, parts)
    for (const part of parts) look(part.of)
  }
  from.forEach(look)
  return seen
}
