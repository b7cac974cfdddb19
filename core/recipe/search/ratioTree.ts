import { compositions } from './compositions'

/** A run of ratios that lie near each other, and its two halves; −1 where there are none. */
export interface RatioCell {
  from: number
  to: number
  left: number
  right: number
  /** Shares whose convex hull holds every ratio of the cell: one, or as many as there are slots. */
  corners: number[][]
  /** Mean shares. */
  middle: number[]
}

/** All ratios of some number of slots in a binary tree of nearness; cell 0 is the root. */
export interface RatioTree {
  /** Drops of each slot, in tree order. */
  ratios: number[][]
  cells: RatioCell[]
}

/** Corners are set wider than the ratios by this share, far more than single precision rounds. */
const WIDER = 1e-6

/** Least and greatest share of a slot; there may be more ratios than a call takes arguments. */
function rangeOf(shares: readonly number[][], slot: number): [least: number, most: number] {
  let [least, most] = [Infinity, -Infinity]
  for (const share of shares) {
    least = Math.min(least, share[slot]!)
    most = Math.max(most, share[slot]!)
  }
  return [least, most]
}

/**
 * A simplex round some shares: the smaller of the upright one {s: s_j ≥ least_j} and the inverted one
 * {s: s_j ≤ most_j} (when that stays clear of shares below zero).
 */
function simplexRound(shares: readonly number[][]): number[][] {
  const slots = shares[0]!.map((_, j) => j)
  const ranges = slots.map((j) => rangeOf(shares, j))
  const least = ranges.map(([low]) => low * (1 - WIDER))
  const most = ranges.map(([, high]) => high * (1 + WIDER))
  const upright = 1 - least.reduce((a, b) => a + b, 0)
  const inverted = most.reduce((a, b) => a + b, 0) - 1
  const corners = (from: number[], step: number): number[][] =>
    slots.map((corner) => from.map((s, j) => (j === corner ? s + step : s)))
  return inverted < upright && most.every((s) => s > inverted)
    ? corners(most, -inverted)
    : corners(least, upright)
}

const made = new Map<string, RatioTree>()

/** The tree of `compositions(slots, mostDrops)`, made once. */
export function ratioTree(slots: number, mostDrops: number): RatioTree {
  const key = `${slots}/${mostDrops}`
  const known = made.get(key)
  if (known) return known
  const drops = compositions(slots, mostDrops)
  const shares = drops.map((ratio) => {
    const total = ratio.reduce((a, b) => a + b, 0)
    return ratio.map((d) => d / total)
  })
  const order = drops.map((_, i) => i)
  const cells: RatioCell[] = []
  const build = (from: number, to: number): number => {
    const own = order.slice(from, to).map((i) => shares[i]!)
    const middle = own[0]!.map((_, j) => own.reduce((sum, s) => sum + s[j]!, 0) / own.length)
    const corners = own.length === 1 ? [own[0]!] : simplexRound(own)
    const at = cells.push({ from, to, left: -1, right: -1, corners, middle }) - 1
    if (own.length > 1) {
      const widths = middle.map((_, j) => {
        const [low, high] = rangeOf(own, j)
        return high - low
      })
      const widest = widths.reduce((best, width, j) => (width > widths[best]! ? j : best), 0)
      const sorted = order
        .slice(from, to)
        .sort((a, b) => shares[a]![widest]! - shares[b]![widest]! || a - b)
      sorted.forEach((i, k) => (order[from + k] = i))
      const half = (from + to) >> 1
      cells[at]!.left = build(from, half)
      cells[at]!.right = build(half, to)
    }
    return at
  }
  build(0, order.length)
  const tree = { ratios: order.map((i) => drops[i]!), cells }
  made.set(key, tree)
  return tree
}

/** The cells some levels below the root; single ratios stay as they are. */
export function cellsAtDepth({ cells }: RatioTree, depth: number): number[] {
  const walk = (at: number, left: number): number[] =>
    left === 0 || cells[at]!.left < 0
      ? [at]
      : [...walk(cells[at]!.left, left - 1), ...walk(cells[at]!.right, left - 1)]
  return walk(0, depth)
}
