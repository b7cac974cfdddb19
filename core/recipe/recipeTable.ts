import { deltaE00Of } from '../colour/deltaE00'
import type { Lab, ViewingOptions } from '../colour/lab'
import { surelyFurther } from '../colour/surelyFurther'
import { weightsOf } from '../colour/weights'
import { MixEvaluator } from '../paint/mixEvaluator'
import type { Paint } from '../paint/paint'
import { sameBox } from '../paint/samePaint'
import { labCells } from './labCells'
import type { LabCells } from './labCells'
import { checkLimit, checkLimits } from './recipe'
import type { Limits, Recipe } from './recipe'
import { earlierPlaced } from './merge'
import { listOf, mixedList, recipeAt } from './recipeList'
import type { RecipeList } from './recipeList'
import { ROUGH_LAB } from './setMixer'
import { RecipeShortlist } from './shortlist'
import type { Candidate } from './shortlist'

interface Found extends Candidate {
  members: ArrayLike<number>
  parts: readonly number[]
  colour: [L: number, a: number, b: number]
}

/**
 * All recipes of a box with their colours, in cells of CIELAB, so that one build answers any number of targets exactly.
 * About 32 bytes a recipe.
 * @example new RecipeTable(box, { maxPaints: 2, maxDrops: 6 }).nearest(flesh)[0].deltaE00
 */
export class RecipeTable {
  private readonly list: RecipeList
  private readonly cells: LabCells
  /** What is near is reckoned anew, in double precision. */
  private readonly evaluator: MixEvaluator

  /** @param list what was mixed already. */
  constructor(
    readonly paints: readonly Paint[],
    readonly limits: Limits,
    private readonly viewing: ViewingOptions = {},
    list?: RecipeList,
  ) {
    checkLimits(limits)
    this.list = list ?? mixedList(paints, limits, viewing)
    this.evaluator = new MixEvaluator(paints, viewing)
    this.cells = labCells(this.list.planes)
  }

  get size(): number {
    return this.list.size
  }

  /**
   * The table of some of its paints, nothing mixed anew; nothing when they are not all in it, in the same order.
   * @example new RecipeTable(box, limits).of(box.slice(1)).paints.length // box.length − 1
   */
  of(paints: readonly Paint[]): RecipeTable | undefined {
    let next = 0
    const placeOf = this.paints.map((paint) =>
      next < paints.length && sameBox([paint], [paints[next]!]) ? next++ : -1,
    )
    if (next < paints.length) return undefined
    if (next === this.paints.length) return this
    const { limits, viewing } = this
    return new RecipeTable(paints, limits, viewing, listOf(this.list, placeOf))
  }

  /**
   * The table of a box that has half of its paints or more from this one's, in the same order: what both can mix is not
   * mixed anew. Nothing where less is shared.
   * @example new RecipeTable(box, limits).grown([...box.slice(1), another])
   */
  grown(paints: readonly Paint[]): RecipeTable | undefined {
    let next = 0
    const placeOf = this.paints.map((paint) => {
      const place = paints.findIndex((one, at) => at >= next && sameBox([one], [paint]))
      if (place >= 0) next = place + 1
      return place
    })
    if (2 * placeOf.filter((place) => place >= 0).length < paints.length) return undefined
    const { limits, viewing, list } = this
    const grown = mixedList(paints, limits, viewing, { list, placeOf })
    return new RecipeTable(paints, limits, viewing, grown)
  }

  /**
   * The closest recipes, best first: exactly those of an exhaustive search.
   * Walks through the cells, the nearest first, and stops once no cell can hold anything as near as the worst wanted.
   */
  nearest(target: Lab, limit = 1): Recipe[] {
    checkLimit(limit)
    const { colours, starts, order } = this.cells
    const exact = new Float64Array(3)
    const list = new RecipeShortlist<Found>(limit, earlierPlaced)
    const targetC = Math.hypot(target.a, target.b)
    const { cells, least } = this.cells.nearestFirst(target)
    for (let n = 0; n < cells.length && least[n]! <= list.worst + ROUGH_LAB; n++) {
      const cell = cells[n]!
      for (let at = starts[cell]!; at < starts[cell + 1]!; at++) {
        const L = colours[at * 4]!
        const a = colours[at * 4 + 1]!
        const b = colours[at * 4 + 2]!
        const C = colours[at * 4 + 3]!
        // Ties are kept: what is as far as the worst may still come before it.
        const e = list.worst + ROUGH_LAB + 1e-6
        if (surelyFurther(e, L, a, b, C, target.L, target.a, target.b, targetC)) continue
        const nearly = deltaE00Of(L, a, b, target.L, target.a, target.b)
        if (nearly > list.worst + ROUGH_LAB) continue
        const { members, drops } = recipeAt(this.list, order[at]!)
        const count = drops.length
        this.evaluator.writeLab(members, drops, count, exact, 0)
        const [L1, a1, b1] = exact as unknown as [number, number, number]
        const deltaE00 = deltaE00Of(L1, a1, b1, target.L, target.a, target.b)
        if (deltaE00 > list.worst) continue
        list.offer({
          deltaE00,
          paints: count,
          drops: drops.reduce((sum, one) => sum + one, 0),
          place: 0,
          members,
          parts: drops,
          colour: [L1, a1, b1],
        })
      }
    }
    return list.best.map((one) => this.recipe(one))
  }

  private recipe({ members, parts, colour: [L, a, b], deltaE00 }: Found): Recipe {
    const { name } = weightsOf(this.viewing.illuminant, this.viewing.observer)
    const bottles = parts.map((drops, k) => ({ paint: this.paints[members[k]!]!, drops }))
    return { parts: bottles, lab: { L, a, b, white: name }, deltaE00 }
  }
}
