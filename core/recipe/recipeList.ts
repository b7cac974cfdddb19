import type { ViewingOptions } from '../colour/lab'
import { gcd } from '../numbers/gcd'
import type { Mixture } from '../paint/paint'
import { BATCH, MixBatch } from './mixBatch'
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
  /** L*, a*, b* of each in turn, in single precision. */
  lab: Float32Array
  /** Places of its paints in the box, their drops, and how many paints it has. */
  members: Uint16Array
  drops: Uint8Array
  counts: Uint8Array
}

const emptyList = (most: number, width: number): RecipeList => ({
  size: 0,
  width,
  lab: new Float32Array(most * 3),
  members: new Uint16Array(most * width),
  drops: new Uint8Array(most * width),
  counts: new Uint8Array(most),
})

/** Every recipe of a box in the order of the enumeration, its colour still to be reckoned. */
function plainList(paints: number, limits: Limits): RecipeList {
  const { maxPaints: width, maxDrops } = limits
  const list = emptyList(countRecipes(paints, limits), width)
  const { counts, members: allMembers, drops: allDrops } = list
  const members = new Uint16Array(width)
  const drops = new Uint8Array(width)
  let size = 0
  const add = (depth: number, next: number, left: number, divisor: number): void => {
    for (let p = next; p < paints; p++) {
      members[depth] = p
      for (let d = 1; d <= left; d++) {
        drops[depth] = d
        // Most are 1 already: nothing divides that.
        const common = divisor === 1 ? 1 : gcd(divisor, d)
        if (common === 1) {
          counts[size] = depth + 1
          const from = size++ * width
          for (let k = 0; k <= depth; k++) {
            allMembers[from + k] = members[k]!
            allDrops[from + k] = drops[k]!
          }
        }
        if (depth + 1 < width && d < left) add(depth + 1, p + 1, left - d, common)
      }
    }
  }
  add(0, 0, maxDrops, 0)
  return { ...list, size, lab: list.lab.subarray(0, size * 3) }
}

/** A list that some recipes of another box are in. */
interface Known {
  list: RecipeList
  /** Place of each paint of its box in the other; −1 for what is not in it. Rising. */
  placeOf: ArrayLike<number>
}

/** Whether all paints of a recipe are among some. */
function allIn({ members, counts, width }: RecipeList, at: number, has: (p: number) => boolean) {
  for (let k = at * width; k < at * width + counts[at]!; k++) if (!has(members[k]!)) return false
  return true
}

/**
 * Mixes every recipe of a box; those of a list with the same limits are taken from it. What two boxes share both have in
 * the same order.
 */
export function mixedList(
  paints: readonly Mixture[],
  limits: Limits,
  viewing: ViewingOptions,
  known?: Known,
): RecipeList {
  const list = plainList(paints.length, limits)
  const { size, width, lab } = list
  const batch = new MixBatch(paints, { width, ...viewing })
  const shared = new Set(Array.from(known?.placeOf ?? []).filter((place) => place >= 0))
  const places = new Uint32Array(BATCH)
  let waiting = 0
  const reckon = (): void => {
    batch.reckon(waiting)
    batch.writeLabs(lab, places)
    waiting = 0
  }
  let from = 0
  for (let i = 0; i < size;) {
    if (known && allIn(list, i, (p) => shared.has(p))) {
      while (!allIn(known.list, from, (p) => known.placeOf[p]! >= 0)) from++
      for (let axis = 0; axis < 3; axis++) lab[3 * i + axis] = known.list.lab[3 * from + axis]!
      from++
      i++
      continue
    }
    const many = known ? 1 : Math.min(BATCH - waiting, size - i)
    batch.putRun(waiting, list, i, many)
    for (const end = i + many; i < end; i++) places[waiting++] = i
    if (waiting === BATCH) reckon()
  }
  reckon()
  return list
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
