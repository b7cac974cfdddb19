import { usualAmounts } from './needed'
import { dropSizeFrom } from '../learning/habits'
import type { BottleDrops } from '../../puddle/parts'

/** Drops of paints, as a mix is written. */
export interface DropParts {
  parts: readonly BottleDrops[]
}

/** What is known of a bottle. */
export interface StockBottle {
  /** Size when full, ml. */
  ml?: number
  leftMl?: number
  dropsPerMl?: number
  /** What was left when it was last looked at, and drops taken since. */
  countedMl?: number
  dropsSince?: number
}
export type StockBottles = Readonly<Record<string, StockBottle | undefined>>

/** Millilitres that mixes take of every paint. */
export function takenMl(mixes: readonly DropParts[], bottles: StockBottles): Map<string, number> {
  const taken = new Map<string, number>()
  for (const { parts } of mixes)
    for (const { paint, drops } of parts) {
      const perMl = bottles[paint]?.dropsPerMl ?? usualAmounts.dropsPerMl
      taken.set(paint, (taken.get(paint) ?? 0) + drops / perMl)
    }
  return taken
}

/** What is left after so much was taken, or given back: never below empty, never more than was there when it was looked at. */
function leftAfter(bottle: StockBottle, leftMl: number, ml: number, dropsSince: number): number {
  const { countedMl, dropsPerMl = usualAmounts.dropsPerMl } = bottle
  const most = ml < 0 && countedMl !== undefined ? countedMl - dropsSince / dropsPerMl : Infinity
  return Math.max(0, Math.round(1e4 * Math.min(leftMl - ml, most)) / 1e4)
}

/**
 * Bottles after mixes were taken from them, those that were counted; never below empty. What is given back of a bottle
 * that gave more than it was said to hold leaves it as it was.
 * @example afterTaking([{ parts: [{ paint: 'yellow-ochre', drops: 20 }] }], { 'yellow-ochre': { leftMl: 5 } })
 */
export function afterTaking<B extends StockBottle>(
  mixes: readonly DropParts[],
  bottles: Readonly<Record<string, B>>,
): Record<string, B> {
  const after = { ...bottles }
  for (const [paint, ml] of takenMl(mixes, bottles)) {
    const bottle = bottles[paint]
    if (bottle?.leftMl === undefined) continue
    const drops = Math.max(
      0,
      mixes.reduce(
        (sum, { parts }) =>
          parts.reduce((all, part) => all + (part.paint === paint ? part.drops : 0), sum),
        bottle.dropsSince ?? 0,
      ),
    )
    after[paint] = {
      ...bottle,
      leftMl: leftAfter(bottle, bottle.leftMl, ml, drops),
      dropsSince: drops,
    }
  }
  return after
}

/** One line of a shopping list. */
export interface StockRow {
  paint: string
  neededMl: number
  /** Unknown where the painter has not said what is left. */
  leftMl?: number
  missingMl: number
  /** Bottles to buy, by the size of the one at hand. */
  bottles: number
  /** Place in the order of mixes at which it runs out. */
  runsOutAt?: number
}

/** A bottle whose size is not known is taken for one of so many ml; common practice, no source. */
const USUAL_BOTTLE_ML = 17

/**
 * What the mixes that are still to come need, against what is left; what runs out first comes first,
 * then what nobody has measured.
 * @example stockFor([{ parts: [{ paint: 'yellow-ochre', drops: 20 }] }], {})[0].paint // "yellow-ochre"
 */
export function stockFor(mixes: readonly DropParts[], bottles: StockBottles): StockRow[] {
  const needed = takenMl(mixes, bottles)
  const rows = [...needed].map(([paint, neededMl]): StockRow => {
    const { leftMl, ml = USUAL_BOTTLE_ML } = bottles[paint] ?? {}
    const missingMl = leftMl === undefined ? 0 : Math.max(0, neededMl - leftMl)
    const row = { paint, neededMl, missingMl, bottles: Math.ceil(missingMl / ml) }
    if (leftMl === undefined) return row
    if (missingMl === 0) return { ...row, leftMl }
    let sum = 0
    const runsOutAt = mixes.findIndex((mix) => {
      sum += takenMl([mix], bottles).get(paint) ?? 0
      return sum > leftMl
    })
    return { ...row, leftMl, runsOutAt }
  })
  const rank = ({ runsOutAt, leftMl }: StockRow): number =>
    runsOutAt ?? (leftMl === undefined ? 1e6 : 1e7)
  return rows.sort((one, other) => rank(one) - rank(other) || other.neededMl - one.neededMl)
}

/**
 * A bottle after the painter has looked how much is left: where enough drops were taken since the last
 * look, their size follows.
 * @example recounted({ ml: 17 }, 5).leftMl // 5
 */
export function recounted(bottle: StockBottle | undefined, leftMl: number): StockBottle {
  const { countedMl, dropsSince = 0 } = bottle ?? {}
  const size = countedMl === undefined ? undefined : dropSizeFrom(dropsSince, countedMl, leftMl)
  return {
    leftMl,
    countedMl: leftMl,
    dropsSince: 0,
    // A drop of hobby paint is between 1/100 and 1/5 ml; beyond that something was spilled or filled up.
    ...(size !== undefined && size >= 5 && size <= 100 ? { dropsPerMl: size } : {}),
  }
}
