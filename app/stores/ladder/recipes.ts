import { wrap } from 'comlink'
import type { RecipeApi } from '../../workers/recipeWorker'

let worker: ReturnType<typeof wrap<RecipeApi>> | undefined

/** The worker that finds mixes, one for all who ask; it starts when it is first asked. */
export const recipes = () =>
  (worker ??= wrap<RecipeApi>(
    new Worker(new URL('../../workers/recipeWorker.ts', import.meta.url), { type: 'module' }),
  ))
