import { whatHelps } from '../../core'
import type { HelpAnswer, HelpJob } from './rangeJobs'

/** What bottles bring, by their ids, as far as they were weighed. */
export function* helping({
  targets,
  table,
  others,
  limits,
}: HelpJob): Generator<HelpAnswer[], HelpAnswer[]> {
  let last: HelpAnswer[] = []
  for (const found of whatHelps(targets, table, others, limits)) {
    last = found.map(({ paint, brings }) => ({ id: paint.id, brings }))
    yield last
  }
  return last
}
