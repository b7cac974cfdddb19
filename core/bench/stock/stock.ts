import { usualAmounts } from '../../ladder/puddle/amounts'

/** Drops of paints, as a mix is written. */
export interface DropParts {
  parts: readonly { paint: string; drops: number }[]
}

/** What is known of a bottle. */
export interface StockBottle {
  /** Size when full, ml. */
  ml?: number
  leftMl?: number
  dropsPerMl?: number
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

/** Bottles after mixes were taken from them, those that were counted; never below empty. */
export function afterTaking<B extends StockBottle>(
  mixes: readonly DropParts[],
  bottles: Readonly<Record<string, B>>,
): Record<string, B> {
  const after = { ...bottles }
  for (const [paint, ml] of takenMl(mixes, bottles)) {
    const bottle = bottles[paint]
    if (bottle?.leftMl === undefined) continue
    after[paint] = { ...bottle, leftMl: Math.max(0, Math.round(1e4 * (bottle.leftMl - ml)) / 1e4) }
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
