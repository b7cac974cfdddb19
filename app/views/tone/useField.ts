import type { Remote } from 'comlink'
import { onScopeDispose } from 'vue'
import { threads } from '../../workers/threads'
import type { ToneApi } from '../../workers/toneWorker'
import { useAnswer } from '../../workers/useAnswer'
import type { Asked } from '../../workers/useAnswer'

/** Resolution the fields are computed at; the screen stretches them. */
export const FIELD_WIDTH = 320
export const FIELD_HEIGHT = 240

/** So many fields are shown; the worker ends with the last of them. */
let shown = 0

/** A field drawn in a worker. */
export function useField<Ask, Field>(
  draw: (worker: Remote<ToneApi>, ask: Ask) => Promise<Field>,
): Pick<Asked<Ask, Field>, 'trouble' | 'ask'> & { field: Asked<Ask, Field>['answer'] } {
  shown++
  onScopeDispose(() => {
    if (--shown === 0) threads.tone.end()
  })
  const { answer: field, trouble, ask } = useAnswer((what: Ask) => draw(threads.tone(), what))
  return { field, trouble, ask }
}
