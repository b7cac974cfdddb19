import { exchangeSearch, SAME, sum } from './exchangeSearch'
import { FAR } from './setTable'
import type { SetTable } from './setTable'

/** Which few of the bottles of a table are wanted; bottles by their place in it. */
export interface SetWishes {
  /** How many, 1 up. */
  size: number
  /** They are in it whatever they bring. */
  pinned?: readonly number[]
  /** They are not. */
  out?: readonly number[]
  /** What a bottle costs beside, in ΔE00 of the mean: a caution, a price, a bottle that is nearly empty. */
  cost?: (bottle: number) => number
}

export interface BestSet {
  /** Bottles by their place in the table, rising. */
  set: number[]
  /** Mean and worst ΔE00 over the targets; what is further off than `FAR` counts as that. */
  mean: number
  worst: number
  /** So many targets are further off than that: then mean and worst are at least what they say. */
  cut: number
  /** Whether no other so many have less, costs counted. */
  proved: boolean
  /** No other so many have less than this, costs counted. */
  atLeast: number
}

/** Nodes of the proof between two looks at the clock. */
const NODES = 512

/**
 * The best set of so many bottles: an exchange search from several starts, then a proof by branch and bound. It yields
 * what it has so far, so that whoever asks can show it, stop it, or wait.
 *
 * The bound: with some bottles taken and the later ones open, no target can be nearer than by what is taken or by any set
 * that holds a later one, whatever else is in it.
 * @throws RangeError for a size that is not 1 to the bottles there are, or more pinned than that.
 * @example bestSet(table, { size: 2 }).next().value.set.length // 2
 */
export function* bestSet(table: SetTable, wishes: SetWishes): Generator<BestSet, BestSet> {
  const { size, pinned = [], out = [], cost = () => 0 } = wishes
  const { targets: T } = table
  const closed = new Set([...out, ...pinned])
  const open = Array.from({ length: table.paints }, (_, i) => i).filter((i) => !closed.has(i))
  const free = size - pinned.length
  if (!(Number.isInteger(size) && size >= 1 && free >= 0 && free <= open.length))
    throw new RangeError(
      `a set of ${size} bottles; allowed is ${Math.max(1, pinned.length)} to ${pinned.length + open.length}`,
    )
  const valueOf = (set: readonly number[]): number =>
    sum(table.best(set)) / T + set.reduce((all, one) => all + cost(one), 0)

  let found = exchangeSearch(table, { pinned, open, free, cost, valueOf })
  const told = (proved: boolean, atLeast: number): BestSet => {
    const set = [...pinned, ...found.chosen].sort((one, other) => one - other)
    const off = table.best(set)
    const cut = off.filter((one) => one >= FAR).length
    return { set, mean: sum(off) / T, worst: Math.max(...off), cut, proved, atLeast }
  }
  yield told(false, valueOf([...pinned, ...open]))

  // Those that serve most come first, so that without them little can be had.
  const alone = new Map(open.map((one) => [one, 0]))
  for (const one of open)
    alone.set(one, valueOf([...pinned, ...found.chosen.filter((c) => c !== one)]))
  const worth = (one: number): number =>
    found.chosen.includes(one) ? 1e3 + alone.get(one)! : -valueOf([...found.chosen.slice(1), one])
  const worths = new Map(open.map((one) => [one, worth(one)]))
  const order = [...open].sort((one, other) => worths.get(other)! - worths.get(one)!)
  /** By what any set with one of the later bottles can bring a target near. */
  const later = order.map(() => new Float64Array(T))
  const cheapest = order.map(() => 0)
  for (let i = order.length - 1; i >= 0; i--) {
    const holding = later[i]!.fill(FAR)
    if (i + 1 < order.length) holding.set(later[i + 1]!)
    const all = [...pinned, ...open].filter((one) => one !== order[i]).sort((a, b) => a - b)
    table.take(all, order[i]!, holding)
    cheapest[i] = Math.min(cost(order[i]!), cheapest[i + 1] ?? Infinity)
  }
  const bound = (taken: Float64Array, next: number, open: number, paid: number): number => {
    if (open === 0) return sum(taken) / T + paid
    const rest = later[next]!
    let all = 0
    for (let t = 0; t < T; t++) all += Math.min(taken[t]!, rest[t]!)
    return all / T + paid + open * cheapest[next]!
  }
  /** Targets that tell soonest that a set is no better come first. */
  const best = table.best([...pinned, ...open])
  const usual = table.best([...pinned, ...found.chosen])
  const telling = Array.from(best, (_, t) => t).sort(
    (one, other) => usual[other]! - best[other]! - (usual[one]! - best[one]!),
  )
  /** Every choice of the last bottle; a target at a time, until it cannot be better. */
  function lastOnes(chosen: readonly number[], taken: Float64Array, next: number, paid: number) {
    const others = [...pinned, ...chosen].sort((one, other) => one - other)
    const { off } = table
    const places = new Int32Array(1 + others.length + (others.length * (others.length - 1)) / 2)
    for (let i = next; i < order.length; i++) {
      const rest = later[i]!
      const here = bound(taken, i, 1, paid)
      if (here >= found.value - SAME) return
      const one = order[i]!
      const many = table.placesWith(others, one, places)
      const most = (found.value - SAME - paid - cost(one)) * T
      let all = (here - paid - cheapest[i]!) * T
      for (const t of telling) {
        let nearest = taken[t]!
        const least = nearest < rest[t]! ? nearest : rest[t]!
        for (let k = 0; k < many; k++) {
          const e = off[places[k]! + t]!
          if (e < nearest) nearest = e
        }
        all += nearest - least
        if (all >= most) break
      }
      if (all < most) found = { chosen: [...chosen, one], value: all / T + paid + cost(one) }
    }
  }
  let nodes = 0
  const atLeast = [Infinity]
  function* walk(
    chosen: number[],
    taken: Float64Array,
    next: number,
    paid: number,
  ): Generator<BestSet> {
    const left = free - chosen.length
    if (left === 0) return
    if (left === 1) return lastOnes(chosen, taken, next, paid)
    for (let i = next; i <= order.length - left; i++) {
      const here = bound(taken, i, left, paid)
      if (here >= found.value - SAME) return
      if (++nodes % NODES === 0) {
        // What is still open: this branch, and those further up that come after it.
        atLeast[chosen.length] = here
        yield told(false, Math.min(found.value, ...atLeast.slice(0, chosen.length + 1)))
      }
      const one = order[i]!
      const into = taken.slice()
      table.take(
        [...pinned, ...chosen].sort((a, b) => a - b),
        one,
        into,
      )
      atLeast[chosen.length] =
        i + 1 <= order.length - left ? bound(taken, i + 1, left, paid) : Infinity
      yield* walk([...chosen, one], into, i + 1, paid + cost(one))
    }
  }
  const paid = pinned.reduce((all, one) => all + cost(one), 0)
  if (free > 0) yield* walk([], table.best(pinned), 0, paid)
  return told(true, found.value)
}
