import { boxOf, mergeRecipes, sharedWork } from '../../core'
import type { Paint, Recipe, SearchProgress, WishedRequest } from '../../core'
import { heard } from './heard'
import { searchers } from './threads'

const MOST_WORKERS = 4

/** All of two cores, as the page hardly works while a search runs; of more one is left to it. */
const workersFor = (cores: number): number => Math.min(MOST_WORKERS, cores > 2 ? cores - 1 : cores)

/** What all parts of a search know together. */
function together(
  parts: readonly (SearchProgress | undefined)[],
  bounds: readonly number[],
  box: readonly Paint[],
  limit: number,
): SearchProgress {
  const told = parts.filter((one) => one !== undefined)
  const lists = told.map(({ best }) => best)
  const best = mergeRecipes(lists, box, limit)
  const closest = best[0]?.deltaE00 ?? 0
  const proved = told.length === parts.length && told.every(({ proved }) => proved)
  return {
    best,
    proved,
    done: told.reduce((sum, { done }) => sum + done, 0) / parts.length,
    lowerBound: proved ? closest : Math.min(closest, ...bounds),
  }
}

/** Several workers on one search; one search at a time (`useAnswer` sees to that). */
export const searchPool = () => {
  const many = workersFor(navigator.hardwareConcurrency || 2)
  const workers = searchers(many)
  return {
    /** Runs a search until it is proved or stopped; `tell` hears how it goes. */
    async search(job: WishedRequest, tell: (news: SearchProgress) => void): Promise<void> {
      const { paints } = boxOf(job)
      const latest: (SearchProgress | undefined)[] = workers.map(() => undefined)
      // Where the page is isolated, threads may share memory.
      const memory = globalThis.crossOriginIsolated ? sharedWork() : undefined
      const bounds = workers.map(() => 0)
      const hear = (part: number, news: SearchProgress): void => {
        latest[part] = news
        // One that is through its part says nothing against what the others may find; one that found no task left
        // has told as much as before.
        if (!news.proved) bounds[part] = news.lowerBound
        else if (!memory) bounds[part] = Infinity
        tell(together(latest, bounds, paints, job.limit))
      }
      await Promise.all(
        workers.map(async (worker, part) => {
          const end = await heard<SearchProgress, SearchProgress | undefined>(
            (say) => worker.run(job, { part, of: many, memory }, say),
            (news) => hear(part, news),
          )
          if (end) hear(part, end)
        }),
      )
    },
    /** Alternatives to the best recipe of a job. */
    variants: (job: WishedRequest, best: Recipe): Promise<Recipe[]> =>
      workers[0]!.variants(job, best),
    stop(): void {
      for (const worker of workers) void worker.stop()
    },
  }
}
