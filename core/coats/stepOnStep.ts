import { lightOfStep } from '../place/spots'
import type { LaidCoat } from '../project/coat'
import type { LightPlace, Place, ReliefPlace } from '../project/place'
import { lightPlaces } from '../project/place'
import { paintingOrder } from '../project/steps'
import type { StepKey } from '../project/steps'
import type { StackPlan } from '../project/stack'
import type { Ingredient } from '../puddle/puddle'

const DEEP: readonly ReliefPlace[] = ['deepest', 'recess']
const RAISED: readonly ReliefPlace[] = ['flat', 'ridge']

/**
 * Where a step lies that is laid on the one before it: on all that is at least as far out in the light; of several that
 * the light does not part, each further one on less, down into recesses, up to what is raised and to ridges.
 * @param nth which of those in one place of light it is, counted from the base, from 0.
 */
function placeOf(own: LightPlace, below: boolean, nth: number): Place {
  const at = lightPlaces.indexOf(own)
  const light = below ? lightPlaces.slice(0, at + 1) : lightPlaces.slice(at)
  if (nth === 0) return [{ light }]
  if (nth === 1) return [{ light, relief: below ? DEEP : RAISED }]
  return [{ light, relief: below ? ['deepest'] : ['ridge'] }]
}

/**
 * A ladder laid step on step, the plainest way that lays every puddle of it: the base all over and again, shadows
 * downward, lights upward, each on less than the one before (common practice, no source).
 * @param keys steps of the ladder, dark to light.
 * @param of the puddle of a step.
 * @example stepOnStep(['shade', 'base', 'light'], (key) => ({ puddle: key })).coats.map(({ kind }) => kind) // ["base","layer","layer"]
 */
export function stepOnStep(
  keys: readonly StepKey[],
  of: (key: StepKey) => Ingredient,
): Pick<StackPlan, 'under'> & { coats: LaidCoat[] } {
  const below = keys.indexOf('base')
  const above = keys.length - 1 - below
  const lightAt = (step: number): LightPlace => lightOfStep(step, { below, above })
  const [, ...outward] = paintingOrder(below, above)
  const met = new Map<LightPlace, number>()
  const layers = outward.map((step): LaidCoat => {
    const light = lightAt(step)
    const nth = met.get(light) ?? 0
    met.set(light, nth + 1)
    const key = keys[step]!
    const place = placeOf(light, step < below, nth)
    // What is lighter than its ground covers it less.
    return { id: `lay-${key}`, kind: 'layer', of: of(key), passes: step < below ? 1 : 2, place }
  })
  const base: LaidCoat = { id: 'lay-base', kind: 'base', of: of('base'), passes: 2 }
  return { under: { kind: 'flat', of: of('base') }, coats: [base, ...layers] }
}
