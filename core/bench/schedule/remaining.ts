import type { BenchMove, ScheduleRequest } from './request'

/** How far the painter has come, times in ms since 1970. */
export interface BenchProgress {
  /** Moves that are done, by id, in their order, and when each was. */
  done: readonly string[]
  doneAt?: readonly number[]
  /** Those of them that mixed their puddle. */
  mixed?: readonly string[]
  /** Timers that run: until when the coat of a move dries. */
  timers: readonly { move: string; endsAt: number }[]
}

/** What is still to be done, from now on: figures that dry, and puddles that are open. */
export function remainingMoves(
  chains: readonly (readonly BenchMove[])[],
  { done, doneAt = [], mixed = [], timers }: BenchProgress,
  now: number,
): Required<Pick<ScheduleRequest, 'chains' | 'readyMin' | 'openedMin'>> {
  const minutesTo = (ms: number): number => (ms - now) / 60_000
  const when = new Map(done.map((id, i) => [id, doneAt[i] ?? 0]))
  const ends = new Map(timers.map(({ move, endsAt }) => [move, endsAt]))
  const openedMin: Record<string, number> = {}
  const readyMin = chains.map((chain) => {
    const before = chain.filter(({ id }) => when.has(id))
    for (const { id, puddle } of before)
      if (puddle && mixed.includes(id))
        openedMin[puddle] = Math.max(openedMin[puddle] ?? -Infinity, minutesTo(when.get(id)!))
    const last = before.at(-1)
    if (!last) return 0
    return Math.max(0, minutesTo(ends.get(last.id) ?? when.get(last.id)! + last.dryMin * 60_000))
  })
  return {
    chains: chains.map((chain) => chain.filter(({ id }) => !when.has(id))),
    readyMin,
    openedMin,
  }
}
