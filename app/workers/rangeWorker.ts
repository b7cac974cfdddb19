import { expose } from 'comlink'
import { bestSet, sharedPuddles, whatEachIsWorth, whatNextBrings, FAR, mean } from '../../core'
import type { BestSet, OneBottle } from '../../core'
import { apart } from './apartJob'
import { helping } from './helping'
import { inSlices } from './inSlices'
import { laying } from './laying'
import type { Laid } from './laying'
import { lettingDown } from './lettingDown'
import type { FewAnswer, FewWishes, HelpAnswer, HelpJob, TableJob } from './rangeJobs'
import type { OneChange, SetChanges } from './setChanges'

/** The work of each kind that may go on; another has begun when it is no longer the same. */
const current = { lay: {}, best: {}, helps: {} }
let laid: Laid | undefined

const table = (): Laid => {
  if (!laid) throw new Error('no table is laid out yet')
  return laid
}
const told = (best: BestSet): FewAnswer => ({
  ...best,
  // What was not shortlisted may still do better, down to the floor.
  proved: best.proved && table().floor === undefined,
  atLeast: Math.min(best.atLeast, table().floor ?? Infinity),
  set: best.set.map((i) => table().ids[i]!),
})
const placesOf = (ids: readonly string[]): number[] =>
  ids.map((id) => table().ids.indexOf(id)).filter((place) => place >= 0)
const named = (list: readonly OneBottle[]): OneChange[] =>
  list.map(({ bottle, mean }) => ({ bottle: table().ids[bottle]!, mean }))

const api = {
  /** Lays out what all sets of bottles can mix; false when it was stopped. */
  async lay(job: TableJob, tell: (done: number) => void): Promise<boolean> {
    const mine = (current.lay = {})
    const made = await inSlices(laying(job), tell, () => mine === current.lay)
    if (made) laid = made
    return made !== undefined
  },
  /** The best set of so many, told as it is found, until it is proved or stopped. */
  async best(wishes: FewWishes, tell: (news: FewAnswer) => void): Promise<FewAnswer | undefined> {
    const mine = (current.best = {})
    const search = bestSet(table().table, {
      size: wishes.size,
      pinned: placesOf(wishes.pinned),
      out: placesOf(wishes.out),
      cost: (place) => wishes.costs[table().ids[place]!] ?? 0,
    })
    const found = await inSlices(
      search,
      (news) => tell(told(news)),
      () => mine === current.best,
    )
    return found && told(found)
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
      mean: mean(off),
      worst: Math.max(...off),
      cut: off.filter((one) => one >= FAR).length,
      brings: named(whatNextBrings(table().table, places, placesOf(out))),
      worth: named(places.length > 1 ? whatEachIsWorth(table().table, places) : []),
    }
  },
  /** What each further bottle would bring a ladder, told as it goes; nothing when it was stopped. */
  async helps(job: HelpJob, tell: (news: HelpAnswer[]) => void): Promise<HelpAnswer[] | undefined> {
    const mine = (current.helps = {})
    return inSlices(helping(job), tell, () => mine === current.helps)
  },
  /** Which strong bottles to let down. */
  letDowns: lettingDown,
  stop(what: keyof typeof current): void {
    current[what] = {}
  },
  apart,
  /** Puddles that one ladder can take from another. */
  shared: sharedPuddles,
}

export type RangeApi = typeof api
expose(api)
