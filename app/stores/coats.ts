import { defineStore } from 'pinia'
import { computed, toRaw } from 'vue'
import { labOf, lightPlaces, methods, reliefs, resolveStack, stackLayers } from '../../core'
import type { FigureStack, Lab, LightPlace, Relief, Stack } from '../../core'
import { useLadder } from './ladder'
import { paintOf } from './paints'
import { useProject } from './project'

/** Colour after every coat, the undercoat first. */
export type LayerLabs = Record<LightPlace, Record<Relief, Lab[]>>

/** The stack of coats of the chosen figure, computed film by film. */
export const useCoats = defineStore('coats', () => {
  const store = useProject()
  const ladder = useLadder()
  const plan = computed<FigureStack>(() => {
    if (store.figure.stack) return store.figure.stack
    const { key, under, coats } = methods.find((one) => one.key === 'wash-and-restore')!
    return JSON.parse(JSON.stringify({ method: key, under, coats })) as FigureStack
  })
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
  const layers = computed<LayerLabs | undefined>(() => {
    if (trouble.value) return undefined
    const placed = lightPlaces.map((where) => {
      const found = stackLayers(stack.value, where)
      const labs = reliefs.map((relief) => [relief, found[relief].map((r) => labOf(r))] as const)
      return [where, Object.fromEntries(labs)] as const
    })
    return Object.fromEntries(placed) as unknown as LayerLabs
  })
  const set = (made: Partial<FigureStack>, tag = ''): void =>
    store.setStack({ ...JSON.parse(JSON.stringify(plan.value)), ...made }, tag)
  return { plan, stack, layers, trouble, set }
})
