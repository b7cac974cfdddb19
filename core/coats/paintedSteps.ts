import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { lightOfStep } from '../place/spots'
import type { LightPlace, ReliefPlace } from '../project/place'
import { endSpots } from './methods/ends'
import { stackLayers } from './stack'
import type { Stack } from './stack'

/** Where shadow, middle and light are looked at on a form. */
const reliefFor: Readonly<Record<LightPlace, ReliefPlace>> = {
  'deep-shadow': endSpots.shadow.relief,
  shadow: endSpots.shadow.relief,
  middle: endSpots.middle.relief,
  light: endSpots.light.relief,
  glint: endSpots.light.relief,
}

/**
 * What a figure looks like once its coats are laid, where each step of its ladder falls: shadows in recesses, lights on
 * ridges.
 * @param base which step is the base, from 0.
 * @returns L*a*b* a step, dark to light.
 * @example paintedSteps({ under: { kind: 'flat', reflectance: base }, coats: [] }, 7, 3).length // 7
 */
export function paintedSteps(stack: Stack, steps: number, base: number): Lab[] {
  const known = new Map<LightPlace, Lab>()
  return Array.from({ length: steps }, (_, i) => {
    const light = lightOfStep(i, { below: base, above: steps - 1 - base })
    let lab = known.get(light)
    if (!lab)
      known.set(light, (lab = labOf(stackLayers(stack, { light })[reliefFor[light]].at(-1)!)))
    return lab
  })
}
