import { computed, toRaw, watch } from 'vue'
import { mostDropsOf } from '../../../core'
import type { LetDownsFound } from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { strongIn } from '../palette/smallBox'
import { paintOf } from '../paints'
import { useProject } from '../project/project'
import type { useFew } from './few'

/** What lets down the rest; without it nothing is offered. */
const WHITE = 'titanium-white'
/** For a single figure a touch is less work than a well. */
const LEAST_FIGURES = 2

/** Strong bottles let down once for the evening: those that are, and which would earn a well over all figures. */
export function useLetDowns(few: ReturnType<typeof useFew>) {
  const store = useProject()
  const asked = computed(() => {
    const paints = store.inCommission.filter(({ id }) => few.table.value.includes(id)).map(toRaw)
    const figures = store.figures
    const drops = figures.map(mostDropsOf)
    if (figures.length < LEAST_FIGURES || !paints.some(({ id }) => id === WHITE)) return undefined
    return { paints, maxDrops: Math.min(...drops) }
  })
  const { answer, trouble, ask } = useAnswer<void, LetDownsFound[]>(async () => {
    if (!asked.value) return []
    const found = await threads.range().letDowns({
      ...asked.value,
      white: toRaw(paintOf(WHITE)),
      targets: few.targets.value.map((lab) => ({ ...lab })),
    })
    return found ?? []
  })
  watch([few.ready, few.targets, asked], () => few.ready.value && ask(), { immediate: true })
  /** What is not let down yet and would earn it, with what whole drops miss without any and with all. */
  const offer = computed(() => {
    const best = answer.value?.at(-1)
    if (!best || !asked.value) return undefined
    const had = new Set(store.letDowns.map(strongIn))
    const bottles = best.ids.filter((id) => !had.has(id)).map((id) => paintOf(id))
    if (bottles.length === 0) return undefined
    return { bottles, before: answer.value![0]!.mean, after: best.mean }
  })
  const take = (): void => {
    if (offer.value) store.letDown(offer.value.bottles, WHITE)
  }
  return { offer, take, trouble }
}
