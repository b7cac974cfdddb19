import { expose } from 'comlink'
import { learnPaints } from '../../core'
import type { Learnt, MixReading, Paint } from '../../core'

const api = {
  learn: (readings: MixReading[], box: Paint[]): Learnt => learnPaints(readings, box),
}
export type LearnApi = typeof api
expose(api)
