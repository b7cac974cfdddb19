import { computed, shallowRef, toRaw, watch } from 'vue'
import { mostDropsOf } from '../../../core'
import type { Ref } from 'vue'
import type { FormSamples, Paint, ReachedEnds, Spectrum, StepKey } from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { smallBox } from '../palette/smallBox'
import { useProject } from '../project/project'
import type { OwnedJob } from './lastFound'
import type { Aims } from './lighting'
import { jobOf } from './plan'
import { useMixSearch } from './search'

/** Mixes of the open figure's ladder, sought anew when what they are sought for changes. */
export function useFoundMixes({
  aims,
  base,
  samples,
  mixing,
  paintsIn,
}: {
  aims: Ref<Aims>
  base: Ref<Spectrum>
  samples: Ref<FormSamples>
  mixing: Ref<unknown>
  paintsIn: Ref<Paint[]>
}) {
  const store = useProject()
  /** Where the paint of each figure ends, as it was found last. */
  const ends = shallowRef<ReadonlyMap<string, ReachedEnds>>(new Map())
  /** Newest answers by figure and step; kept while the next ones are on their way. */
  const found = shallowRef<ReadonlyMap<string, FoundMix>>(new Map())
  const place = (figureId: string, key: StepKey): string => `${figureId} ${key}`
  const { searching, trouble, proved, note, search } = useMixSearch<OwnedJob>((news, job) => {
    const places = [
      ...news.steps.map(({ key }) => place(job.figure, key)),
      ...job.others.map(({ key }) => place(`${job.figure} other`, key)),
    ]
    const next = new Map(found.value)
    news.mixes.forEach((mix, i) => next.set(places[news.from + i]!, mix))
    const had = ends.value.get(job.figure)
    // What came out as it was moves no target. Steps come before the mixes that name them by their places.
    if (JSON.stringify(had) !== JSON.stringify(news.reached))
      ends.value = new Map(ends.value).set(job.figure, news.reached)
    found.value = next
  })
  const box = computed(() => smallBox(toRaw(paintsIn.value), store.letDowns))
  watch(
    [aims, base, samples, mixing, box, () => store.plan.maxPaints, () => mostDropsOf(store.figure)],
    () => {
      if (paintsIn.value.length === 0) {
        trouble.value = 'No bottle is in. Put at least one in to mix from; the box has them.'
        found.value = new Map()
        return
      }
      search({
        ...jobOf(toRaw(store.figure), box.value, {
          aims: aims.value,
          base: base.value,
          form: samples.value,
        }),
        commission: store.project.id,
        figure: store.figure.id,
      })
    },
    { immediate: true },
  )

  const mixAt = (figureId: string, key: StepKey) => found.value.get(place(figureId, key))
  return { ends, mixAt, searching, trouble, proved, note }
}
