import { computed, ref, toRaw, watch } from 'vue'
import type { Figure, Lab, Paint } from '../../../core'
import { heard } from '../../workers/heard'
import type { FewAnswer } from '../../workers/rangeJobs'
import type { SetChanges } from '../../workers/setChanges'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { targetsOfFigure } from '../ladder/plan'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { costsOf } from './fewWishes'
import type { FewWish } from './fewWishes'

/** Most bottles that all sets are weighed of; a table grows with the third power. */
const MOST_WEIGHED = 40
/** Colours that are weighed at most; of a larger commission every so-manieth. */
const MOST_TARGETS = 200
/** Drops of a mix where few bottles are weighed by the thousand sets, and where they are many: whole ones stand for fewer with touches. */
const DROPS = 16
const DROPS_OF_MANY = 9
const MANY = 20

/** Steps that say most of a ladder: its ends, the one beside each, its base. */
function tellingTargets(figure: Figure): Lab[] {
  const steps = targetsOfFigure(figure)
  const base = steps.findIndex(({ key }) => key === 'base')
  const places = new Set([0, 1, base, steps.length - 2, steps.length - 1])
  return steps.filter((_, i) => places.has(i)).map(({ target }) => target)
}

/** Which few bottles serve all figures: how many, which, and how sure that is. */
export function useFew() {
  const store = useProject()
  const pinned = ref<readonly string[]>([])
  const keptOut = ref<readonly string[]>([])
  /** What is avoided where little is lost. */
  const wishes = ref<readonly FewWish[]>([])
  const progress = ref<number>()
  const from = computed<Paint[]>(() => store.inCommission.map(toRaw))
  const targets = memoise(() => {
    const all = store.figures.flatMap(tellingTargets)
    const step = Math.ceil(all.length / MOST_TARGETS)
    return all.filter((_, i) => i % step === 0)
  })
  const limits = computed(() => Math.min(12, from.value.length))
  const table = computed(() => {
    const had = new Set(from.value.map(({ id }) => id))
    return (store.table ?? []).filter((id) => had.has(id))
  })
  const costs = computed(() => costsOf(wishes.value, from.value, store.project.bottles ?? {}))

  const laid = useAnswer<void, object>(
    async () => {
      progress.value = 0
      const done = await heard<number, boolean>(
        (tell) =>
          threads.range().lay(
            {
              paints: from.value,
              targets: targets.value.map((lab) => ({ ...lab })),
              maxDrops: from.value.length > MANY ? DROPS_OF_MANY : DROPS,
              most: MOST_WEIGHED,
              must: [...table.value],
            },
            tell,
          ),
        (share) => (progress.value = share),
      )
      progress.value = undefined
      if (!done) throw new Error('stopped')
      return {}
    },
    { interrupt: () => void threads.range().stop('lay') },
  )
  watch([from, targets], () => from.value.length > 1 && targets.value.length > 0 && laid.ask(), {
    immediate: true,
  })

  const changes = useAnswer<void, SetChanges | undefined>(async () =>
    table.value.length > 0
      ? threads.range().changes([...table.value], [...keptOut.value])
      : undefined,
  )
  watch([laid.answer, table, keptOut], () => laid.answer.value && changes.ask())
  // The curve is of all that may be found, whatever is on the table.
  const curve = useAnswer<void, FewAnswer[]>(() => {
    const sizes = Array.from({ length: limits.value - 1 }, (_, i) => i + 2)
    return threads.range().curve(sizes, [...pinned.value], [...keptOut.value])
  })
  watch([laid.answer, pinned, keptOut], () => laid.answer.value && curve.ask())

  const best = useAnswer<number, FewAnswer>(
    async (size, { soFar }) => {
      const found = await heard<FewAnswer, FewAnswer | undefined>(
        (tell) =>
          threads.range().best(
            {
              size,
              pinned: [...pinned.value],
              out: [...keptOut.value],
              costs: { ...costs.value },
            },
            tell,
          ),
        soFar,
      )
      if (!found) throw new Error('stopped')
      return found
    },
    { interrupt: () => void threads.range().stop('best') },
  )
  // What is found comes on the table at once; the proof goes on beside it.
  watch(best.answer, (found) => {
    if (found && found.set.join() !== table.value.join()) store.setTable(found.set)
  })
  const toggled = (list: readonly string[], id: string): string[] =>
    list.includes(id) ? list.filter((one) => one !== id) : [...list, id]
  return {
    targets,
    from,
    pinned,
    keptOut,
    wishes,
    wish: (wanted: readonly FewWish[]) => (wishes.value = wanted),
    table,
    progress,
    ready: computed(() => laid.answer.value !== undefined),
    trouble: computed(
      () =>
        [laid, best, changes, curve].map(({ trouble }) => trouble.value).find((one) => one) ?? '',
    ),
    curve: computed(() => curve.answer.value ?? []),
    changes: changes.answer,
    best,
    pin: (id: string) => (pinned.value = toggled(pinned.value, id)),
    keepOut: (ids: readonly string[]) => (keptOut.value = ids),
    stop(): void {
      best.stop()
      void threads.range().stop('best')
    },
  }
}
