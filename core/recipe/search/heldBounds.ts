import type { Lab } from '../../colour/lab'
import type { Objective } from './objective'
import { EVERYTHING } from './targetBox'
import type { Bounds } from './targetBox'

/** Bounds are made anew when so much of what they hold is no longer wanted. */
export const RENEW = 0.95
/** Below this score they cost nothing. */
const CHEAP = 1

/** The bounds of a search as its threshold falls: those that hold more than is wanted are right, too. */
export class HeldBounds {
  private held: Bounds = { box: EVERYTHING, across: [] }
  private reach = NaN

  constructor(private readonly objective: Objective) {}

  /** @param best the best mix so far, where bounds should be as close as can be. */
  holding(score: number, best?: Lab): Bounds {
    if (!(score <= this.reach) || score < RENEW * this.reach || score < CHEAP) {
      this.held = this.objective.bounds(score, best)
      this.reach = score
    }
    return this.held
  }
}
