import { SetTable, shortlist } from '../../core'
import { patience } from './patience'
import type { TableJob } from './rangeJobs'

/** A large box is looked through so long for one target, ms. */
const SEARCH_MS = 30

/** A table of sets with the bottles it is of. */
export interface Laid {
  table: SetTable
  ids: string[]
  /** Mean ΔE00 that no bottles of a larger box go under; nothing where all of them are in the table. */
  floor?: number
}

/** Lays out a table, of a large box after a shortlist; yields the share that is done. */
export function* laying({
  paints,
  targets,
  maxDrops,
  most,
  must,
}: TableJob): Generator<number, Laid> {
  let from = paints
  let floor: number | undefined
  if (paints.length > most) {
    const search = shortlist(paints, targets, {
      most,
      maxDrops,
      must,
      patience: () => patience(SEARCH_MS),
    })
    for (;;) {
      const { value, done } = search.next()
      if (done) {
        ;({ paints: from, floor } = value)
        break
      }
      yield value / 2
    }
  }
  const table = new SetTable(from.length, targets.length)
  const before = floor === undefined ? 0 : 0.5
  for (const done of table.fill(from, targets, maxDrops)) yield before + (1 - before) * done
  return { table, ids: from.map(({ id }) => id), ...(floor === undefined ? {} : { floor }) }
}
