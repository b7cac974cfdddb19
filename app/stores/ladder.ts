import { wrap } from 'comlink'
import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { baseReflectance, deltaE00, ladderTargets, predictMix } from '../../core'
import type {
  FormSamples,
  KeptPart,
  Lab,
  Mixing,
  Paint,
  Predicted,
  StepKey,
  Target,
} from '../../core'
import { moodOf } from './ladderMood'
import { latestOnly } from '../workers/latestOnly'
import type {
  FoundMix,
  PathAnswer,
  PathJob,
  RecipeAnswer,
  RecipeApi,
  RecipeJob,
} from '../workers/recipeWorker'
import { paintOf } from './paints'
import { useProject } from './project'

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

/** A large box is searched so long for each step at once, and so long for its proof afterwards, ms. */
const QUICK_MS = 30
const PROOF_MS = 2500

/** The ladder of the chosen figure: targets at once, recipes as soon as the worker has them. */
export const useLadder = defineStore('ladder', () => {
  const store = useProject()
  const { figure, plan, paintsIn } = storeToRefs(store)
  const base = computed(() => baseReflectance(toRaw(figure.value.tone)))
  /** The form that shares are measured on, once it is loaded; head and shoulders till then. */
  const form = shallowRef<FormSamples>()
  const mood = computed(() => moodOf(plan.value))
  const options = computed(() => ({
    form: form.value,
    key: plan.value.key && { ...plan.value.key },
    moved: plan.value.moved,
  }))
  const targets = computed(() => ladderTargets(base.value, mood.value, options.value))
  /** The ladder of a second light from the other side; both meet at the base. */
  const otherTargets = computed(() => {
    const warmth = plan.value.otherWarmth
    return warmth === undefined ? [] : ladderTargets(base.value, { ...mood.value, warmth })
  })
  const mixing = computed((): Mixing | undefined => {
    const { way, bottles, family, runLight, runShade, progression } = plan.value
    if (way === 'run') return { way, light: runLight, shade: runShade }
    if (way === 'bought') return { way, bottles: [...(progression ?? [])] }
    return bottles || family ? { way: 'matched', bottles, family } : undefined
  })

  const searching = ref(false)
  const trouble = ref('')
  /** False while a large box was searched for a moment only. */
  const proved = ref(true)
  /** What is to be known of the way the ladder is mixed. */
  const note = ref('')
  /** Newest answers by figure and step; kept while the next ones are on their way. */
  const found = shallowRef<ReadonlyMap<string, FoundMix>>(new Map())
  const place = (figureId: string, key: StepKey): string => `${figureId} ${key}`

  interface Job extends Omit<RecipeJob, 'patienceMs'> {
    places: string[]
    /** How the first targets, the ladder itself, are mixed when not each on its own. */
    mixing?: Mixing
    ladder: number
    base: number
  }
  const worker = wrap<RecipeApi>(
    new Worker(new URL('../workers/recipeWorker.ts', import.meta.url), { type: 'module' }),
  )
  /** Counts what was asked, so that a proof knows when it is no longer wanted. */
  let asked = 0
  function take({ mixes }: RecipeAnswer, places: readonly string[]): void {
    const next = new Map(found.value)
    mixes.forEach((mix, i) => next.set(places[i]!, mix))
    found.value = next
  }
  const ask = ({ paints, targets, maxPaints, maxDrops }: Job, patienceMs: number) =>
    worker.find({ paints, targets, maxPaints, maxDrops, patienceMs })
  const search = latestOnly<Job, boolean>(
    async (job) => {
      const mine = asked
      if (job.mixing) {
        const { ladder, base, mixing } = job
        const own = job.targets.slice(0, ladder)
        const { paints, maxPaints, maxDrops } = job
        const limits = { paints, maxPaints, maxDrops, patienceMs: PROOF_MS / 20 }
        const mixed = await worker.mix({ ...limits, targets: own, mixing, base })
        take(mixed, job.places)
        note.value = mixed.note ?? ''
        if (job.targets.length > ladder)
          take(
            await worker.find({ ...limits, targets: job.targets.slice(ladder) }),
            job.places.slice(ladder),
          )
        return true
      }
      note.value = ''
      const quick = await ask(job, QUICK_MS)
      take(quick, job.places)
      proved.value = quick.proved
      if (quick.proved) return true
      // A large box: good drops stand already, now each step is proved in turn.
      let sure = true
      for (let i = 0; i < job.targets.length && mine === asked; i++) {
        const one = await ask({ ...job, targets: [job.targets[i]!] }, PROOF_MS)
        if (mine === asked) take(one, [job.places[i]!])
        sure &&= one.proved
      }
      return sure
    },
    (sure) => {
      proved.value = sure
      searching.value = false
      trouble.value = ''
    },
    (error) => {
      searching.value = false
      trouble.value = `The search stopped: ${(error as Error).message}`
    },
  )

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
        trouble.value = 'No paint is in the plan. Put at least one in to mix from.'
        found.value = new Map()
        return
      }
      searching.value = true
      asked++
      search({
        paints: toRaw(paintsIn.value),
        targets: [...targets.value, ...otherTargets.value].map(({ target }) => target),
        places: [
          ...targets.value.map(({ key }) => place(figure.value.id, key)),
          ...otherTargets.value.map(({ key }) => place(`${figure.value.id} other`, key)),
        ],
        mixing: mixing.value,
        ladder: targets.value.length,
        base: targets.value.findIndex(({ key }) => key === 'base'),
        maxPaints: plan.value.maxPaints,
        maxDrops: plan.value.maxDrops,
      })
    },
    { immediate: true },
  )

  function shown(target: Target, kept: KeptPart[] | undefined, mix?: FoundMix): ShownStep {
    const parts = kept ?? mix?.parts ?? []
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
    worker.path({ ...job, paints: paintsUsed.value.map(toRaw) })

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
    form,
    path,
  }
})
