import { firstCoatId, methods, startFrom, stepPuddle } from '../../../core'
import type { Figure, FigureStack } from '../../../core'

const first = methods.find(({ key }) => key === 'wash-and-restore')!
const started = new Map<string, FigureStack>()

/**
 * The stack of a figure; the one that suits most until its painter has chosen, its coats known by their places. That one
 * is of the ladder's own steps and of one bottle, so it brings no puddle along.
 */
export function stackPlanOf({ id, stack }: Pick<Figure, 'id' | 'stack'>): FigureStack {
  if (stack) return stack
  let known = started.get(id)
  if (!known) {
    const { plan } = startFrom(
      first,
      [],
      (key) => stepPuddle(id, key),
      () => '',
    )
    const coats = plan.coats.map((coat, i) => ({ ...coat, id: firstCoatId(i) }))
    known = { method: first.key, under: plan.under, coats } as FigureStack
    started.set(id, known)
  }
  return known
}
