import { letDowns } from '../../core'
import type { LetDownsFound } from '../../core'
import { inSlices } from './inSlices'
import type { LetDownsJob } from './rangeJobs'

/** The question that was asked last; an earlier one is given up. */
let last = {}

/** None, the best one, two, three bottles to let down, as far as each earns its well; nothing when another was asked. */
export async function lettingDown(job: LetDownsJob): Promise<LetDownsFound[] | undefined> {
  const mine = (last = {})
  return inSlices(
    letDowns(job),
    () => undefined,
    () => mine === last,
  )
}
