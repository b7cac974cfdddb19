import type { BenchMove, ScheduleRequest } from './request'
import type { State } from './state'

/** Work and drying still to come on each figure after a move: the last coat dries on its own. */
export function tailsOf(chain: readonly BenchMove[]): number[] {
  const tails = new Array<number>(chain.length + 1).fill(0)
  for (let i = chain.length - 1; i >= 0; i--)
    tails[i] = chain[i]!.workMin + (i < chain.length - 1 ? chain[i]!.dryMin + tails[i + 1]! : 0)
  return tails
}

/**
 * No order from here ends sooner: the brush does all work that is left, begins when the first figure is
 * dry and mixes every puddle that is not open once; and every figure has its own work and drying.
 */
export function boundFrom(
  { chains, mixMin }: ScheduleRequest,
  tails: readonly number[][],
  { now, next, readyAt, opened }: State,
): number {
  let work = 0
  let first = Infinity
  let longest = now
  const unopened = new Set<string>()
  chains.forEach((chain, f) => {
    if (next[f]! >= chain.length) return
    const from = Math.max(now, readyAt[f]!)
    first = Math.min(first, from)
    longest = Math.max(longest, from + tails[f]![next[f]!]!)
    for (let i = next[f]!; i < chain.length; i++) {
      const { workMin, puddle } = chain[i]!
      work += workMin
      if (puddle !== undefined && !opened.has(puddle)) unopened.add(puddle)
    }
  })
  return work === 0 ? longest : Math.max(longest, first + work + unopened.size * mixMin)
}
