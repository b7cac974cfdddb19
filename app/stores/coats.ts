import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import {
  asSeen,
  finishOf,
  firstCoatId,
  flatSpectrum,
  labOf,
  lightPlaces,
  methods,
  missingBottles,
  reliefs,
  resolveStack,
  stackLayers,
  withStandIns,
  zonesOf,
} from '../../core'
import type {
  Figure,
  FigureStack,
  Lab,
  LadderMix,
  LightPlace,
  Look,
  Method,
  MissingBottle,
  Relief,
  Spot,
  Stack,
  StackPlan,
} from '../../core'
import { useLadder } from './ladder/ladder'
import { newId } from '../vault/newId'
import { isKnown, paintOf, withPaints } from './paints'
import { useProject } from './project/project'

/** The stack that suits most until the painter has chosen; its coats are known by their places. */
const firstStack = ((): FigureStack => {
  const { key, under, coats } = methods.find((one) => one.key === 'wash-and-restore')!
  const laid = coats.map((coat, i) => ({ id: firstCoatId(i), ...coat }))
  return JSON.parse(JSON.stringify({ method: key, under, coats: laid })) as FigureStack
})()
export const stackPlanOf = ({ stack }: Pick<Figure, 'stack'>): FigureStack => stack ?? firstStack

/** What stands in for a stack that cannot be worked out. */
const BARE: Stack = { under: { kind: 'flat', reflectance: flatSpectrum(0.9) }, coats: [] }

/** Colour after every coat, the undercoat first. */
export type LayerLabs = Record<LightPlace, Record<Relief, Lab[]>>

/** The stack of coats of the chosen figure, computed film by film. */
export const useCoats = defineStore('coats', () => {
  const store = useProject()
  const ladder = useLadder()
  const plan = computed<FigureStack>(() => stackPlanOf(store.figure))
  const steps = (): LadderMix[] =>
    ladder.steps.map(({ key, parts }) => ({
      key,
      parts:
        parts.length > 0 ? withPaints(parts) : [{ paint: paintOf('titanium-white'), drops: 1 }],
    }))
  /** A bottle of the plan may have gone; a computed value that throws would take the view with it. */
  const resolved = computed<{ stack: Stack; trouble: string }>(() => {
    try {
      return { stack: resolveStack(plan.value, steps(), paintOf), trouble: '' }
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
  const spot = ref<Omit<Spot, 'light'>>({})
  const look = ref<Look>('measured')
  const finish = computed(() => finishOf(stack.value.coats))
  const layers = computed<LayerLabs | undefined>(() => {
    if (trouble.value) return undefined
    const placed = lightPlaces.map((where) => {
      const found = stackLayers(stack.value, { light: where, ...spot.value })
      const { coats } = stack.value
      const labs = reliefs.map((relief) => {
        const seen = found[relief].map((r, i) =>
          labOf(asSeen(r, finishOf(coats.slice(0, i)), look.value)),
        )
        return [relief, seen] as const
      })
      return [where, Object.fromEntries(labs)] as const
    })
    return Object.fromEntries(placed) as unknown as LayerLabs
  })
  /** Bottles of a stack that are not in for this figure, with their nearest stand-ins. */
  const missingIn = (stack: StackPlan): MissingBottle[] =>
    missingBottles(stack, store.paintsIn, (id) => (isKnown(id) ? paintOf(id) : undefined))
  const missing = computed(() => missingIn(plan.value))
  const set = (made: Partial<FigureStack>, tag = ''): boolean =>
    store.setStack({ ...plan.value, ...made }, tag)
  /** A method's stack takes the place of this one, its coats made anew, with other bottles in the place of some. */
  function start({ key, under, coats }: Method, standIns: ReadonlyMap<string, string>): boolean {
    const made = withStandIns({ under, coats }, standIns)
    const laid = made.coats.map((coat) => ({ id: newId(), ...coat }))
    return store.setStack({ method: key, under: made.under, coats: laid } as FigureStack)
  }
  /** The stack as it is with its missing bottles' stand-ins. */
  const standIn = (standIns: ReadonlyMap<string, string>): boolean =>
    store.setStack(withStandIns(plan.value as StackPlan, standIns) as FigureStack)
  return {
    ...{ plan, stack, layers, zones, spot, look, finish, trouble, set },
    ...{ missing, missingIn, start, standIn },
  }
})
