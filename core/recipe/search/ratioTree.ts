import { compositions } from './compositions'

/** A run of ratios that lie near each other, and its two halves; −1 where there are none. */
export interface RatioCell {
  from: number
  to: number
  left: number
  right: number
  /** Least share of each slot; to be its corners, `step` is added to one after the other. */
  least: number[]
  /** What the least shares leave of 1; 0 for a single ratio. */
  step: number
  /** Mean shares. */
  middle: number[]
}

/** All ratios of some number of slots in a binary tree of nearness; cell 0 is the root. */
export interface RatioTree {
  /** Drops of each slot, in tree order. */
  ratios: number[][]
  cells: RatioCell[]
}

/** Least shares are set lower than the ratios' by this share, far more than single precision rounds. */
const WIDER = 1e-6
/** Cells of more ratios are halved across the widest share; for others the best cut is looked for. */
const LARGE = 500

/** Shares of all slots, one ratio after the other. */
class Shares {
  private readonly slots: number
  private readonly all: Float64Array
  /** Of each slot: ratios by their share of it, and the place of each ratio among them. */
  private readonly sorted: Uint32Array[]
  private readonly ranks: Uint32Array[]
  private readonly left = new Float64Array(LARGE)
  private readonly right = new Float64Array(LARGE)
  private readonly low: Float64Array
  constructor(drops: readonly number[][]) {
    this.slots = drops[0]!.length
    this.low = new Float64Array(this.slots)
    this.all = new Float64Array(drops.length * this.slots)
    drops.forEach((ratio, i) => {
      const total = ratio.reduce((a, b) => a + b, 0)
      ratio.forEach((d, j) => (this.all[i * this.slots + j] = d / total))
    })
    this.sorted = this.each((slot) =>
      Uint32Array.from(drops, (_, i) => i).sort(
        (one, other) => this.at(one, slot) - this.at(other, slot) || one - other,
      ),
    )
    this.ranks = this.sorted.map((sorted) => {
      const rank = new Uint32Array(sorted.length)
      sorted.forEach((ratio, i) => (rank[ratio] = i))
      return rank
    })
  }

  of(ratio: number): number[] {
    return [...this.all.subarray(ratio * this.slots, (ratio + 1) * this.slots)]
  }

  middle(ratios: Uint32Array): number[] {
    return this.each((slot) => {
      let sum = 0
      for (const ratio of ratios) sum += this.at(ratio, slot)
      return sum / ratios.length
    })
  }

  least(ratios: Uint32Array): number[] {
    return this.each((slot) => {
      let low = Infinity
      for (const ratio of ratios) low = Math.min(low, this.at(ratio, slot))
      return low
    })
  }

  /** Puts the left part of some ratios before the right one; how many stand left. */
  cut(ratios: Uint32Array): number {
    return ratios.length > LARGE ? this.halve(ratios) : this.cutBest(ratios)
  }

  private at(ratio: number, slot: number): number {
    return this.all[ratio * this.slots + slot]!
  }

  private each<T>(value: (slot: number) => T): T[] {
    return Array.from({ length: this.slots }, (_, slot) => value(slot))
  }

  /** Sorts ratios by their share of a slot. */
  private sort(ratios: Uint32Array, slot: number): void {
    const sorted = this.sorted[slot]!
    const rank = this.ranks[slot]!
    for (let i = 0; i < ratios.length; i++) ratios[i] = rank[ratios[i]!]!
    ratios.sort()
    for (let i = 0; i < ratios.length; i++) ratios[i] = sorted[ratios[i]!]!
  }

  private halve(ratios: Uint32Array): number {
    const widths = this.each((slot) => {
      let [low, high] = [Infinity, -Infinity]
      for (const ratio of ratios) {
        low = Math.min(low, this.at(ratio, slot))
        high = Math.max(high, this.at(ratio, slot))
      }
      return high - low
    })
    this.sort(ratios, widths.indexOf(Math.max(...widths)))
    return ratios.length >> 1
  }

  /** The cut, across whichever share, that leaves the least steps, each times how many ratios it is for. */
  private cutBest(ratios: Uint32Array): number {
    const many = ratios.length
    const { left, right } = this
    let [cost, slot, cut] = [Infinity, 0, 1]
    for (let across = 0; across < this.slots; across++) {
      this.sort(ratios, across)
      this.steps(ratios, 0, 1, left)
      this.steps(ratios, many - 1, -1, right)
      for (let k = 1; k < many; k++) {
        const own = k * left[k - 1]! + (many - k) * right[many - k - 1]!
        if (own < cost - 1e-12) [cost, slot, cut] = [own, across, k]
      }
    }
    this.sort(ratios, slot)
    return cut
  }

  /** Step of the first ratio, the first two, three … from one end. */
  private steps(ratios: Uint32Array, from: number, by: number, into: Float64Array): void {
    const { slots, all, low } = this
    low.fill(1)
    for (let i = 0; i < ratios.length; i++) {
      const start = ratios[from + by * i]! * slots
      let left = 1
      for (let slot = 0; slot < slots; slot++) {
        if (all[start + slot]! < low[slot]!) low[slot] = all[start + slot]!
        left -= low[slot]!
      }
      into[i] = left
    }
  }
}

const made = new Map<string, RatioTree>()

/** The tree of `compositions(slots, mostDrops)`, made once. */
export function ratioTree(slots: number, mostDrops: number): RatioTree {
  const key = `${slots}/${mostDrops}`
  const known = made.get(key)
  if (known) return known
  const drops = compositions(slots, mostDrops)
  const shares = new Shares(drops)
  const order = Uint32Array.from(drops, (_, i) => i)
  const cells: RatioCell[] = []
  const build = (from: number, to: number): number => {
    const own = order.subarray(from, to)
    const single = own.length === 1
    const least = single ? shares.of(own[0]!) : shares.least(own).map((s) => s * (1 - WIDER))
    const step = single ? 0 : 1 - least.reduce((a, b) => a + b, 0)
    const cell = { from, to, left: -1, right: -1, least, step, middle: shares.middle(own) }
    const at = cells.push(cell) - 1
    if (!single) {
      const cut = from + shares.cut(own)
      cell.left = build(from, cut)
      cell.right = build(cut, to)
    }
    return at
  }
  build(0, order.length)
  const tree = { ratios: Array.from(order, (i) => drops[i]!), cells }
  made.set(key, tree)
  return tree
}

/** Ratios between whose mixes all of a cell's lie: its own where they are one or two, else the corners of the simplex around them. */
export const cornersOf = (
  { ratios }: RatioTree,
  { from, to, least, step }: RatioCell,
): number[][] =>
  to - from <= 2
    ? ratios.slice(from, to)
    : least.map((_, corner) => least.map((share, j) => (j === corner ? share + step : share)))

/** The cells some levels below the root; single ratios stay as they are. */
export function cellsAtDepth({ cells }: RatioTree, depth: number): number[] {
  const walk = (at: number, left: number): number[] =>
    left === 0 || cells[at]!.left < 0
      ? [at]
      : [...walk(cells[at]!.left, left - 1), ...walk(cells[at]!.right, left - 1)]
  return walk(0, depth)
}
