import type { CoatKind } from '../../project/coat'

/** So many must agree before a habit is taken for one. */
const LEAST = 3

/** What this painter does by kind of coat, where enough was written down. */
export interface Habits {
  /** Parts of thinner to one of paint. */
  thinner: Partial<Record<CoatKind, number>>
  /** Drying time against what was reckoned. */
  drying: Partial<Record<CoatKind, number>>
}

/** Middle of the values: one slip of the hand does not move it. */
function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length >> 1
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}

function byKind<T>(
  all: readonly T[],
  of: (one: T) => readonly [CoatKind | undefined, number | undefined],
): Partial<Record<CoatKind, number>> {
  const found = new Map<CoatKind, number[]>()
  for (const one of all) {
    const [kind, value] = of(one)
    if (kind && value !== undefined) found.set(kind, [...(found.get(kind) ?? []), value])
  }
  return Object.fromEntries(
    [...found].flatMap(([kind, values]) =>
      values.length >= LEAST ? [[kind, median(values)] as const] : [],
    ),
  )
}

/**
 * How a painter thins, and how long coats take to dry here, from what was written down.
 * @example habitsFrom([], [{ kind: 'wash', reckonedMin: 20, tookMin: 10 }])
 */
export const habitsFrom = (
  log: readonly { kind?: CoatKind; thinner?: number }[],
  dried: readonly { kind: CoatKind; reckonedMin: number; tookMin: number }[],
): Habits => ({
  thinner: byKind(log, ({ kind, thinner }) => [kind, thinner]),
  drying: byKind(dried, ({ kind, reckonedMin, tookMin }) => [
    kind,
    Math.min(4, Math.max(0.25, tookMin / reckonedMin)),
  ]),
})

/**
 * Drops in a millilitre of a bottle: drops written down between two looks at it, by what left it.
 * @returns nothing where less than a quarter of a millilitre left it, or fewer than ten drops.
 */
export function dropSizeFrom(drops: number, fromMl: number, toMl: number): number | undefined {
  const gone = fromMl - toMl
  return drops >= 10 && gone >= 0.25 ? Math.round((10 * drops) / gone) / 10 : undefined
}
