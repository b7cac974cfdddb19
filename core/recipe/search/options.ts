import type { Recipe } from '../recipe'
import type { searchKernel } from './kernel'
import type { Objective } from './objective'
import type { SearchShare } from './turns'

/** How far a search has come. */
export interface SearchProgress {
  /** Share of the work done, 0–1; 1 when proved. */
  done: number
  proved: boolean
  /** No recipe within the limits scores less than this. */
  lowerBound: number
  best: Recipe[]
}

export interface SearchOptions extends SearchShare {
  objective?: Objective
  /** Refuses mixes that break a constraint; members are places in the box, rising. */
  allows?: (members: ArrayLike<number>, drops: ArrayLike<number>, count: number) => boolean
  kernel?: typeof searchKernel
  /** Whether bounds are made as close as can be; by itself in large searches, where that is worth its while. */
  closeBounds?: boolean
}
