import { firstCoatId, isStep, methods, stepPuddle } from '../../../core'
import type { Figure, FigureStack } from '../../../core'

const first = methods.find(({ key }) => key === 'wash-and-restore')!
const started = new Map<string, FigureStack>()

/**
 * The stack of a figure; the one that suits most until its painter has chosen, its coats known by their places. That one
 * is of the ladder's own steps alone, so it brings no puddle and no bottle along.
 */
export function stackPlanOf({ id, stack }: Pick<Figure, 'id' | 'stack'>): FigureStack {
  if (stack) return stack
  let known = started.get(id)
  if (!known) {
    const stepOf = (mix: (typeof first.coats)[number]['mix']) => ({
      puddle: stepPuddle(id, isStep(mix) ? mix : 'base'),
    })
    const coats = first.coats.map(({ mix, ...coat }, i) => ({
      ...coat,
      id: firstCoatId(i),
      of: stepOf(mix),
    }))
    known = {
      method: first.key,
      under: { kind: 'flat', of: stepOf('base') },
      coats,
    } as FigureStack
    started.set(id, known)
  }
  return known
}
