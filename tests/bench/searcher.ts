import { parentPort, workerData } from 'node:worker_threads'
import { RecipeSearch } from '../../core'
import type { Lab, Limits, SearchShare } from '../../core'
import { boxes } from './boxes'
import type { BoxOf } from './boxes'

/** What a thread of a search is told; it searches so many milliseconds at most. */
export interface Asked extends Limits {
  target: Lab
  share: SearchShare
  most: number
}

/** How far it came. */
export interface Heard {
  done: number
  best: number
}

const { box, paints: many } = workerData as BoxOf
const paints = boxes[box](many)
const now = (): number => performance.now()
parentPort!.on('message', ({ share, most, ...asked }: Asked) => {
  const search = new RecipeSearch({ ...asked, paints }, share)
  const { done, best } = search.step(now() + most, now)
  parentPort!.postMessage({ done, best: best[0]!.deltaE00 } satisfies Heard)
})
