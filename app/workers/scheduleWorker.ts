import { expose } from 'comlink'
import { figuresWithoutWaiting, schedule } from '../../core'
import type { BenchMove, BenchSchedule, ScheduleRequest } from '../../core'

const MOST_FIGURES = 8

const api = {
  /** The order of what is to be done, and how many figures like one would keep the brush busy. */
  plan(request: ScheduleRequest, like: BenchMove[]): { plan: BenchSchedule; enough: number } {
    const { mixMin, puddleLifeMin } = request
    return {
      plan: schedule(request),
      enough: figuresWithoutWaiting(like, { mixMin, puddleLifeMin }, MOST_FIGURES),
    }
  },
}
export type ScheduleApi = typeof api
expose(api)
