import { defineStore, storeToRefs } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import { baseReflectance, deltaE00, predictMix } from '../../../core'
import type { KeptPart, Lab, Paint, Predicted, StepKey, Target } from '../../../core'
import type { FoundMix, PathAnswer, PathJob } from '../../workers/recipeJobs'
import { threads } from '../../workers/threads'
import { isKnown, paintOf } from '../paints'
import { useProject } from '../project/project'
import { steady } from '../steady'
import { aimsOf, moodOf } from './mood'
import { jobOf, mixingOf, otherTargetsOf, targetsOf } from './plan'
import type { LadderJob } from './plan'
import { useSamples } from './samples'
import { useMixSearch } from './search'

/** A step as it is shown: aimed at, mixed, and how far apart the two are. */
export interface ShownStep extends Target {
  /** Empty until the first search has answered. */
  parts: KeptPart[]
  painted: Lab | undefined
  off: number | undefined
  /** Two in three real mixes land this near the painted colour, ΔE00. */
  within: number | undefined
  kept: boolean
  /** Drops of the base mix to drops of the other paint, in a run. */
  ratio?: readonly [number, number]
}

/** Predictions by mix: moving a target does not change what a mix looks like. */
const MOST_PREDICTIONS = 2000
const predictions = new Map<string, { paints: Paint[]; predicted: Predicted }>()
function predict(parts: readonly KeptPart[]): Predicted {
  const key = parts.map(({ paint, drops }) => `${drops} ${paint}`).join('+')
  const paints = parts.map(({ paint }) => paintOf(paint))
  let known = predictions.get(key)
  if (!known || known.paints.some((paint, i) => paint !== paints[i])) {
    if (predictions.size > MOST_PREDICTIONS) predictions.clear()
    const drops = parts.map((part, i) => ({ paint: paints[i]!, drops: part.drops }))
    known = { paints, predicted: predictMix(drops) }
    predictions.set(key, known)
  }
  return known.predicted
}

/** The ladder of the chosen figure: targets at once, recipes as soon as the worker has them. */
export const useLadder = defineStore('ladder', () => {
  const store = useProject()
  const { figure, plan, paintsIn } = storeToRefs(store)
  const tone = computed(() => figure.value.tone)
  const base = computed(() => baseReflectance(tone.value))
  /** What moves a target; a drop that is added does not. */
  const aims = steady(() => aimsOf(figure.value))
  const samples = useSamples()
  const mood = computed(() => moodOf(aims.value))
  const targets = computed(() => targetsOf(aims.value, base.value, samples.value))
  const otherTargets = computed(() => otherTargetsOf(aims.value, base.value))
  const mixing = steady(() => mixingOf(plan.value))

  /** Newest answers by figure and step; kept while the next ones are on their way. */
  const found = shallowRef<ReadonlyMap<string, FoundMix>>(new Map())
  const place = (figureId: string, key: StepKey): string => `${figureId} ${key}`
  interface Job extends LadderJob {
    places: string[]
  }
  const { searching, trouble, proved, note, search } = useMixSearch<Job>((mixes, from, job) => {
    const next = new Map(found.value)
    mixes.forEach((mix, i) => next.set(job.places[from + i]!, mix))
    found.value = next
  })
  watch(
    [
      targets,
      otherTargets,
      mixing,
      paintsIn,
      () => plan.value.maxPaints,
      () => plan.value.maxDrops,
    ],
    () => {
      if (paintsIn.value.length === 0) {
        trouble.value = 'No bottle is in. Put at least one in to mix from; the box has them.'
        found.value = new Map()
        return
      }
      search({
        ...jobOf(plan.value, toRaw(paintsIn.value), targets.value, otherTargets.value),
        places: [
          ...targets.value.map(({ key }) => place(figure.value.id, key)),
          ...otherTargets.value.map(({ key }) => place(`${figure.value.id} other`, key)),
        ],
      })
    },
    { immediate: true },
  )

  function shown(target: Target, kept: KeptPart[] | undefined, mix?: FoundMix): ShownStep {
    const mixed = kept ?? mix?.parts ?? []
    // Until the next search has answered, a mix may name a bottle that has gone.
    const parts = mixed.every(({ paint }) => isKnown(paint)) ? mixed : []
    const predicted = parts.length > 0 ? predict(parts) : undefined
    const painted = predicted?.lab
    return {
      ...target,
      parts,
      painted,
      off: painted && deltaE00(painted, target.target),
      within: predicted?.within,
      kept: kept !== undefined,
      ratio: kept ? undefined : mix?.ratio,
    }
  }
  const mixAt = (figureId: string, key: StepKey) => found.value.get(place(figureId, key))
  const steps = computed<ShownStep[]>(() =>
    targets.value.map((target) =>
      shown(target, plan.value.kept[target.key], mixAt(figure.value.id, target.key)),
    ),
  )
  const otherSteps = computed<ShownStep[]>(() =>
    otherTargets.value.map((target) =>
      shown(target, undefined, mixAt(`${figure.value.id} other`, target.key)),
    ),
  )

  /** Every paint the ladder uses, in the order of the box. */
  const paintsUsed = computed(() => {
    const used = new Set(steps.value.flatMap(({ parts }) => parts.map(({ paint }) => paint)))
    const inBox = paintsIn.value.filter(({ id }) => used.delete(id))
    return [...inBox, ...[...used].map((id) => paintOf(id))]
  })

  /** Adds drops of a paint to a step's mix, or takes them; the last drop of a mix stays. */
  function addDrops(key: StepKey, paint: string, by: number): void {
    const step = steps.value.find((one) => one.key === key)
    if (!step) return
    const had = step.parts.find((part) => part.paint === paint)
    const drops = (had?.drops ?? 0) + by
    const parts = had
      ? step.parts.map((part) => (part === had ? { paint, drops } : part))
      : [...step.parts, { paint, drops }]
    const left = parts.filter((part) => part.drops > 0)
    if (left.length > 0) store.keep(key, left, 'drops')
  }

  /** The order of mixing for what every step needs. */
  const path = (job: Omit<PathJob, 'paints'>): Promise<PathAnswer> =>
    threads.recipe().path({ ...job, paints: paintsUsed.value.map(toRaw) })

  return {
    steps,
    otherSteps,
    paintsUsed,
    addDrops,
    searching,
    trouble,
    proved,
    note,
    base,
    mood,
    path,
  }
})
