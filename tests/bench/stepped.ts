import { RecipeSearch } from '../../core'
import type { RecipeRequest, SearchProgress } from '../../core'

/** Searches by one thread, five milliseconds at a time, until that is enough; the milliseconds it took. */
export function stepped(
  request: RecipeRequest,
  enough: (now: SearchProgress, ms: number) => boolean,
): number {
  const start = performance.now()
  const search = new RecipeSearch(request)
  let now = search.progress()
  while (!enough(now, performance.now() - start))
    now = search.step(performance.now() + 5, () => performance.now())
  return performance.now() - start
}
