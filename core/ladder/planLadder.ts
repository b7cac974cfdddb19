import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import type { Paint } from '../paint/paint'
import type { Limits, Recipe } from '../recipe/recipe'
import { ClosestRecipes } from '../recipe/closest'
import { plainLighting } from '../project/lighting'
import type { Lighting } from '../project/lighting'
import { ladderTargets } from './targets'
import type { StepKey } from '../project/steps'

/** One step of a ladder: what it aims at, how it is mixed and how much of the skin it takes. */
export interface Step {
  key: StepKey
  name: string
  target: Lab
  recipe: Recipe
  share: number
}

export interface Ladder {
  steps: Step[]
}

export interface LadderRequest extends Limits, Partial<Lighting> {
  /** Reflectance of the skin or hide in plain light. */
  base: Spectrum
  paints: readonly Paint[]
}

/**
 * A ladder with the closest whole-drop recipe for every step, dark to light.
 * @throws RangeError for an empty box, limits or settings out of range.
 * @example planLadder({ base: skinReflectance(skin), paints, maxPaints: 3, maxDrops: 16 }).steps[3].recipe
 */
export function planLadder(request: LadderRequest): Ladder {
  const { base, paints, maxPaints, maxDrops } = request
  if (paints.length === 0) throw new RangeError('there is no paint to mix from; put one in the box')
  const closest = new ClosestRecipes()
  const steps = ladderTargets(base, { ...plainLighting, ...request }).map(
    ({ key, name, target, share }) => ({
      key,
      name,
      target,
      share,
      recipe: closest.find(target, paints, { maxPaints, maxDrops }).best,
    }),
  )
  return { steps }
}
