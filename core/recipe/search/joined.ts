/** A set of points and, unless it is a single one, the two sets it was joined from. */
export interface Joined {
  /** Place of a single point. */
  point: number
  of?: readonly [Joined, Joined]
}

interface Group extends Joined {
  count: number
  least: Float64Array
  most: Float64Array
  /** What it weighs: n to `POWER` times the width of its box. */
  weight: number
  /** What it is joined with at the least cost, and that cost. */
  near?: Group
  cost: number
}

/** How the width of n points weighs: by n to this power. Less than 1 keeps small sets closest. */
const POWER = 0.7
/** Points that are alike are joined evenly. */
const EVEN = 1e-9

function join(one: Group, other: Group): Group {
  const count = one.count + other.count
  const least = one.least.map((v, i) => Math.min(v, other.least[i]!))
  const most = one.most.map((v, i) => Math.max(v, other.most[i]!))
  const width = most.reduce((sum, v, i) => sum + v - least[i]!, 0)
  const weight = count ** POWER * width
  return { point: -1, of: [one, other], count, least, most, weight, cost: Infinity }
}

/** Remembers a group to join with where that costs less than what is known. */
function consider(one: Group, other: Group): void {
  const count = one.count + other.count
  const share = count ** POWER
  const own = EVEN * count - one.weight - other.weight
  // Given up as soon as it is too wide.
  const most = (one.cost - own) / share
  let width = 0
  for (let i = 0; i < one.least.length && width < most; i++) {
    const high = one.most[i]! > other.most[i]! ? one.most[i]! : other.most[i]!
    width += high - (one.least[i]! < other.least[i]! ? one.least[i]! : other.least[i]!)
  }
  if (width < most) {
    one.near = other
    one.cost = share * width + own
  }
}

/**
 * Points joined two by two, those first whose box grows least: a binary tree whose sets are close together.
 * Quadratic in the points: three hundred take some hundredths of a second.
 */
export function joined(points: readonly Float64Array[]): Joined {
  let live: Group[] = points.map((own, point) => ({
    point,
    count: 1,
    least: own,
    most: own,
    weight: 0,
    cost: Infinity,
  }))
  const look = (one: Group): void => {
    one.cost = Infinity
    for (const other of live) if (other !== one) consider(one, other)
  }
  live.forEach(look)
  while (live.length > 1) {
    const one = live.reduce((best, group) => (group.cost < best.cost ? group : best))
    const other = one.near!
    const both = join(one, other)
    live = live.filter((group) => group !== one && group !== other)
    live.push(both)
    for (const group of live)
      if (group.near === one || group.near === other) look(group)
      else if (group !== both) consider(group, both)
    look(both)
  }
  return live[0]!
}
