import { computed, toRaw, watch } from 'vue'
import type { Figure, Paint } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'
import { rowOf } from './rowOf'
import type { RangeRow } from '../range/rowOf'

/** What a set of bottles does: the rim of what it closes, and the ladder of the figure that is open. */
export interface SetReach {
  paints: readonly Paint[]
  rim: readonly { a: number; b: number }[]
  row: RangeRow
}

/** Sets of bottles looked at beside each other, each worked out once it is asked. */
export function useCompare(sets: () => readonly (readonly string[])[]) {
  const store = useProject()
  const paints = computed(() => {
    const byId = new Map(store.inCommission.map((paint) => [paint.id, paint]))
    return sets().map((ids) => ids.flatMap((id) => byId.get(id) ?? []))
  })
  const { answer, trouble, busy, ask } = useAnswer<
    { lists: readonly Paint[][]; figure: Figure },
    SetReach[]
  >(async ({ lists, figure }) => {
    const made: SetReach[] = []
    for (const list of lists) {
      if (list.length === 0) continue
      const few = list.map(toRaw)
      const rim = await threads.tone().rim(few)
      made.push({ paints: few, rim, row: await rowOf(toRaw(figure), few, []) })
    }
    return made
  })
  watch([paints, () => store.figure], ([lists, figure]) => ask({ lists, figure }), {
    immediate: true,
  })
  return { reaches: answer, trouble, busy }
}
