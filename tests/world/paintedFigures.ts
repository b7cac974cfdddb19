import { baseReflectance, planLadder, starterPaints } from '../../core'
import type { Part, Paint, StepKey } from '../../core'
import { lowTide, onTheBench } from '../../demo/lowTide'

/** A figure as it is planned: every step with its mix and its share. */
export interface PlannedFigure {
  id: string
  steps: { key: StepKey; parts: Part<Paint>[]; share: number }[]
}

export const box = starterPaints.filter(({ id }) => onTheBench.includes(id))
export const paint = (id: string): Paint => starterPaints.find((one) => one.id === id)!

let known: PlannedFigure[] | undefined
/** Nine figures, seven steps each, mixed from fourteen bottles. */
export const plannedFigures = (): PlannedFigure[] =>
  (known ??= lowTide([]).figures.map(({ id, tone, plan }) => ({
    id,
    steps: planLadder({
      ...plan,
      base: baseReflectance(tone),
      paints: box,
      maxPaints: 3,
      maxDrops: 12,
      steps: 7,
    }).steps.map(({ key, recipe, share }) => ({ key, share, parts: [...recipe.parts] })),
  })))
