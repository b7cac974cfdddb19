import { deltaE00Of } from '../colour/deltaE00'
import { labOf, writeLab } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import { eachRecipe } from './eachRecipe'
import { checkLimit, checkLimits } from './recipe'
import type { Recipe, RecipeRequest } from './recipe'
import { Shortlist } from './shortlist'
import type { Candidate } from './shortlist'

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

interface Found extends Candidate {
  members: number[]
  parts: number[]
  lab: Lab
}

/**
 * The closest whole-drop recipes, best first and exact: every subset of the paints and every ratio
 * within the limits is compared by CIEDE2000. Ties go to fewer paints, then fewer drops, then the
 * order of the box.
 * @throws RangeError for limits out of range or an empty box; TypeError for a target under another white.
 * @example findRecipes({ target: { L: 65, a: 18, b: 18 }, paints, maxPaints: 3, maxDrops: 12 })[0]
 */
export function findRecipes(request: RecipeRequest): Recipe[] {
  const { paints, limit = 1 } = request
  checkLimits(request)
  checkLimit(limit)
  if (paints.length === 0) throw new RangeError('there is no paint to mix from; put one in the box')
  const target = targetLab(request)
  const weights = weightsOf(request.illuminant, request.observer)
  const list = new Shortlist<Found>(limit)
  const lab = new Float64Array(3)
  let place = 0
  eachRecipe(paints, request, weights, (count, members, drops, X, Y, Z) => {
    place++
    writeLab(X, Y, Z, weights.white, lab, 0)
    const [L, a, b] = lab as unknown as [number, number, number]
    const deltaE00 = deltaE00Of(L, a, b, target.L, target.a, target.b)
    if (deltaE00 > list.worst) return
    const parts = [...drops.subarray(0, count)]
    list.offer({
      deltaE00,
      paints: count,
      drops: parts.reduce((sum, d) => sum + d, 0),
      place,
      members: [...members.subarray(0, count)],
      parts,
      lab: { L, a, b, white: weights.name },
    })
  })
  return list.best.map(({ members, parts, lab, deltaE00 }) => ({
    parts: members.map((m, i) => ({ paint: paints[m]!, drops: parts[i]! })),
    lab,
    deltaE00,
  }))
}
