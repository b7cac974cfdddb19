import { moveKey } from '../../project/move'
import type { MoveRef } from '../../project/move'
import { dryingOf } from './drying'
import type { BenchMove, ScheduleRequest } from './request'

/** How far the painter has come, times in ms since 1970. */
export interface BenchProgress {
  /** Moves that are done, when, and whether their puddle was mixed for them. */
  done: readonly (MoveRef & { at: number; mixed?: boolean })[]
  /** Wells that were mixed ahead, by their keys. */
  mixed?: readonly { well: string; at: number }[]
  /** Timers that run: until when the coat of a move dries. */
  timers: readonly (MoveRef & { endsAt: number })[]
}

/**
 * What is still to be done, from now on: figures that dry, and puddles that are open.
 * @example remainingMoves([moves], { done: [], timers: [] }, 0).chains.length // 1
 */
export function remainingMoves(
  chains: readonly (readonly BenchMove[])[],
  { done, mixed = [], timers }: BenchProgress,
  now: number,
): Required<Pick<ScheduleRequest, 'chains' | 'readyMin' | 'openedMin'>> {
  const minutesTo = (ms: number): number => (ms - now) / 60_000
  const when = new Map(done.map((one) => [moveKey(one), one]))
  const doneAt = new Map(done.map((one) => [moveKey(one), one.at]))
  const timerEnds = new Map(timers.map((one) => [moveKey(one), one.endsAt]))
  const openedMin: Record<string, number> = {}
  const opened = (puddle: string, at: number): void => {
    openedMin[puddle] = Math.max(openedMin[puddle] ?? -Infinity, minutesTo(at))
  }
  const stands = new Map<string, number>()
  for (const { well, at } of mixed) stands.set(well, Math.max(at, stands.get(well) ?? -Infinity))
  for (const { puddle, wells = [] } of chains.flat())
    if (puddle && wells.length > 0 && wells.every((well) => stands.has(well)))
      opened(puddle, Math.min(...wells.map((well) => stands.get(well)!)))
  const readyMin = chains.map((chain) => {
    const before = chain.filter(({ id }) => when.has(id))
    for (const { id, puddle } of before)
      if (puddle && when.get(id)!.mixed) opened(puddle, when.get(id)!.at)
    const dries = dryingOf(chain, { doneAt, timerEnds })
    return dries ? Math.max(0, minutesTo(dries.until)) : 0
  })
  return {
    chains: chains.map((chain) => chain.filter(({ id }) => !when.has(id))),
    readyMin,
    openedMin,
  }
}
