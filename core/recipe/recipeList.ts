import { writeLab } from '../colour/lab'
import type { Weights } from '../colour/weights'
import type { Mixture } from '../paint/paint'
import { eachRecipe } from './eachRecipe'
import type { Limits } from './recipe'

const times = (n: number, k: number): number => {
  let product = 1
  for (let i = 1; i <= k; i++) product = (product * (n - k + i)) / i
  return product
}

/**
 * How many recipes an enumeration goes through, those with common divisors counted in.
 * @example countRecipes(2, { maxPaints: 2, maxDrops: 3 }) // 9
 */
export function countRecipes(paints: number, { maxPaints, maxDrops }: Limits): number {
  let sum = 0
  for (let n = 1; n <= Math.min(maxPaints, paints); n++)
    sum += times(paints, n) * times(maxDrops, n)
  return sum
}

/** Recipes with their colours, in the order of the enumeration. */
export interface RecipeList {
  size: number
  /** Paints a recipe has at most: so many places each has in `members` and `drops`. */
  width: number
  /** L*, a*, b* of each in turn. */
  lab: Float64Array
  /** Places of its paints in the box, their drops, and how many paints it has. */
  members: Uint16Array
  drops: Uint8Array
  counts: Uint8Array
}

const emptyList = (most: number, width: number): RecipeList => ({
  size: 0,
  width,
  lab: new Float64Array(most * 3),
  members: new Uint16Array(most * width),
  drops: new Uint8Array(most * width),
  counts: new Uint8Array(most),
})

/** Mixes every recipe of a box. */
export function mixedList(
  paints: readonly Mixture[],
  limits: Limits,
  weights: Weights,
): RecipeList {
  const width = limits.maxPaints
  const list = emptyList(countRecipes(paints.length, limits), width)
  let size = 0
  eachRecipe(paints, limits, weights, (count, members, drops, X, Y, Z) => {
    writeLab(X, Y, Z, weights.white, list.lab, size * 3)
    list.counts[size] = count
    for (let i = 0; i < count; i++) {
      list.members[size * width + i] = members[i]!
      list.drops[size * width + i] = drops[i]!
    }
    size++
  })
  return { ...list, size, lab: list.lab.subarray(0, size * 3) }
}

/**
 * The recipes that take only some paints of a box, in the same order: nothing is mixed anew.
 * @param placeOf place of each paint of the list's box in the smaller one; −1 for what is not in it.
 */
export function listOf(all: RecipeList, placeOf: ArrayLike<number>, limits: Limits): RecipeList {
  const { width } = all
  const few = Array.from(placeOf).filter((place) => place >= 0).length
  const list = emptyList(countRecipes(few, limits), width)
  let size = 0
  for (let from = 0; from < all.size; from++) {
    const count = all.counts[from]!
    let k = 0
    for (; k < count; k++) {
      const place = placeOf[all.members[from * width + k]!]!
      if (place < 0) break
      list.members[size * width + k] = place
      list.drops[size * width + k] = all.drops[from * width + k]!
    }
    if (k < count) continue
    list.counts[size] = count
    for (let axis = 0; axis < 3; axis++) list.lab[size * 3 + axis] = all.lab[from * 3 + axis]!
    size++
  }
  return { ...list, size, lab: list.lab.subarray(0, size * 3) }
}
