import {
  baseReflectance,
  formSamples,
  ladderTargets,
  lightParts,
  spotShares,
  usualKey,
} from '../../../core'
import type {
  Figure,
  FigurePlan,
  FormSamples,
  Mixing,
  Paint,
  Spectrum,
  SpotShares,
  Target,
} from '../../../core'
import type { RecipeJob } from '../../workers/recipeJobs'
import { aimsOf, moodOf } from './mood'
import type { Aims } from './mood'

/** How a plan wants its steps mixed; nothing where each is mixed on its own. */
export function mixingOf(plan: FigurePlan): Mixing | undefined {
  const { way, bottles, family, runLight, runShade, progression } = plan
  if (way === 'run') return { way, light: runLight, shade: runShade }
  if (way === 'bought') return { way, bottles: [...(progression ?? [])] }
  return bottles || family ? { way: 'matched', bottles, family } : undefined
}

/**
 * What every step of a figure's ladder aims at, the deepest first.
 * @param form what shares are measured on.
 */
export const targetsOf = (aims: Aims, base: Spectrum, form: FormSamples): Target[] =>
  ladderTargets(base, moodOf(aims), {
    form,
    key: aims.key && { ...aims.key },
    moved: aims.moved,
  })

/** The ladder of a second light from the other side; both meet at the base. */
export const otherTargetsOf = (aims: Aims, base: Spectrum): Target[] =>
  aims.otherWarmth === undefined
    ? []
    : ladderTargets(base, { ...moodOf(aims), warmth: aims.otherWarmth })

/** A ladder to be mixed: its own steps first, then steps that are each mixed on their own. */
export interface LadderJob extends Omit<RecipeJob, 'patienceMs'> {
  mixing?: Mixing
  /** How many of the targets are the ladder's own. */
  own: number
  /** Which of them is the base. */
  base: number
}

export const jobOf = (
  plan: FigurePlan,
  paints: Paint[],
  own: readonly Target[],
  others: readonly Target[] = [],
): LadderJob => ({
  paints,
  targets: [...own, ...others].map(({ target }) => target),
  mixing: mixingOf(plan),
  own: own.length,
  base: own.findIndex(({ key }) => key === 'base'),
  maxPaints: plan.maxPaints,
  maxDrops: plan.maxDrops,
})

/** What a figure that is not the chosen one aims at. */
export const targetsOfFigure = (figure: Figure): Target[] =>
  targetsOf(aimsOf(figure), baseReflectance(figure.tone), formSamples(figure.plan.form))

/** Kinds of spots that a figure's form has under its light, as its ladder parts it. */
export function spotsOf(
  { plan }: Pick<Figure, 'plan'>,
  steps: readonly Target[],
  form: FormSamples = formSamples(plan.form),
): SpotShares {
  const base = steps.findIndex(({ key }) => key === 'base')
  const parts = lightParts(steps[base]!.target.L, base, steps.length - 1 - base)
  return spotShares(parts, form, plan.key ?? usualKey)
}

/** The job of a figure that is not the chosen one. */
export function jobOfFigure(figure: Figure, paints: Paint[]): { job: LadderJob; steps: Target[] } {
  const steps = targetsOfFigure(figure)
  return { steps, job: jobOf(figure.plan, paints, steps) }
}
