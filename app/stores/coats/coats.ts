import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import {
  asSeen,
  finishOf,
  flatSpectrum,
  ingredientsOf,
  isBottle,
  labOf,
  lightPlaces,
  endAims,
  endOf,
  missingBottles,
  offBy,
  partsWithStandIns,
  reachedFrom,
  reliefPlaces,
  resolveStack,
  stackLayers,
  stepOf,
  stepPuddle,
  zonesOf,
} from '../../../core'
import type {
  EndAims,
  FigureStack,
  Ingredient,
  Lab,
  LightPlace,
  Look,
  Method,
  MissingBottle,
  Paint,
  Part,
  ReliefPlace,
  Spot,
  Stack,
  StandIns,
} from '../../../core'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useLadder } from '../ladder/ladder'
import { usePalette } from '../palette/palette'
import { isKnown, paintOf } from '../paints'
import { useProject } from '../project/project'
import { begunStack } from './begunStack'
import type { MethodJob } from '../../workers/coatsJobs'
import { useMethodJob } from './methodJob'
import { stackPlanOf } from './stackPlanOf'

/** What stands in for a stack that cannot be worked out. */
const BARE: Stack = { under: { kind: 'flat', reflectance: flatSpectrum(0.9) }, coats: [] }

/** A method that is begun on a figure, and what is done about roles that its bottles cannot make. */
interface Begun {
  method: Method
  figure: string
  choices: MethodJob['choices']
}

/** Colour after every coat, the undercoat first. */
export type LayerLabs = Record<LightPlace, Record<ReliefPlace, Lab[]>>

/** The stack of coats of the chosen figure, computed film by film. */
export const useCoats = defineStore('coats', () => {
  const store = useProject()
  const ladder = useLadder()
  const palette = usePalette()
  const plan = computed<FigureStack>(() => stackPlanOf(store.figure))
  /** Until the first search has answered, a step is taken for white. */
  function mixOf(of: Ingredient): Part<Paint>[] {
    const waits =
      !isBottle(of) && stepOf(store.figure.id, of.puddle) && !palette.palette.partsOf(of.puddle)
    return waits ? [{ paint: paintOf('titanium-white'), drops: 1 }] : palette.palette.mixOf(of)
  }
  /** A bottle of the plan may have gone; a computed value that throws would take the view with it. */
  const resolved = computed<{ stack: Stack; trouble: string }>(() => {
    try {
      return { stack: resolveStack(plan.value, mixOf), trouble: '' }
    } catch (error) {
      return { stack: BARE, trouble: (error as Error).message }
    }
  })
  const stack = computed(() => resolved.value.stack)
  const trouble = computed(() => resolved.value.trouble)
  /** Places of life that a coat may be kept to. */
  const tone = computed(() => store.figure.tone)
  const zones = computed(() => zonesOf(tone.value).filter(({ key }) => key !== 'base'))
  /** Where on the figure one looks, and with what eye. */
  const spot = ref<Omit<Spot, 'light' | 'relief'>>({})
  const look = ref<Look>('measured')
  const finish = computed(() => finishOf(stack.value.coats))
  const layers = computed<LayerLabs | undefined>(() => {
    if (trouble.value) return undefined
    const placed = lightPlaces.map((where) => {
      const found = stackLayers(stack.value, { light: where, ...spot.value })
      const { coats } = stack.value
      const labs = reliefPlaces.map((relief) => {
        const seen = found[relief].map((r, i) =>
          labOf(asSeen(r, finishOf(coats.slice(0, i)), look.value)),
        )
        return [relief, seen] as const
      })
      return [where, Object.fromEntries(labs)] as const
    })
    return Object.fromEntries(placed) as unknown as LayerLabs
  })
  const known = (id: string): Paint | undefined => (isKnown(id) ? paintOf(id) : undefined)
  const absent = (bottles: readonly string[]): MissingBottle[] =>
    missingBottles(bottles, store.paintsIn, known)
  /** Bottles that were not found for it: in what is laid, in steps that are settled, in glazes and eyes of one's own. */
  const chosenBottles = computed<string[]>(() => {
    const { id, accents = [], details = [] } = store.figure
    const own = [
      ...ingredientsOf(plan.value),
      ...ladder.steps.map(({ key }): Ingredient => ({ puddle: stepPuddle(id, key) })),
      ...accents.map(({ of }) => of),
      ...details.flatMap(({ shadow, middle, light }) => [shadow, middle, light]),
      ...details.flatMap(({ poured = [] }) =>
        poured.flatMap(({ parts, ofMiddle }) =>
          [...parts, ...(ofMiddle ? [ofMiddle.bottle] : [])].map(({ paint }) => ({
            bottle: paint,
          })),
        ),
      ),
    ]
    const laid = own.flatMap((of) => of ?? [])
    const inside = reachedFrom(laid, (puddle) => store.puddleOf(puddle)?.parts)
    const all = [...laid, ...[...inside.values()].flat().map(({ of }) => of)]
    return [...new Set(all.flatMap((of) => (isBottle(of) ? of.bottle : [])))]
  })
  const missing = computed(() => absent(chosenBottles.value))
  /** How the stack would end in shadow, in the middle and lit, were something of it otherwise. */
  function endWith(made: Partial<FigureStack>): EndAims | undefined {
    try {
      return endOf(resolveStack({ ...plan.value, ...made }, mixOf))
    } catch {
      return undefined
    }
  }
  const set = (made: Partial<FigureStack>, tag = ''): boolean =>
    store.setStack({ ...plan.value, ...made }, tag)
  /** How far the stack ends from what the ladder aims at, in shadow, in the middle and lit; nothing while it is sought. */
  const off = computed(() =>
    trouble.value || ladder.steps.some(({ parts }) => parts.length === 0)
      ? undefined
      : offBy(endOf(stack.value), endAims(ladder.steps)),
  )
  const methodJob = useMethodJob()
  const {
    busy: beginning,
    trouble: beginTrouble,
    ask,
  } = useAnswer(async ({ method, figure, choices }: Begun) => {
    for (;;) {
      const { tone } = store.figure
      const made = await threads.coats().begin({ ...methodJob(), choices, method: method.key })
      // Another figure was opened meanwhile: its stack stays as it is.
      if (store.figure.id !== figure) return
      // Another tone was chosen meanwhile: it is made for that.
      if (store.figure.tone === tone)
        return void store.beginStack(...begunStack(method, made, tone))
    }
  })
  /** A method made for this figure takes the place of this stack; its mixes and the places it promises come along. */
  const start = (method: Method, choices: Begun['choices'] = {}): void =>
    ask({ method, figure: store.figure.id, choices: { ...choices } })
  /** The ladder step on step, as before anything was chosen. */
  const startPlain = (): boolean =>
    store.beginStack(stackPlanOf({ ...store.figure, stack: undefined }), [])
  /** All that the figure is painted with, with its missing bottles' stand-ins. */
  const standIn = (standIns: StandIns): boolean =>
    store.standIn(plan.value, (parts) => partsWithStandIns(parts, standIns))
  return {
    ...{ plan, stack, layers, zones, spot, look, finish, trouble, set, endWith },
    ...{ missing, off, start, startPlain, beginning, beginTrouble, standIn },
  }
})
