import type { Mixture } from '../paint/mixture'
import type { ViewingOptions } from '../colour/lab'
import type { Limits } from './recipe'
import { SetMixer } from './setMixer'
import type { LabPlanes } from './setMixer'

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

/** All sets of so many paints, in the order of the box, each at all ratios. */
interface Sets {
  /** Places of a set's paints in the box, rising; set after set. */
  members: Uint16Array
  /** How many sets there are. */
  many: number
  ratios: readonly (readonly number[])[]
  /** Where the first recipe stands. */
  start: number
}

/** Recipes with their colours: sets of one paint first, set after set, ratio after ratio. */
export interface RecipeList {
  size: number
  sets: Sets[]
  /** L*, a*, b* of each, in single precision. */
  planes: LabPlanes
}

/** Sets of some paints with so many in each, lexicographic, one after the other. */
function setsOf(paints: number, count: number): Uint16Array {
  const found = new Uint16Array(count * times(paints, count))
  const set = Uint16Array.from({ length: count }, (_, k) => k)
  for (let at = 0; at < found.length; at += count) {
    found.set(set, at)
    let last = count - 1
    while (last > 0 && set[last] === paints - count + last) last--
    for (let p = set[last]! + 1; last < count; p++) set[last++] = p
  }
  return found
}

/** Every recipe of a box, its colour still to be reckoned. */
function plainList(paints: number, all: readonly Sets['ratios'][]): RecipeList {
  let size = 0
  const sets = all.slice(0, paints).map((ratios, i) => {
    const members = setsOf(paints, i + 1)
    const many = members.length / (i + 1)
    const start = size
    size += many * ratios.length
    return { members, many, ratios, start }
  })
  const plane = () => new Float32Array(size)
  return { size, sets, planes: [plane(), plane(), plane()] }
}

/** Fewer are copied one by one sooner than as a run. */
const FEW = 32

/** The paints of a set, by their places in the box. */
function setAt({ members, many }: Sets, n: number): Uint16Array {
  const count = members.length / many
  return members.subarray(n * count, (n + 1) * count)
}

/** The recipe at a place: its paints by their places in the box, and their drops. */
export function recipeAt(
  { sets }: RecipeList,
  place: number,
): { members: ArrayLike<number>; drops: readonly number[] } {
  const own = sets.findLast(({ start }) => start <= place)!
  const { length } = own.ratios
  const at = place - own.start
  return { members: setAt(own, Math.floor(at / length)), drops: own.ratios[at % length]! }
}

/** Copies colours of so many recipes. */
function copy(from: LabPlanes, place: number, many: number, to: LabPlanes, at: number): void {
  for (let axis = 0; axis < 3; axis++) {
    const [source, plane] = [from[axis]!, to[axis]!]
    if (many >= FEW) plane.set(source.subarray(place, place + many), at)
    else for (let i = 0; i < many; i++) plane[at + i] = source[place + i]!
  }
}

/** A list that some recipes of another box are in. */
interface Known {
  list: RecipeList
  /** Place of each paint of its box in the other; −1 for what is not in it. Rising. */
  placeOf: readonly number[]
}

/** Where the sets of so many paints begin that another box has, too, in the order of both. */
function sharedPlaces({ list, placeOf }: Known, count: number): number[] {
  const own = list.sets[count - 1]
  const places: number[] = []
  for (let n = 0; own && n < own.many; n++)
    if (setAt(own, n).every((paint) => placeOf[paint]! >= 0))
      places.push(own.start + n * own.ratios.length)
  return places
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
  const mixer = new SetMixer(paints, limits, viewing)
  const list = plainList(paints.length, mixer.ratios)
  const shared = new Set(known?.placeOf)
  list.sets.forEach((sets, i) => {
    const { many, ratios, start } = sets
    const places = known ? sharedPlaces(known, i + 1) : []
    let next = 0
    for (let n = 0; n < many; n++) {
      const at = start + n * ratios.length
      const set = setAt(sets, n)
      if (known && set.every((paint) => shared.has(paint)))
        copy(known.list.planes, places[next++]!, ratios.length, list.planes, at)
      else copy(mixer.planes, 0, mixer.mix(set), list.planes, at)
    }
  })
  return list
}

/**
 * The recipes that take only some paints of a box, in the same order: nothing is mixed anew.
 * @param placeOf place of each paint of the list's box in the smaller one; −1 for what is not in it.
 */
export function listOf(all: RecipeList, placeOf: readonly number[]): RecipeList {
  const few = placeOf.filter((place) => place >= 0).length
  const list = plainList(
    few,
    all.sets.map(({ ratios }) => ratios),
  )
  list.sets.forEach(({ ratios, start }, i) =>
    sharedPlaces({ list: all, placeOf }, i + 1).forEach((from, n) =>
      copy(all.planes, from, ratios.length, list.planes, start + n * ratios.length),
    ),
  )
  return list
}
