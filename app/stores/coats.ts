import { defineStore } from 'pinia'
import { computed, ref, toRaw } from 'vue'
import {
  asSeen,
  finishOf,
  flatSpectrum,
  labOf,
  lightPlaces,
  methods,
  reliefs,
  resolveStack,
  stackLayers,
  zonesOf,
} from '../../core'
import type {
  Figure,
  FigureStack,
  Lab,
  LadderMix,
  LightPlace,
  Look,
  Relief,
  Spot,
  Stack,
} from '../../core'
import { useLadder } from './ladder/ladder'
import { paintOf, withPaints } from './paints'
import { useProject } from './project'

/** The stack of a figure, or the one that suits most until the painter has chosen. */
export function stackPlanOf(figure: Figure): FigureStack {
  if (figure.stack) return figure.stack
  const { key, under, coats } = methods.find((one) => one.key === 'wash-and-restore')!
  return JSON.parse(JSON.stringify({ method: key, under, coats })) as FigureStack
}

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
      return { stack: resolveStack(toRaw(plan.value), steps(), paintOf), trouble: '' }
    } catch (error) {
      return { stack: BARE, trouble: (error as Error).message }
    }
  })
  const stack = computed(() => resolved.value.stack)
  const trouble = computed(() => resolved.value.trouble)
  /** Places of life that a coat may be kept to. */
  const zones = computed(() => zonesOf(store.figure.tone).filter(({ key }) => key !== 'base'))
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
  const set = (made: Partial<FigureStack>, tag = ''): void =>
    store.setStack({ ...JSON.parse(JSON.stringify(plan.value)), ...made }, tag)
  return { plan, stack, layers, zones, spot, look, finish, trouble, set }
})
