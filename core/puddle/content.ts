import { dropsIn } from './drops'
import { isBottle } from './puddle'
import type { PartsOf, PuddlePart } from './puddle'
import type { BottleDrops } from './parts'

/**
 * Why a puddle cannot be worked out.
 * @example new PuddleError('a mix cannot hold itself', ['flesh', 'flesh']).puddles.length // 2
 */
export class PuddleError extends Error {
  constructor(
    message: string,
    /** Ids of the puddles concerned; in a circle from the first back to itself. */
    readonly puddles: readonly string[],
  ) {
    super(message)
    this.name = 'PuddleError'
  }
}

/** Mixes within mixes; nobody pours further. */
const MOST_DEEP = 40

type Shares = ReadonlyMap<string, number>

/**
 * Bottles in a mix of bottles and puddles, in as many drops as the mix has: a drop of a puddle holds of every bottle
 * what its share of that puddle is, so K and S of the whole are what mixing by hand gives (Duncan 1940). Bottles stand
 * in the order in which they are met.
 * @param nameOf what a puddle is called, for the message.
 * @throws PuddleError for a puddle that is not there, or that comes to hold itself.
 * @example bottlesIn([{ of: { bottle: 'yellow-ochre' }, drops: 3 }], () => undefined) // [{"paint":"yellow-ochre","drops":3}]
 */
export function bottlesIn(
  parts: readonly PuddlePart[],
  partsOf: PartsOf,
  nameOf: (puddle: string) => string = (id) => id,
): BottleDrops[] {
  const known = new Map<string, Shares>()
  const path: string[] = []
  /** Adds what is in some drops of each part. */
  function pour(from: readonly PuddlePart[], scale: number, into: Map<string, number>): void {
    for (const { of, drops } of from) {
      if (isBottle(of)) into.set(of.bottle, (into.get(of.bottle) ?? 0) + drops * scale)
      else
        for (const [bottle, share] of sharesOf(of.puddle))
          into.set(bottle, (into.get(bottle) ?? 0) + share * drops * scale)
    }
  }
  function sharesOf(puddle: string): Shares {
    const had = known.get(puddle)
    if (had) return had
    if (path.includes(puddle)) {
      const circle = [...path.slice(path.indexOf(puddle)), puddle]
      throw new PuddleError(
        `a mix cannot hold itself: ${circle.map(nameOf).join(' holds ')}`,
        circle,
      )
    }
    if (path.length > MOST_DEEP)
      throw new PuddleError(
        `mixes stand more than ${MOST_DEEP} one within another; allowed are ${MOST_DEEP}`,
        [path[0]!],
      )
    const inside = partsOf(puddle)
    if (!inside || inside.length === 0)
      throw new PuddleError(`there is no mix "${nameOf(puddle)}"`, [puddle])
    path.push(puddle)
    const shares = new Map<string, number>()
    pour(inside, 1 / dropsIn(inside), shares)
    path.pop()
    known.set(puddle, shares)
    return shares
  }
  const sum = new Map<string, number>()
  pour(parts, 1, sum)
  return [...sum].map(([paint, drops]) => ({ paint, drops }))
}

/**
 * Whether a mix would come to hold a puddle: what may not be poured into it.
 * @example holds([{ of: { puddle: 'flesh' }, drops: 1 }], 'flesh', () => undefined) // true
 */
export function holds(parts: readonly PuddlePart[], puddle: string, partsOf: PartsOf): boolean {
  const seen = new Set<string>()
  const look = (inside: readonly PuddlePart[]): boolean =>
    inside.some(({ of }) => {
      if (isBottle(of) || seen.has(of.puddle)) return false
      if (of.puddle === puddle) return true
      seen.add(of.puddle)
      return look(partsOf(of.puddle) ?? [])
    })
  return look(parts)
}
