import { defineStore, storeToRefs } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import {
  baseReflectance,
  deltaE00,
  ingredientKey,
  isBottle,
  predictMix,
  sameIngredient,
  stepPuddle,
  bottleParts,
} from '../../../core'
import type {
  BottleDrops,
  Ingredient,
  Lab,
  Paint,
  Predicted,
  PuddlePart,
  ReachedEnds,
  StepKey,
  Target,
} from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { contentsOf } from '../palette/contents'
import { isKnown, paintOf, withPaints } from '../paints'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { aimsOf, lightingOf } from './lighting'
import { jobOf, mixingOf, otherTargetsOf, spotsOf, targetsOf } from './plan'
import type { OwnedJob } from './lastFound'
import { useSamples } from './samples'
import { useMixSearch } from './search'

/** A step as it is shown: aimed at, mixed, and how far apart the two are. */
export interface ShownStep extends Target {
  /** What is put together for it: bottles and puddles. Empty until the first search has answered. */
  made: readonly PuddlePart[]
  /** Bottles that are in it, in parts of drops where puddles are put together. */
  parts: BottleDrops[]
  painted: Lab | undefined
  off: number | undefined
  /** Two in three real mixes land this near the painted colour, ΔE00. */
  within: number | undefined
  kept: boolean
}

/** Predictions by mix: moving a target does not change what a mix looks like. */
const MOST_PREDICTIONS = 2000
const predictions = new Map<string, { paints: Paint[]; predicted: Predicted }>()
function predict(parts: readonly BottleDrops[]): Predicted {
  const key = parts.map(({ paint, drops }) => `${drops} ${paint}`).join('+')
  const paints = parts.map(({ paint }) => paintOf(paint))
  let known = predictions.get(key)
  if (!known || known.paints.some((paint, i) => paint !== paints[i])) {
    if (predictions.size > MOST_PREDICTIONS) predictions.clear()
    known = { paints, predicted: predictMix(withPaints(parts)) }
    predictions.set(key, known)
  }
  return known.predicted
}

