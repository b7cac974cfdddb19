import { partsById } from '../../../core'
import { toRaw, watch } from 'vue'
import type { PredictedLadder } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import type { Asked } from '../../workers/useAnswer'
import { memoise } from '../memoise'
import { useLadder } from './ladder'

type Doubt = Pick<PredictedLadder, 'whole' | 'gaps'>

/** The two kinds of doubt about the ladder that is shown: where it lies as a whole, and how well its gaps hold. */
export function useLadderDoubt(): Pick<Asked<void, Doubt>, 'answer' | 'trouble'> {
  const ladder = useLadder()
  // A slider that moves targets changes no mix until the search has answered.
  const mixes = memoise(() => ladder.steps.map(({ parts }) => partsById(parts)))
  const { answer, trouble, ask, forget } = useAnswer<void, Doubt>(() =>
    threads.recipe().doubt({
      paints: ladder.paintsUsed.map(toRaw),
      steps: mixes.value,
    }),
  )
  watch(mixes, (steps) => (steps.some((parts) => parts.length === 0) ? forget() : ask()), {
    immediate: true,
  })
  return { answer, trouble }
}
