import {
  baseReflectance,
  formSamples,
  ladderTargets,
  lightParts,
  mostDropsOf,
  spotShares,
  usualKey,
} from '../../../core'
import type {
  Figure,
  FigurePlan,
  FormSamples,
  LadderEnds,
  Mixing,
  MixingBox,
  Spectrum,
  SpotShares,
  Target,
} from '../../../core'
import type { EndsJob } from '../../workers/recipeJobs'
import { plain } from '../project/work'
import { aimsOf, lightingOf } from './lighting'
import type { Aims } from './lighting'

/** How a plan wants its steps mixed; nothing where each is mixed on its own. */
export function mixingOf(plan: FigurePlan): Mixing | undefined {
  const { way = 'puddles', puddles, bottles, family, runLight, runShade, progression } = plan
  if (way === 'puddles') return { way, puddles }
  if (way === 'run') return { way, light: runLight, shade: runShade }
  if (way === 'bought') return { way, progression: [...(progression ?? [])] }
  return bottles || family ? { way, mostBottles: bottles, family } : undefined
}

/** The last ladder of each base: what is searched for is shown, too. */
const lastOf = new WeakMap<Spectrum, { asked: string; form: FormSamples; targets: Target[] }>()

/**
 * What every step of a figure's ladder aims at, the deepest first. The result is shared: callers only read it.
 * @param form what shares are measured on.
 * @param ends where its paint ends.
 */
export function targetsOf(
  aims: Aims,
  base: Spectrum,
  form: FormSamples,
  ends?: LadderEnds,
): Target[] {
  const lighting = lightingOf(aims)
  const { key, moved } = aims
  const asked = JSON.stringify([lighting, key, moved, ends])
  const last = lastOf.get(base)
  if (last?.asked === asked && last.form === form) return last.targets
  const targets = ladderTargets(base, lighting, { form, ends, key: key && { ...key }, moved })
  lastOf.set(base, { asked, form, targets })
  return targets
}

/** The ladder of a second light from the other side; both meet at the base. */
export const otherTargetsOf = (aims: Aims, base: Spectrum): Target[] =>
  aims.otherWarmth === undefined
    ? []
    : ladderTargets(base, { ...lightingOf(aims), warmth: aims.otherWarmth })

/** A ladder to be mixed. */
export interface LadderJob extends Omit<EndsJob, 'patienceMs'>, MixingBox {
  mixing?: Mixing
  /** Its own steps, when its ends are known. */
  targetsAt: (ends: LadderEnds) => Target[]
  /** Steps that are each mixed on their own. */
  others: readonly Target[]
}

export const jobOf = (
  figure: Figure,
  box: MixingBox,
  { aims, base, form }: { aims: Aims; base: Spectrum; form: FormSamples },
): LadderJob => ({
  ...box,
  base,
  lighting: lightingOf(aims),
  moved: aims.moved && plain(aims.moved),
  mixing: mixingOf(figure.plan),
  targetsAt: (ends) => targetsOf(aims, base, form, ends),
  others: otherTargetsOf(aims, base),
  maxPaints: figure.plan.maxPaints,
  maxDrops: mostDropsOf(figure),
})

/** What a figure that is not the chosen one aims at, as far as any paint goes. */
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
export const jobOfFigure = (figure: Figure, box: MixingBox): LadderJob =>
  jobOf(figure, box, {
    aims: aimsOf(figure),
    base: baseReflectance(figure.tone),
    form: formSamples(figure.plan.form),
  })
