import type { Patience } from '../../core'

/** So many milliseconds from now, by the worker's own clock. */
export const patience = (ms: number): Patience => ({
  until: performance.now() + ms,
  now: () => performance.now(),
})
