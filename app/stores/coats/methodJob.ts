import { toRaw } from 'vue'
import { stepKeys, stepPuddle, partsById } from '../../../core'
import type { StepKey } from '../../../core'
import type { MethodJob } from '../../workers/coatsWorker'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'

/** What a method is made of for the figure that is open: its ladder as it is mixed, its bottles, its puddles. */
export function useMethodJob() {
  const store = useProject()
  const ladder = useLadder()
  return (): Omit<MethodJob, 'method'> => {
    const figure = store.figure.id
    const had = (store.project.puddles ?? []).filter((one) => one.figure === figure)
    const stepIds = Object.fromEntries(stepKeys.map((key) => [key, stepPuddle(figure, key)]))
    return {
      paints: store.paintsIn.map(toRaw),
      steps: ladder.steps.map(({ key, target, share, parts }) => ({
        key,
        target: { L: target.L, a: target.a, b: target.b },
        share,
        parts: partsById(parts),
      })),
      had: structuredClone(toRaw(had)),
      stepIds: stepIds as Record<StepKey, string>,
    }
  }
}
