import { expose } from 'comlink'
import { FEWEST_READINGS, learnPaints, teachesMost } from '../../core'
import type { BottleDrops, Learnt, MixReading, Paint, Teaches } from '../../core'

const api = {
  /** What readings tell, and which of some mixes would tell most if it were read next. */
  tells: (
    readings: MixReading[],
    box: Paint[],
    mixes: BottleDrops[][],
    within: number,
  ): { learnt?: Learnt; next: Teaches[] } => ({
    learnt: readings.length >= FEWEST_READINGS ? learnPaints(readings, box) : undefined,
    next: teachesMost(mixes, readings, box, within),
  }),
  learn: (readings: MixReading[], box: Paint[]): Learnt => learnPaints(readings, box),
}
export type LearnApi = typeof api
expose(api)
