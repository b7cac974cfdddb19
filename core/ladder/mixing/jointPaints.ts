import { deltaE00Of } from '../../colour/deltaE00'
import { writeLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import type { Paint } from '../../paint/paint'
import { eachRecipe } from '../../recipe/eachRecipe'
import { checkLimits } from '../../recipe/recipe'
import type { Limits } from '../../recipe/recipe'

export interface JointRequest extends Limits {
  targets: readonly Lab[]
  /** At most 24: every set of bottles is looked at. */
  paints: readonly Paint[]
  /** Most bottles that the whole ladder may open. */
  bottles: number
}

export interface JointPaints {
  paints: Paint[]
  /** Mean ΔE00 of the steps, each with its own best recipe from these paints. */
  mean: number
}

export const MOST_JOINT = 24
/** Members of a mix as one number, five bits each. */
const keyOf = (members: ArrayLike<number>, count: number): number => {
  let key = 0
  for (let i = 0; i < count; i++) key = key * 32 + members[i]! + 1
  return key
}

/** Best ΔE00 of every step for every set of paints that a mix may have. */
function bestBySet({
  targets,
  paints,
  maxPaints,
  maxDrops,
}: JointRequest): Map<number, Float64Array> {
  const weights = weightsOf()
  const lab = new Float64Array(3)
  const best = new Map<number, Float64Array>()
  eachRecipe(paints, { maxPaints, maxDrops }, weights, (count, members, _, X, Y, Z) => {
    writeLab(X, Y, Z, weights.white, lab, 0)
    const key = keyOf(members, count)
    let own = best.get(key)
    if (!own) best.set(key, (own = new Float64Array(targets.length).fill(Infinity)))
    for (let t = 0; t < targets.length; t++) {
      const { L, a, b } = targets[t]!
      const off = deltaE00Of(lab[0]!, lab[1]!, lab[2]!, L, a, b)
      if (off < own[t]!) own[t] = off
    }
  })
  return best
}

/**
 * The bottles for a whole ladder, chosen together: of all sets of so many paints the one whose steps,
 * each with its own best recipe, have the least mean ΔE00. Exhaustive.
 * @throws RangeError for more than 24 paints or none.
 */
export function jointPaints(request: JointRequest): JointPaints {
  checkLimits(request)
  const { targets, paints, bottles, maxPaints } = request
  if (paints.length === 0 || paints.length > MOST_JOINT)
    throw new RangeError(`${paints.length} paints to choose from; allowed is 1 to ${MOST_JOINT}`)
  if (!(Number.isInteger(bottles) && bottles >= 1))
    throw new RangeError(`bottles is ${bottles}; allowed is a whole number from 1`)
  const most = Math.min(bottles, paints.length)
  const found = bestBySet(request)
  const chosen: number[] = []
  let winner: { mean: number; set: number[] } = { mean: Infinity, set: [] }
  const members = new Array<number>(maxPaints)
  /** Takes in every mix that holds the newest paint and else only chosen ones. */
  function improve(into: Float64Array, from: number, count: number): void {
    members[count] = chosen.at(-1)!
    const own = found.get(keyOf(members, count + 1))
    if (own) for (let t = 0; t < into.length; t++) if (own[t]! < into[t]!) into[t] = own[t]!
    if (count + 1 >= maxPaints) return
    for (let i = from; i < chosen.length - 1; i++) {
      members[count] = chosen[i]!
      improve(into, i + 1, count + 1)
    }
  }
  const walk = (from: number, best: Float64Array): void => {
    if (chosen.length === most) {
      const mean = best.reduce((sum, off) => sum + off, 0) / best.length
      if (mean < winner.mean - 1e-12) winner = { mean, set: [...chosen] }
      return
    }
    for (let p = from; p <= paints.length - (most - chosen.length); p++) {
      chosen.push(p)
      const next = best.slice()
      improve(next, 0, 0)
      walk(p + 1, next)
      chosen.pop()
    }
  }
  walk(0, new Float64Array(targets.length).fill(Infinity))
  return { paints: winner.set.map((p) => paints[p]!), mean: winner.mean }
}
