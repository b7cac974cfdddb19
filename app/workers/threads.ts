import { wrap } from 'comlink'
import type { Remote } from 'comlink'
import type { BoxApi } from './boxWorker'
import type { CoatsApi } from './coatsWorker'
import type { CommissionApi } from './commissionWorker'
import type { FileApi } from './fileWorker'
import type { LearnApi } from './learnWorker'
import type { PictureApi } from './pictureWorker'
import type { RangeApi } from './rangeWorker'
import type { RecipeApi } from './recipeWorker'
import type { ScheduleApi } from './scheduleWorker'
import type { SculptApi } from './sculptWorker'
import type { SearchApi } from './searchWorker'
import type { ToneApi } from './toneWorker'
import { orLost } from './orLost'

/** The one place where workers are made: each when it is first asked, one for all who ask. */
export interface Thread<Api> {
  (): Remote<Api>
  /** Ends the worker; the next question starts another. */
  end(): void
}

function thread<Api>(start: () => Worker): Thread<Api> {
  let worker: Worker | undefined
  let api: Remote<Api> | undefined
  function begin(): Remote<Api> {
    const made = (worker = start())
    return orLost(wrap<Api>(made), made, () => {
      if (worker === made) worker = api = undefined
    })
  }
  const ask = (): Remote<Api> => (api ??= begin())
  return Object.assign(ask, {
    end(): void {
      worker?.terminate()
      worker = api = undefined
    },
  })
}

export const threads = {
  box: thread<BoxApi>(
    () => new Worker(new URL('./boxWorker.ts', import.meta.url), { type: 'module' }),
  ),
  coats: thread<CoatsApi>(
    () => new Worker(new URL('./coatsWorker.ts', import.meta.url), { type: 'module' }),
  ),
  commission: thread<CommissionApi>(
    () => new Worker(new URL('./commissionWorker.ts', import.meta.url), { type: 'module' }),
  ),
  file: thread<FileApi>(
    () => new Worker(new URL('./fileWorker.ts', import.meta.url), { type: 'module' }),
  ),
  learn: thread<LearnApi>(
    () => new Worker(new URL('./learnWorker.ts', import.meta.url), { type: 'module' }),
  ),
  picture: thread<PictureApi>(
    () => new Worker(new URL('./pictureWorker.ts', import.meta.url), { type: 'module' }),
  ),
  range: thread<RangeApi>(
    () => new Worker(new URL('./rangeWorker.ts', import.meta.url), { type: 'module' }),
  ),
  recipe: thread<RecipeApi>(
    () => new Worker(new URL('./recipeWorker.ts', import.meta.url), { type: 'module' }),
  ),
  /** A second one of the same, so that the rows of a range are mixed two at a time. */
  rows: thread<RecipeApi>(
    () => new Worker(new URL('./recipeWorker.ts', import.meta.url), { type: 'module' }),
  ),
  schedule: thread<ScheduleApi>(
    () => new Worker(new URL('./scheduleWorker.ts', import.meta.url), { type: 'module' }),
  ),
  sculpt: thread<SculptApi>(
    () => new Worker(new URL('./sculptWorker.ts', import.meta.url), { type: 'module' }),
  ),
  tone: thread<ToneApi>(
    () => new Worker(new URL('./toneWorker.ts', import.meta.url), { type: 'module' }),
  ),
}

const searcher = () =>
  thread<SearchApi>(
    () => new Worker(new URL('./searchWorker.ts', import.meta.url), { type: 'module' }),
  )
/** Several workers for one search. */
export const searchers = (many: number): Remote<SearchApi>[] =>
  Array.from({ length: many }, () => searcher()())
