import { deltaE00Of } from '../colour/deltaE00'
import { writeLab } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import { eachRecipe } from './eachRecipe'
import { checkLimit, checkLimits, targetLab } from './recipe'
import type { Recipe, RecipeRequest } from './recipe'
import { RecipeShortlist } from './shortlist'
import type { Candidate } from './shortlist'

interface Found extends Candidate {
  members: number[]
  parts: number[]
  lab: Lab
}

/**
 * The closest whole-drop recipes by trying every one, in double precision: the reference that the search
 * with bounds is held against. Ties go to fewer paints, then fewer drops, then the order of the box.
 * @throws RangeError for limits out of range or an empty box; TypeError for a target under another white.
 * @example exhaustiveRecipes({ target: flesh, paints: box, maxPaints: 2, maxDrops: 6 })[0].deltaE00
 */
export function exhaustiveRecipes(request: RecipeRequest): Recipe[] {
  const { paints, limit = 1 } = request
  checkLimits(request)
  checkLimit(limit)
  if (paints.length === 0) throw new RangeError('there is no paint to mix from; put one in the box')
  const target = targetLab(request)
  const weights = weightsOf(request.illuminant, request.observer)
  const list = new RecipeShortlist<Found>(limit)
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