/** The ladder of the chosen figure: targets at once, recipes as soon as the worker has them. */
export const useLadder = defineStore('ladder', () => {
  const store = useProject()
  const { figure, plan, onTable: paintsIn } = storeToRefs(store)
  const tone = computed(() => figure.value.tone)
  const base = computed(() => baseReflectance(tone.value))
  /** What moves a target; a drop that is added does not. */
  const aims = memoise(() => aimsOf(figure.value))
  const samples = useSamples()
  const lighting = computed(() => lightingOf(aims.value))
  /** Where the paint of each figure ends, as it was found last. */
  const ends = shallowRef<ReadonlyMap<string, ReachedEnds>>(new Map())
  const reached = computed(() => ends.value.get(figure.value.id))
  const targets = computed(() =>
    targetsOf(aims.value, base.value, samples.value, reached.value?.ends),
  )
  const otherTargets = computed(() => otherTargetsOf(aims.value, base.value))
  const mixing = memoise(() => mixingOf(plan.value))

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
    found.value = next
    const had = ends.value.get(job.figure)
    // What came out as it was moves no target.
    if (JSON.stringify(had) !== JSON.stringify(news.reached))
      ends.value = new Map(ends.value).set(job.figure, news.reached)
  })
  watch(
    [aims, base, samples, mixing, paintsIn, () => plan.value.maxPaints, () => plan.value.maxDrops],
    () => {
      if (paintsIn.value.length === 0) {
        trouble.value = 'No bottle is in. Put at least one in to mix from; the box has them.'
        found.value = new Map()
        return
      }
      search({
        ...jobOf(plan.value, toRaw(paintsIn.value), {
          aims: aims.value,
          base: base.value,
          form: samples.value,
        }),
        commission: store.project.id,
        figure: figure.value.id,
      })
    },
    { immediate: true },
  )

  const mixAt = (figureId: string, key: StepKey) => found.value.get(place(figureId, key))
  /** Kinds of spots that the form has. */
  const spots = computed(() => spotsOf(figure.value, targets.value, samples.value))
  /** What the painter has settled: puddles of this figure and of the commission. */
  const settled = memoise(() =>
    (store.project.puddles ?? []).filter(
      ({ figure: of }) => of === undefined || of === figure.value.id,
    ),
  )
  const contents = computed(() => {
    const { id } = figure.value
    const keys = targets.value.map(({ key }) => key)
    return contentsOf(id, settled.value, keys, (key) => mixAt(id, key))
  })
  function shown(target: Target, made: readonly PuddlePart[], kept: boolean): ShownStep {
    let mixed: BottleDrops[] = []
    try {
      mixed = contents.value.bottlesOf(made)
    } catch {
      // It holds itself, or a mix that has gone: the palette says so.
    }
    // Until the next search has answered, a mix may name a bottle that has gone.
    const parts = mixed.every(({ paint }) => isKnown(paint)) ? mixed : []
    const predicted = parts.length > 0 ? predict(parts) : undefined
    const painted = predicted?.lab
    return {
      ...target,
      made: parts.length > 0 ? made : [],
      parts,
      painted,
      off: painted && deltaE00(painted, target.target),
      within: predicted?.within,
      kept,
    }
  }
  const steps = computed<ShownStep[]>(() => {
    const { id } = figure.value
    const kept = new Set(settled.value.map((one) => one.id))
    return targets.value.map((target) => {
      const puddle = stepPuddle(id, target.key)
      return shown(target, contents.value.partsOf(puddle) ?? [], kept.has(puddle))
    })
  })
  const otherSteps = computed<ShownStep[]>(() =>
    otherTargets.value.map((target) => {
      const mix = mixAt(`${figure.value.id} other`, target.key)
      const made = bottleParts(mix?.parts ?? [])
      return shown(target, made, false)
    }),
  )

  /** Every paint the ladder uses, in the order of the box. */
  const paintsUsed = computed(() => {
    const used = new Set(steps.value.flatMap(({ parts }) => parts.map(({ paint }) => paint)))
    const inBox = paintsIn.value.filter(({ id }) => used.delete(id))
    return [...inBox, ...[...used].map((id) => paintOf(id))]
  })

  /** Everything that is put together for steps, puddles first, bottles in the order of the box. */
  const ingredientsUsed = computed<Ingredient[]>(() => {
    const all = steps.value.flatMap(({ made }) => made.map(({ of }) => of))
    const order = new Map(paintsIn.value.map(({ id }, i) => [id, i]))
    const rank = (of: Ingredient): number => (isBottle(of) ? (order.get(of.bottle) ?? 1e6) : -1)
    return [...new Map(all.map((of) => [ingredientKey(of), of])).values()].sort(
      (one, other) => rank(one) - rank(other),
    )
  })

  /** Adds drops of something to a step's mix, or takes them; the last drop of a mix stays. */
  function addDrops(key: StepKey, of: Ingredient, by: number): void {
    const step = steps.value.find((one) => one.key === key)
    if (!step) return
    const had = step.made.find((part) => sameIngredient(part.of, of))
    const drops = (had?.drops ?? 0) + by
    const made = had
      ? step.made.map((part) => (part === had ? { of, drops } : part))
      : [...step.made, { of, drops }]
    const left = made.filter((part) => part.drops > 0)
    if (left.length > 0) keep(key, left, 'drops')
  }
  /** Keeps a mix for a step, and the puddles it is poured from, which would else be found anew; nothing lets it go. */
  function keep(key: StepKey, made: readonly PuddlePart[] | undefined, tag?: string): void {
    const { id } = figure.value
    const sources = (made ?? []).flatMap(({ of }) => {
      const source = steps.value.find(
        (one) => !isBottle(of) && stepPuddle(id, one.key) === of.puddle,
      )
      return source && !source.kept ? [source] : []
    })
    store.keep(key, made, tag, sources)
  }

  return {
    steps,
    otherSteps,
    paintsUsed,
    ingredientsUsed,
    addDrops,
    keep,
    reached,
    searching,
    trouble,
    proved,
    note,
    base,
    lighting,
    spots,
    contents,
  }
})
