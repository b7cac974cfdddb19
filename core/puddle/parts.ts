import type { Mixture } from '../paint/mixture'
import type { Part } from '../paint/mix'
import type { PuddlePart } from './puddle'

/** Drops of a bottle, by its id: as state and files have it. Real numbers, since a drop of a puddle holds parts of drops. */
export interface BottleDrops {
  paint: string
  drops: number
}

/**
 * Drops of bottles by their ids, as plain data: what state, files and workers take. Computing takes them resolved
 * (`resolvedParts`), the palette as parts of a puddle (`bottleParts`); nothing else converts one into another.
 * @example partsById([{ paint: ochre, drops: 3 }]) // [{"paint":"yellow-ochre","drops":3}]
 */
export const partsById = (
  parts: readonly { paint: string | { id: string }; drops: number }[],
): BottleDrops[] =>
  parts.map(({ paint, drops }) => ({ paint: typeof paint === 'string' ? paint : paint.id, drops }))

/**
 * Drops of paints themselves, as mixing takes them.
 * @param paintOf throws, or gives what stands in, for an id that is not there.
 * @example resolvedParts([{ paint: 'yellow-ochre', drops: 3 }], () => ochre)[0].paint.id // "yellow-ochre"
 */
export const resolvedParts = <P extends Mixture>(
  parts: readonly BottleDrops[],
  paintOf: (id: string) => P,
): Part<P>[] => parts.map(({ paint, drops }) => ({ paint: paintOf(paint), drops }))

/**
 * Drops of bottles as parts of a puddle.
 * @example bottleParts([{ paint: 'yellow-ochre', drops: 3 }]) // [{"of":{"bottle":"yellow-ochre"},"drops":3}]
 */
export const bottleParts = (parts: readonly BottleDrops[]): PuddlePart[] =>
  parts.map(({ paint, drops }) => ({ of: { bottle: paint }, drops }))
