import { expose } from 'comlink'
import { figuresWithoutWaiting, schedule } from '../../core'
import type { BenchMove, BenchSchedule, ScheduleRequest } from '../../core'

const MOST_FIGURES = 8

const api = {
  /** The order of moves, and how many figures like the first would keep the brush busy. */
  plan(request: ScheduleRequest): { plan: BenchSchedule; enough: number } {
    const [first = []] = request.chains as BenchMove[][]
    return { plan: schedule(request), enough: figuresWithoutWaiting(first, request, MOST_FIGURES) }
  },
}
export type ScheduleApi = typeof api
expose(api)
