import { computed } from 'vue'
import { asSeen, finishOf, labOf, stackLayers } from '../../../core'
import type { Lab, Layers, Look, Spot, Stack } from '../../../core'
import { useCoats } from './coats'

/** Layers of a stack by kind of spot, worked out where a form has such a spot, once a stack. */
export function layersOf(stack: Stack): (spot: Omit<Spot, 'relief'>) => Layers {
  const known = new Map<string, Layers>()
  return ({ light, side, down, zone }) => {
    const key = `${light} ${side} ${down} ${zone}`
    let found = known.get(key)
    if (!found) known.set(key, (found = stackLayers(stack, { light, side, down, zone })))
    return found
  }
}

/** The colour of every kind of spot after so many coats of a stack; 0 for the bare undercoat. */
export function paintedAfter(
  stack: Stack,
  layers: ReturnType<typeof layersOf>,
  after: number,
  look: Look = 'measured',
): (spot: Spot) => Lab {
  const many = Math.min(after, stack.coats.length)
  const finish = finishOf(stack.coats.slice(0, many))
  return ({ relief, ...where }) => labOf(asSeen(layers(where)[relief][many]!, finish, look))
}

/**
 * What the form of the open figure is painted with, step by step along the plan.
 * @param after 0 for the bare undercoat.
 */
export function usePaintedForm(after: () => number) {
  const coats = useCoats()
  const layers = computed(() => layersOf(coats.stack))
  return computed(() => paintedAfter(coats.stack, layers.value, after(), coats.look))
}
