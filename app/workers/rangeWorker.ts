import { expose } from 'comlink'
import { bestSet, SetTable, whatEachIsWorth, whatNextBrings } from '../../core'
import type { BestSet, OneBottle } from '../../core'
import { apart } from './apartJob'
import type { FewAnswer, FewWishes, OneChange, SetChanges, TableJob } from './rangeJobs'

/** Work between two looks at the mailbox, so that a stop is heard at once, and between two news. */
const [SLICE_MS, NEWS_MS] = [30, 150]

const now = (): number => performance.now()
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))
/** The work that may go on; another has begun when it is no longer the same. */
let current = {}
let laid: { table: SetTable; ids: string[] } | undefined

const table = (): { table: SetTable; ids: string[] } => {
  if (!laid) throw new Error('no table is laid out yet')
  return laid
}
const told = (best: BestSet): FewAnswer => ({ ...best, set: best.set.map((i) => table().ids[i]!) })
const placesOf = (ids: readonly string[]): number[] =>
  ids.map((id) => table().ids.indexOf(id)).filter((place) => place >= 0)
const named = (list: readonly OneBottle[]): OneChange[] =>
  list.map(({ bottle, mean }) => ({ bottle: table().ids[bottle]!, mean }))

const api = {
  /** Lays out what all sets of bottles can mix; false when it was stopped. */
  async lay(
    { paints, targets, maxDrops }: TableJob,
    tell: (done: number) => void,
  ): Promise<boolean> {
    const mine = (current = {})
    const next = new SetTable(paints.length, targets.length)
    let until = now() + SLICE_MS
    let news = now()
    for (const done of next.fill(paints, targets, maxDrops)) {
      if (now() < until) continue
      if (now() - news > NEWS_MS) {
        news = now()
        tell(done)
      }
      await pause()
      if (mine !== current) return false
      until = now() + SLICE_MS
    }
    laid = { table: next, ids: paints.map(({ id }) => id) }
    return true
  },
  /** The best set of so many, told as it is found, until it is proved or stopped. */
  async best(wishes: FewWishes, tell: (news: FewAnswer) => void): Promise<FewAnswer | undefined> {
    const mine = (current = {})
    const search = bestSet(table().table, {
      size: wishes.size,
      pinned: placesOf(wishes.pinned),
      out: placesOf(wishes.out),
      cost: (place) => wishes.costs[table().ids[place]!] ?? 0,
    })
    // The first that is found is told at once.
    let until = 0
    for (;;) {
      const { value, done } = search.next()
      if (done) return told(value)
      if (now() > until) {
        tell(told(value))
        await pause()
        if (mine !== current) return undefined
        until = now() + NEWS_MS
      }
    }
  },
  /** The best of each number, as it is found without a proof. */
  curve: (sizes: number[], pinned: string[], out: string[]): FewAnswer[] =>
    sizes
      .filter((size) => size >= pinned.length && size <= table().ids.length - out.length)
      .map((size) => {
        const wishes = { size, pinned: placesOf(pinned), out: placesOf(out) }
        return told(bestSet(table().table, wishes).next().value)
      }),
  /** What a set misses, what one more would bring, and what each is worth. */
  changes(set: string[], out: string[]): SetChanges {
    const places = placesOf(set)
    const off = [...table().table.best(places)]
    return {
      mean: off.reduce((sum, one) => sum + one, 0) / off.length,
      worst: Math.max(...off),
      brings: named(whatNextBrings(table().table, places, placesOf(out))),
      worth: named(places.length > 1 ? whatEachIsWorth(table().table, places) : []),
    }
  },
  stop(): void {
    current = {}
  },
  apart,
}

export type RangeApi = typeof api
expose(api)
