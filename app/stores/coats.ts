import { defineStore } from 'pinia'
import { computed, ref, toRaw } from 'vue'
import {
  asSeen,
  finishOf,
  labOf,
  lightPlaces,
  methods,
  reliefs,
  resolveStack,
  stackLayers,
  zonesOf,
} from '../../core'
import type { Figure, FigureStack, Lab, LightPlace, Look, Relief, Spot, Stack } from '../../core'
import { useLadder } from './ladder/ladder'
import { paintOf } from './paints'
import { useProject } from './project'

/** The stack of a figure, or the one that suits most until the painter has chosen. */
export function stackPlanOf(figure: Figure): FigureStack {
  if (figure.stack) return figure.stack
  const { key, under, coats } = methods.find((one) => one.key === 'wash-and-restore')!
  return JSON.parse(JSON.stringify({ method: key, under, coats })) as FigureStack
}

/** Colour after every coat, the undercoat first. */
export type LayerLabs = Record<LightPlace, Record<Relief, Lab[]>>

/** The stack of coats of the chosen figure, computed film by film. */
export const useCoats = defineStore('coats', () => {
  const store = useProject()
  const ladder = useLadder()
  const plan = computed<FigureStack>(() => stackPlanOf(store.figure))
  const trouble = computed(() => {
    try {
      void stack.value
      return ''
    } catch (error) {
      return (error as Error).message
    }
  })
  const stack = computed<Stack>(() =>
    resolveStack(
      toRaw(plan.value),
      ladder.steps.map(({ key, parts }) => ({
        key,
        parts:
          parts.length > 0
            ? parts.map(({ paint, drops }) => ({ paint: paintOf(paint), drops }))
            : [{ paint: paintOf('titanium-white'), drops: 1 }],
      })),
      paintOf,
    ),
  )
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
