import type { StackPlan } from '../../project/stack'
import type { PlannedCoat } from '../../project/coat'
import type { StepKey } from '../../project/steps'
import { sameParts } from '../../puddle/puddle'
import type { Puddle } from '../../puddle/puddle'
import { isStep } from './method'
import type { Method, MethodCoat, MethodMix } from './method'

/** A method made for one figure: its stack, and the puddles it brings along. */
export interface StartedMethod {
  plan: StackPlan
  puddles: Puddle[]
}

/**
 * A method as a figure's own: steps become the puddles of its ladder, every mix one puddle wherever it is laid, so that
 * it stays and can be used again; a mix of one bottle is that bottle.
 * @param had puddles that the figure has already: the same mix under the same name is not made twice.
 * @param stepId the puddle of a step of the figure's ladder.
 * @example startFrom(methods[0], [], (key) => key, newId).plan.coats.length > 0 // true
 */
export function startFrom(
  { under, coats }: Method,
  had: readonly Puddle[],
  stepId: (key: StepKey) => string,
  newId: () => string,
): StartedMethod {
  const puddles: Puddle[] = []
  const known = new Map<MethodMix, string>()
  const made = (mix: MethodMix): PlannedCoat['of'] => {
    const [only, ...more] = mix.parts
    if (only && more.length === 0) return { bottle: only[0] }
    const before = known.get(mix)
    if (before) return { puddle: before }
    const parts = mix.parts.map(([bottle, drops]) => ({ of: { bottle }, drops }))
    const same = had.find((one) => one.name === mix.name && sameParts(one.parts, parts))
    const id = same?.id ?? newId()
    known.set(mix, id)
    if (!same) puddles.push({ id, name: mix.name, parts })
    return { puddle: id }
  }
  const laid = ({ mix, ...coat }: MethodCoat): PlannedCoat => ({
    ...coat,
    of: isStep(mix) ? { puddle: stepId(mix) } : made(mix),
  })
  return {
    puddles,
    plan: {
      under:
        under.kind === 'flat'
          ? { kind: 'flat', of: { bottle: under.bottle } }
          : { ...under, dark: { bottle: under.dark }, light: { bottle: under.light } },
      coats: coats.map(laid),
    },
  }
}
