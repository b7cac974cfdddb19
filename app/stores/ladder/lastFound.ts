import type { Found } from './found'
import { keepMixes, lastMixes } from '../../vault/lastMixes'
import { markOf } from '../../vault/journal'
import type { LadderJob } from './plan'

/** A ladder's job with whose it is. */
export interface OwnedJob extends LadderJob {
  commission: string
  figure: string
}

/** What is kept of a found ladder: its steps follow from its ends. */
type Kept = Omit<Found, 'steps' | 'from'> & { aims: string }

/** What the answer depends on, and nothing else. */
const askedBy = (job: OwnedJob) => {
  const { commission, figure, paints, maxPaints, maxDrops, mixing, base, lighting, moved, others } =
    job
  const asked = { paints, maxPaints, maxDrops, mixing, base, lighting, moved, others }
  return { commission, figure, question: markOf(JSON.stringify(asked)) }
}
const aimsOf = (steps: Found['steps']): string => markOf(JSON.stringify(steps))

/** Keeps a ladder that is found as a whole. */
export function keepFound(job: OwnedJob, { steps, reached, mixes, proved, note }: Found): void {
  const found: Kept = { reached, mixes, proved, note, aims: aimsOf(steps) }
  keepMixes({ ...askedBy(job), found })
}

/** A ladder as it was found last, if it is the same in all that is asked and aimed at. */
export function lastFound(job: OwnedJob): Found | undefined {
  const { aims, ...found } = (lastMixes(askedBy(job))?.found ?? {}) as Partial<Kept>
  const { reached, mixes, proved = true } = found
  // What is not whole is found again.
  if (!reached?.ends || !Array.isArray(mixes)) return undefined
  const steps = job.targetsAt(reached.ends)
  if (aimsOf(steps) !== aims || mixes.length !== steps.length + job.others.length) return undefined
  return { ...found, reached, mixes, proved, steps, from: 0 }
}
