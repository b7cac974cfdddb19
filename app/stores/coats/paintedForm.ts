import { computed } from 'vue'
import { asSeen, finishOf, labOf, stackLayers } from '../../../core'
import type { Lab, Layers, Spot } from '../../../core'
import { useCoats } from './coats'

/**
 * The colour of every kind of spot after so many coats: what a form is painted with, step by step along the plan.
 * @param after 0 for the bare undercoat.
 */
export function usePaintedForm(after: () => number) {
  const coats = useCoats()
  /** Worked out where a form has such a spot, once a stack. */
  const layers = computed(() => {
    const { stack } = coats
    const known = new Map<string, Layers>()
    return ({ light, side, down, zone }: Omit<Spot, 'relief'>): Layers => {
      const key = `${light} ${side} ${down} ${zone}`
      let found = known.get(key)
      if (!found) known.set(key, (found = stackLayers(stack, { light, side, down, zone })))
      return found
    }
  })
  return computed(() => {
    const many = Math.min(after(), coats.stack.coats.length)
    const finish = finishOf(coats.stack.coats.slice(0, many))
    const { look } = coats
    return ({ relief, ...where }: Spot): Lab =>
      labOf(asSeen(layers.value(where)[relief][many]!, finish, look))
  })
}
