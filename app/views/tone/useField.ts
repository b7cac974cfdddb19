import { wrap } from 'comlink'
import type { Remote } from 'comlink'
import { onScopeDispose, shallowRef } from 'vue'
import type { ShallowRef } from 'vue'
import { latestOnly } from '../../workers/latestOnly'
import type { ToneApi } from '../../workers/toneWorker'

/** Resolution the fields are computed at; the screen stretches them. */
export const FIELD_WIDTH = 320
export const FIELD_HEIGHT = 240

/** A field drawn in a worker: asks are answered in turn, and only the newest waits. */
export function useField<Ask, Field>(
  draw: (worker: Remote<ToneApi>, ask: Ask) => Promise<Field>,
): { field: ShallowRef<Field | undefined>; trouble: ShallowRef<string>; ask: (what: Ask) => void } {
  const thread = new Worker(new URL('../../workers/toneWorker.ts', import.meta.url), {
    type: 'module',
  })
  const worker = wrap<ToneApi>(thread)
  const field = shallowRef<Field>()
  const trouble = shallowRef('')
  onScopeDispose(() => thread.terminate())
  const ask = latestOnly<Ask, Field>(
    (what) => draw(worker, what),
    (drawn) => {
      field.value = drawn
      trouble.value = ''
    },
    (error) => (trouble.value = (error as Error).message),
  )
  return { field, trouble, ask }
}
