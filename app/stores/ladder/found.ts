import type { FoundMix } from '../../workers/recipeJobs'
import type { MixingNote, ReachedEnds, Target } from '../../../core'
/** A ladder as far as it is known: mixes from target `from` on, its own steps first. */
export interface Found {
  /** Its own steps, as far as the paint goes. */
  steps: readonly Target[]
  reached: ReachedEnds
  mixes: FoundMix[]
  from: number
  proved: boolean
  note?: MixingNote
}
