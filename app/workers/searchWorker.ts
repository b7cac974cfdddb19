import { expose } from 'comlink'
import { variantRequests, wishedSearch } from '../../core'
import type { Recipe, SearchProgress, SearchShare, WishedRequest } from '../../core'

/** Work between two looks at the mailbox, so that a stop is heard at once. */
const SLICE_MS = 25
/** How long each kind of alternative is searched for. */
const VARIANT_MS = 250
/** How often the page is told. */
const NEWS_MS = 120

const now = (): number => performance.now()
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))
let stopped = false

const api = {
  /** Runs its part of a search to its end unless a stop comes; tells how it goes along the way. */
  async run(
    job: WishedRequest,
    share: SearchShare,
    tell: (news: SearchProgress) => void,
  ): Promise<SearchProgress | undefined> {
    stopped = false
    const search = wishedSearch(job, share)
    let told = 0
    for (;;) {
      const news = search.step(now() + SLICE_MS, now)
      if (news.proved) return news
      if (now() - told > NEWS_MS) {
        told = now()
        tell(news)
      }
      await pause()
      if (stopped) return undefined
    }
  },
  /** Alternatives to the best recipe of a job, as far as they were searched when a stop came. */
  async variants(job: WishedRequest, best: Recipe): Promise<Recipe[]> {
    stopped = false
    const found: Recipe[] = []
    for (const asked of variantRequests(job, best)) {
      await pause()
      if (stopped) break
      found.push(...wishedSearch(asked).step(now() + VARIANT_MS, now).best)
    }
    return found
  },
  stop(): void {
    stopped = true
  },
}

export type SearchApi = typeof api
expose(api)
