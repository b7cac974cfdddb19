import { computed, watch } from 'vue'
import { methods } from '../../../core'
import type { MadeMethod } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useLadder } from '../ladder/ladder'
import type { MethodJob } from '../../workers/coatsJobs'
import { useProject } from '../project/project'
import { useMethodJob } from './methodJob'

type MethodLook = Pick<MadeMethod, 'strata' | 'missing' | 'ends'>
export type MethodLooks = ReadonlyMap<string, MethodLook>

/** Every method as it would lie on the figure that is open, one after the other. */
export function useMethodLooks() {
  const ladder = useLadder()
  const store = useProject()
  const methodJob = useMethodJob()
  /** What the answers hang on; empty while the ladder is sought. */
  const known = computed(() => {
    const { steps } = ladder
    if (steps.length === 0 || steps.some(({ parts }) => parts.length === 0)) return ''
    const mixes = steps.map(({ parts }) => parts.map(({ paint, drops }) => [paint, drops]))
    return JSON.stringify([mixes, store.onTable.map(({ id }) => id)])
  })
  const { answer, trouble, ask } = useAnswer<Omit<MethodJob, 'method'>, MethodLooks>(
    async (asked, { newest, soFar }) => {
      let looks: MethodLooks = new Map()
      for (const { key } of methods) {
        if (!newest()) break
        const { strata, missing, ends } = await threads.coats().begin({ ...asked, method: key })
        looks = new Map([...looks, [key, { strata, missing, ends }]])
        soFar(looks)
      }
      return looks
    },
  )
  watch(known, (there) => there && ask(methodJob()), { immediate: true })
  return { looks: computed((): MethodLooks => answer.value ?? new Map()), trouble }
}
