import type { BenchMove } from './request'

/** When a move was done, and until when a timer of it runs, by their keys; ms since 1970. */
export interface DryingTold {
  doneAt: ReadonlyMap<string, number>
  timerEnds: ReadonlyMap<string, number>
}

/**
 * From when until when the last coat of a figure dries: by its timer, else as long as such a coat takes. Nothing where
 * nothing is done.
 * @example dryingOf([], { doneAt: new Map(), timerEnds: new Map() }) === undefined // true
 */
export function dryingOf(
  chain: readonly BenchMove[],
  { doneAt, timerEnds }: DryingTold,
): { from: number; until: number } | undefined {
  const last = chain.findLast(({ id }) => doneAt.has(id))
  if (!last) return undefined
  const from = doneAt.get(last.id)!
  return { from, until: timerEnds.get(last.id) ?? from + last.dryMin * 60_000 }
}
