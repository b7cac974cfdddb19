import { labOf } from '../colour/lab'
import type { Lab, ViewingOptions } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import type { Spectrum } from '../colour/spectrum'
import type { Paint } from '../paint/paint'
import type { Part } from '../paint/mix'

/** A mix in whole drops and how it lands. `deltaE00` is the distance from the target. */
export interface Recipe {
  parts: Part<Paint>[]
  lab: Lab
  deltaE00: number
}

export interface Limits {
  /** Most paints in one mix, 1–5. */
  maxPaints: number
  /** Most drops in one mix, 1–30. */
  maxDrops: number
}

export interface RecipeRequest extends Limits, ViewingOptions {
  target: Lab | Spectrum
  paints: readonly Paint[]
  /** How many recipes to hand back; 1 when not given. */
  limit?: number
}

function checkWhole(name: string, value: number, most: number): void {
  if (!(Number.isInteger(value) && value >= 1 && value <= most))
    throw new RangeError(`${name} is ${value}; allowed is a whole number from 1 to ${most}`)
}

/** @throws RangeError naming the limit that is out of range. */
export function checkLimits({ maxPaints, maxDrops }: Limits): void {
  checkWhole('maxPaints', maxPaints, 5)
  checkWhole('maxDrops', maxDrops, 30)
}

export const checkLimit = (limit: number): void => checkWhole('limit', limit, 1000)

/** The colour a request aims at, under the request's light. */
export function targetLab({ target, illuminant, observer }: RecipeRequest): Lab {
  if (!('L' in target)) return labOf(target, { illuminant, observer })
  const { name } = weightsOf(illuminant, observer)
  if (target.white && target.white !== name)
    throw new TypeError(
      `the target was computed under ${target.white}, the search runs under ${name}; adapt the target first`,
    )
  if (![target.L, target.a, target.b].every(Number.isFinite))
    throw new RangeError(`the target L ${target.L}, a ${target.a}, b ${target.b} is not a colour`)
  return { ...target, white: name }
}
