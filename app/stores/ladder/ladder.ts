import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import {
  baseReflectance,
  deltaE00,
  ingredientKey,
  isBottle,
  stepPuddle,
  partsFound,
  mean,
} from '../../../core'
import type { BottleDrops, Ingredient, PuddlePart, Target } from '../../../core'
import { contentsOf } from '../palette/contents'
import { isKnown, paintOf } from '../paints'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { aimsOf, lightingOf } from './lighting'
import { mixingOf, otherTargetsOf, spotsOf, targetsOf } from './plan'
import { useSamples } from './samples'
import { useFoundMixes } from './foundMixes'
import { predicted } from './predicted'
import { useStepDrops } from './stepDrops'
import type { ShownStep } from './shownStep'

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
  const mixing = memoise(() => mixingOf(plan.value))
  const { ends, mixAt, searching, trouble, proved, note } = useFoundMixes({
    aims,
    base,
    samples,
    mixing,
    paintsIn,
  })
  const reached = computed(() => ends.value.get(figure.value.id))
  const targets = computed(() =>
    targetsOf(aims.value, base.value, samples.value, reached.value?.ends),
  )
  const otherTargets = computed(() => otherTargetsOf(aims.value, base.value))

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
    // What is worked out of it once, like a palette's amounts, is worked out anew when other mixes are found.
    const found = new Map(keys.map((key) => [key, mixAt(id, key)]))
    return contentsOf(id, settled.value, keys, (key) => found.get(key))
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
    const look = parts.length > 0 ? predicted(parts) : undefined
    const painted = look?.lab
    return {
      ...target,
      made: parts.length > 0 ? made : [],
      parts,
      painted,
      off: painted && deltaE00(painted, target.target),
      within: look?.within,
      kept,
    }
  }
  const steps = computed<ShownStep[]>(() => {
    const { id } = figure.value
    const kept = new Map(settled.value.map((one) => [one.id, one]))
    return targets.value.map((target) => {
      const puddle = stepPuddle(id, target.key)
      const own = kept.get(puddle)
      return {
        ...shown(target, contents.value.partsOf(puddle) ?? [], own !== undefined),
        ...(own?.held ? { held: true } : {}),
      }
    })
  })
  /** How far off its steps are on average, as Range says it: what stands, whoever mixed it; nothing before any is found. */
  const off = computed(() => {
    const offs = steps.value.flatMap((step) => step.off ?? [])
    return offs.length > 0 ? mean(offs) : undefined
  })
  const otherSteps = computed<ShownStep[]>(() =>
    otherTargets.value.map((target) => {
      const mix = mixAt(`${figure.value.id} other`, target.key)
      const made = partsFound(mix?.parts ?? [])
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

  const { addDrops, keep } = useStepDrops(() => steps.value)
  return {
    steps,
    off,
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
