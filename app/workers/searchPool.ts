import { wrap } from 'comlink'
import type { Remote } from 'comlink'
import type { Recipe } from '../../core'
import { heard } from './heard'
import type { SearchApi, SearchJob, SearchNews } from './searchWorker'

export type PoolJob = Omit<SearchJob, 'id' | 'part' | 'of'>

/** What the page is told while several workers share one search. */
export interface PoolNews {
  done: number
  proved: boolean
  lowerBound: number
  best: Recipe[]
}

const MOST_WORKERS = 4
const dropsOf = ({ parts }: Recipe): number => parts.reduce((sum, { drops }) => sum + drops, 0)

/** The best of all parts in one list. */
function merged(lists: readonly Recipe[][], limit: number): Recipe[] {
  const seen = new Set<string>()
  return lists
    .flat()
    .filter(({ parts }) => {
      const key = parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join('+')
      return !seen.has(key) && seen.add(key)
    })
    .sort(
      (one, other) =>
        one.deltaE00 - other.deltaE00 ||
        one.parts.length - other.parts.length ||
        dropsOf(one) - dropsOf(other),
    )
    .slice(0, limit)
}

/**
 * Several workers on one search at a time. A newer search takes the place of the old one; what the old one
 * still says is not heard.
 */
export class SearchPool {
  private readonly workers: Remote<SearchApi>[]
  private turn = 0

  constructor() {
    const many = Math.max(1, Math.min(MOST_WORKERS, (navigator.hardwareConcurrency || 2) - 1))
    this.workers = Array.from({ length: many }, () =>
      wrap<SearchApi>(
        new Worker(new URL('./searchWorker.ts', import.meta.url), { type: 'module' }),
      ),
    )
  }

  /** Starts a search; `tell` hears how it goes until it is proved, stopped or superseded. */
  async search(job: PoolJob, tell: (news: PoolNews) => void): Promise<void> {
    const id = ++this.turn
    const of = this.workers.length
    const latest: (SearchNews | undefined)[] = this.workers.map(() => undefined)
    const hear = (part: number, news: SearchNews): void => {
      if (id !== this.turn) return
      latest[part] = news
      const heard = latest.filter((one) => one !== undefined)
      const best = merged(
        heard.map((one) => one.best),
        job.limit,
      )
      const proved = heard.length === of && heard.every((one) => one.proved)
      tell({
        best,
        proved,
        done: latest.reduce((sum, one) => sum + (one?.done ?? 0), 0) / of,
        // A part that is proved says nothing against what the others may still find.
        lowerBound: proved
          ? (best[0]?.deltaE00 ?? 0)
          : Math.min(
              best[0]?.deltaE00 ?? 0,
              ...latest.map((one) => (one?.proved ? Infinity : (one?.lowerBound ?? 0))),
            ),
      })
    }
    await Promise.all(
      this.workers.map(async (worker, part) => {
        const end = await heard<SearchNews, SearchNews | undefined>(
          (tell) => worker.run({ ...job, id, part, of }, tell),
          (news) => hear(part, news),
        )
        if (end) hear(part, end)
      }),
    )
  }

  /** Alternatives to the best recipe of a job; nothing when a newer search has begun. */
  async variants(job: PoolJob, best: Recipe): Promise<Recipe[]> {
    const mine = this.turn
    const found = await this.workers[0]!.variants({ ...job, id: mine, part: 0, of: 1 }, best)
    return mine === this.turn ? found : []
  }

  stop(): void {
    this.turn++
    for (const worker of this.workers) void worker.stop()
  }
}
