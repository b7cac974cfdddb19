import { lightingLimits, stepCounts } from '../project/lighting'
import type { Lighting } from '../project/lighting'

/** @throws RangeError naming the setting that is out of range. */
export function checkLighting(lighting: Lighting): void {
  if (!stepCounts.includes(lighting.steps))
    throw new RangeError(`a ladder of ${String(lighting.steps)} steps; allowed is 3, 5, 7 or 9`)
  for (const [name, [least, most]] of Object.entries(lightingLimits)) {
    const value = lighting[name as keyof typeof lightingLimits]
    if (value !== undefined && !(value >= least && value <= most))
      throw new RangeError(`${name} is ${value}; allowed is ${least} to ${most}`)
  }
}
