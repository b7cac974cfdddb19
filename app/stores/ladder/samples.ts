import { computed, watch } from 'vue'
import type { ComputedRef } from 'vue'
import { formSamples } from '../../../core'
import type { FormSamples } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'

interface Measured {
  id: string
  samples: FormSamples | undefined
}

/**
 * The points that shares of the chosen figure are measured on, whatever room is open: those of its own sculpt once
 * they are read, else of the form it is shown on.
 */
export function useSamples(): ComputedRef<FormSamples> {
  const store = useProject()
  const { answer, ask } = useAnswer<string, Measured>(async (id) => ({
    id,
    samples: await threads.sculpt().samples(id),
  }))
  watch(
    () => store.figure.sculpt,
    (id) => id !== undefined && ask(id),
    { immediate: true },
  )
  return computed(() => {
    const { sculpt, plan } = store.figure
    const own = answer.value?.id === sculpt ? answer.value?.samples : undefined
    return own ?? formSamples(plan.form)
  })
}
