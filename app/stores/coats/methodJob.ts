import { toRaw } from 'vue'
import { stepKeys, stepPuddle, partsById } from '../../../core'
import type { Paint, StepKey } from '../../../core'
import type { MethodJob } from '../../workers/coatsJobs'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'

/** What a method is made of for the figure that is open: its ladder as it is mixed, its bottles, its puddles. */
export function useMethodJob() {
  const store = useProject()
  const ladder = useLadder()
  /** Bottles that might be put in: those that are in but not on the table, then the painter's own, then all others. */
  function othersOf(): Paint[] {
    const table = new Set(store.onTable.map(({ id }) => id))
    const isIn = new Set(store.paintsIn.map(({ id }) => id))
    const rank = ({ id }: Paint): number => (isIn.has(id) ? 0 : store.isOwned(id) ? 1 : 2)
    return store.paints
      .filter(({ id, kind }) => !table.has(id) && (kind ?? 'paint') === 'paint')
      .toSorted((one, other) => rank(one) - rank(other))
  }
  return (): Omit<MethodJob, 'method'> => {
    const figure = store.figure.id
    const had = (store.project.puddles ?? []).filter((one) => one.figure === figure)
    const stepIds = Object.fromEntries(stepKeys.map((key) => [key, stepPuddle(figure, key)]))
    return {
      paints: store.onTable.map(toRaw),
      others: othersOf().map(toRaw),
      choices: {},
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
