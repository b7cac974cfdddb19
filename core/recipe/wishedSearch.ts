import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import type { Illuminant } from '../colour/white'
import type { Paint } from '../paint/paint'
import { constrained } from './advice/constraints'
import type { Constrained, Constraints } from './advice/constraints'
import { canBePoured } from './advice/practical'
import { withTouches } from './advice/touches'
import type { Limits, RecipeRequest } from './recipe'
import { colourObjective, spectralObjective } from './search/objective'
import { RecipeSearch } from './search/recipeSearch'
import type { SearchShare } from './search/turns'

/** A search with all that a painter may wish of it: plain data, so that it can be sent to a worker. */
export interface WishedRequest extends Limits {
  target: Lab | Spectrum
  paints: Paint[]
  /** The white that tinting strength is told by. */
  white: Paint
  limit: number
  /** Other lights it has to hold under, besides the bench light. */
  lights: Illuminant[]
  /** The whole reflectance curve is matched, not its colour. */
  wholeCurve: boolean
  /** Strong paints are given in parts of a drop too. */
  touches: boolean
  constraints: Constraints
}

/**
 * The box as it is searched, and the test that its mixes have to pass.
 * @example boxOf(wished).paints.length // 6
 */
export function boxOf({ paints, white, touches, constraints }: WishedRequest): Constrained {
  const box = constrained(touches ? withTouches(paints, white) : paints, constraints)
  const poured = (members: ArrayLike<number>, drops: ArrayLike<number>, count: number): boolean =>
    canBePoured(
      Array.from({ length: count }, (_, i) => ({
        paint: box.paints[members[i]!]!,
        drops: drops[i]!,
      })),
    )
  return {
    ...box,
    allows: (members, drops, count) =>
      box.allows(members, drops, count) && poured(members, drops, count),
  }
}

/**
 * The exact search for a request with wishes; one of several that share it when `share` is given.
 * @throws RangeError for a required paint that is not in the box, an empty box or limits out of range; TypeError for
 * a curve or other lights wanted of a target that is only a colour.
 * @example wishedSearch(wished).step(performance.now() + 25, () => performance.now()).best
 */
export function wishedSearch(asked: WishedRequest, share: SearchShare = {}): RecipeSearch {
  const { paints, allows } = boxOf(asked)
  const request: RecipeRequest = { ...asked, paints }
  const objective = asked.wholeCurve
    ? spectralObjective(request)
    : colourObjective(request, asked.lights)
  return new RecipeSearch(request, { objective, allows, ...share })
}
