import { stepOnStep, stepPuddle } from '../../../core'
import type { Figure, FigureStack, StepKey } from '../../../core'
import { targetsOfFigure } from '../ladder/plan'

const started = new WeakMap<Figure, FigureStack>()

/**
 * The stack of a figure; its ladder laid step on step until its painter has chosen. That one is of the ladder's own steps
 * alone, so it brings no puddle and no bottle along, and each of its coats is known by its step.
 */
export function stackPlanOf(figure: Figure): FigureStack {
  if (figure.stack) return figure.stack
  const known = started.get(figure)
  if (known) return known
  const keys = targetsOfFigure(figure).map(({ key }) => key)
  const of = (key: StepKey) => ({ puddle: stepPuddle(figure.id, key) })
  const made = stepOnStep(keys, of) as FigureStack
  started.set(figure, made)
  return made
}
