import type { Paint } from '../../paint/paint'
import type { Part } from '../../paint/mix'
import { smallestOf } from '../../puddle/dispense'
import { LET_DOWN, shareGiven, untouched } from './touches'

/**
 * What a mix has to bring nearer for what it costs at the bench, ΔE00: less than the doubt of bottles that are told by
 * colour and label can tell (3 to 6, docs/optics.md), so that among what looks alike the fewest bottles and drops win.
 * Drops are those of the smallest puddle it can be poured in: less of it is never poured, and what no figure needs is left
 * over.
 */
const COSTS = { bottle: 0.2, drop: 0.5, lessThanADrop: 0.6 } as const

/** Those that a painter would rather pour are looked for among so many that are near. */
export const NEAREST = 96

/** A way to mix something. */
export interface Way {
  parts: Part<Paint>[]
  deltaE00: number
}
/** … with what it is worth against others: how far off it is, and what it costs. */
export interface WeighedWay extends Way {
  cost: number
}

function costOf({ parts, deltaE00 }: Way): number {
  const least = smallestOf(parts.map(({ paint, drops }) => drops * shareGiven(paint.id)))
  const touched = parts.filter(({ paint }) => shareGiven(paint.id) < 1).length
  const { bottle, drop, lessThanADrop } = COSTS
  return deltaE00 + bottle * (parts.length - 1) + drop * least + lessThanADrop * touched
}

/** A strong pigment comes from its bottle or from what was let down of it, not from both. */
const isTwice = (parts: readonly Part<Paint>[]): boolean =>
  parts.some(
    ({ paint }) =>
      paint.id.startsWith(LET_DOWN) &&
      parts.some((other) => other.paint !== paint && other.paint.pigments[0] === paint.pigments[0]),
  )

/**
 * A bottle is given once: in drops, in halves or in touches, never a drop and a half; of halves one, of touches four; a
 * strong pigment from its bottle or from what was let down of it.
 */
export function canBePoured(parts: readonly Part<Paint>[]): boolean {
  const bottles = new Set(parts.map(({ paint }) => untouched(paint.id)))
  return (
    bottles.size === parts.length &&
    !isTwice(parts) &&
    parts.every(({ paint, drops }) => {
      const share = shareGiven(paint.id)
      return share === 1 || (share === 0.5 ? drops % 2 === 0 || drops === 1 : drops <= 4)
    })
  )
}

/**
 * Of ways to mix something those that a painter would take: what can be poured, the least cost first.
 * @param many at most so many; the nearest of all where none can be poured.
 * @example practical([{ parts: [{ paint: ochre, drops: 1 }], deltaE00: 1 }], 4).length // 1
 */
export function practical<W extends Way>(ways: readonly W[], many: number): (W & WeighedWay)[] {
  const can = ways.filter(({ parts }) => canBePoured(parts))
  return (can.length > 0 ? can : ways.slice(0, 1))
    .map((way) => ({ ...way, cost: costOf(way) }))
    .sort((one, other) => one.cost - other.cost)
    .slice(0, many)
}
