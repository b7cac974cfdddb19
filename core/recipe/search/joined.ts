/** A set of points and, unless it is a single one, the two sets it was joined from. */
export interface Joined {
  /** Place of a single point. */
  point: number
  of?: readonly [Joined, Joined]
}

/** How the width of n points weighs: by n to this power. Less than 1 keeps small sets closest. */
const POWER = 0.7
/** Points that are alike are joined evenly. */
const EVEN = 1e-9

/** Sets of points by number: the points first, then what is joined of them. */
class Sets {
  readonly near: Int32Array
  readonly cost: Float64Array
  private readonly axes: number
  private readonly count: Float64Array
  /** n to the power, times the width. */
  private readonly weight: Float64Array
  /** Ends of the boxes, axis by axis, one set after the other. */
  private readonly least: Float64Array
  private readonly most: Float64Array
  private readonly power: Float64Array
  private made: number

  constructor(points: readonly Float64Array[]) {
    const all = 2 * points.length
    this.axes = points[0]!.length
    this.made = points.length
    this.near = new Int32Array(all)
    this.cost = new Float64Array(all)
    this.count = new Float64Array(all).fill(1)
    this.weight = new Float64Array(all)
    this.power = Float64Array.from({ length: points.length + 1 }, (_, n) => n ** POWER)
    this.least = new Float64Array(all * this.axes)
    this.most = new Float64Array(all * this.axes)
    points.forEach((point, set) => {
      this.least.set(point, set * this.axes)
      this.most.set(point, set * this.axes)
    })
  }

  /** Looks among some for what costs least to join with. */
  look(set: number, among: readonly number[]): void {
    this.cost[set] = Infinity
    for (const other of among) if (other !== set) this.consider(set, other)
  }

  /** Remembers what to join with where that costs less than what is known. */
  consider(set: number, other: number): void {
    const { axes, least, most } = this
    const count = this.count[set]! + this.count[other]!
    const share = this.power[count]!
    const own = EVEN * count - this.weight[set]! - this.weight[other]!
    // Given up as soon as it is too wide.
    const limit = (this.cost[set]! - own) / share
    let [a, b] = [set * axes, other * axes]
    const end = a + axes
    let width = 0
    for (; a < end && width < limit; a++, b++) {
      const high = most[a]! > most[b]! ? most[a]! : most[b]!
      width += high - (least[a]! < least[b]! ? least[a]! : least[b]!)
    }
    if (width < limit) {
      this.near[set] = other
      this.cost[set] = share * width + own
    }
  }

  /** Joins two sets; the number of the new one. */
  join(one: number, other: number): number {
    const { axes, least, most } = this
    const both = this.made++
    let width = 0
    for (let i = 0; i < axes; i++) {
      const low = Math.min(least[one * axes + i]!, least[other * axes + i]!)
      const high = Math.max(most[one * axes + i]!, most[other * axes + i]!)
      least[both * axes + i] = low
      most[both * axes + i] = high
      width += high - low
    }
    this.count[both] = this.count[one]! + this.count[other]!
    this.weight[both] = this.power[this.count[both]!]! * width
    return both
  }
}

/**
 * Points joined two by two, those first whose box grows least: a binary tree whose sets are close together.
 * Quadratic in the points: three hundred take some hundredths of a second.
 */
export function joinedClusters(points: readonly Float64Array[]): Joined {
  const sets = new Sets(points)
  const trees: Joined[] = points.map((_, point) => ({ point }))
  let live = [...trees.keys()]
  for (const set of live) sets.look(set, live)
  while (live.length > 1) {
    const one = live.reduce((best, set) => (sets.cost[set]! < sets.cost[best]! ? set : best))
    const other = sets.near[one]!
    const both = sets.join(one, other)
    trees[both] = { point: -1, of: [trees[one]!, trees[other]!] }
    live = live.filter((set) => set !== one && set !== other)
    live.push(both)
    for (const set of live)
      if (sets.near[set] === one || sets.near[set] === other) sets.look(set, live)
      else if (set !== both) sets.consider(set, both)
    sets.look(both, live)
  }
  return trees.at(-1)!
}
