import { seeded } from '../numbers/seeded'
import type { SetTable } from './setTable'

/** Starts of the exchange search beside the greedy one. */
const STARTS = 11
/** Nearer than this two sets are as good as each other. */
export const SAME = 1e-9

/** Of which a set is to be chosen, and what it is worth. */
interface Choice {
  pinned: readonly number[]
  open: readonly number[]
  /** How many are chosen beside the pinned. */
  free: number
  cost: (bottle: number) => number
  valueOf: (set: readonly number[]) => number
}

export const sum = (list: Float64Array): number => list.reduce((all, one) => all + one, 0)

/** The best set that exchanging one bottle for another comes to, from a greedy start and from random ones. */
export function exchangeSearch(
  table: SetTable,
  { pinned, open, free, cost, valueOf }: Choice,
): { chosen: number[]; value: number } {
  const { targets: T } = table
  /** Swaps one for another as long as that helps; the best swap each time. */
  function exchanged(start: readonly number[]): { chosen: number[]; value: number } {
    let chosen = [...start]
    let value = valueOf([...pinned, ...chosen])
    for (;;) {
      let better: { chosen: number[]; value: number } | undefined
      for (let i = 0; i < chosen.length; i++) {
        const rest = chosen.filter((_, k) => k !== i)
        const kept = [...pinned, ...rest]
        const base = table.best(kept)
        const others = [...kept].sort((one, other) => one - other)
        const paid = kept.reduce((all, one) => all + cost(one), 0)
        for (const next of open) {
          if (chosen.includes(next)) continue
          const into = base.slice()
          table.take(others, next, into)
          const found = sum(into) / T + paid + cost(next)
          if (found < (better?.value ?? value) - SAME)
            better = { chosen: [...rest, next], value: found }
        }
      }
      if (!better) return { chosen, value }
      ;({ chosen, value } = better)
    }
  }
  function greedy(): number[] {
    const chosen: number[] = []
    while (chosen.length < free) {
      let best: { next: number; value: number } | undefined
      for (const next of open) {
        if (chosen.includes(next)) continue
        const value = valueOf([...pinned, ...chosen, next])
        if (!best || value < best.value) best = { next, value }
      }
      chosen.push(best!.next)
    }
    return chosen
  }
  const random = seeded(pinned.length + free)
  let found = exchanged(greedy())
  for (let n = 0; n < STARTS && free > 0 && free < open.length; n++) {
    const left = [...open]
    const start = Array.from(
      { length: free },
      () => left.splice(Math.floor(random() * left.length), 1)[0]!,
    )
    const other = exchanged(start)
    if (other.value < found.value - SAME) found = other
  }
  return found
}
