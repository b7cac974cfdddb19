/**
 * Runs one job at a time and, of those that come in meanwhile, only the newest: what a dragged
 * slider asked for in between is never computed.
 */
export function latestOnly<Job, Answer>(
  run: (job: Job) => Promise<Answer>,
  done: (answer: Answer, job: Job) => void,
  failed: (error: unknown, job: Job) => void,
): (job: Job) => void {
  let busy = false
  let waiting: { job: Job } | undefined
  async function start(job: Job): Promise<void> {
    busy = true
    try {
      done(await run(job), job)
    } catch (error) {
      failed(error, job)
    }
    busy = false
    if (waiting) {
      const next = waiting.job
      waiting = undefined
      void start(next)
    }
  }
  return (job) => {
    if (busy) waiting = { job }
    else void start(job)
  }
}
