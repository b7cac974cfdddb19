import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { TOUCH } from '../../puddle/dispense'
import { dropsIn } from '../../puddle/drops'
import type { Looked } from './dabs'
import { added, looksOf, seenAs, suppose } from './supposed'
import type { Supposed } from './supposed'

/** One look at a well, and what was put into it after. */
export interface LookAt {
  looked: Looked
  add: readonly Part<Paint>[]
}

export interface LookingRequest {
  /** The well as it was planned, in drops. */
  parts: readonly Part<Paint>[]
  aim: Lab
  /** Bottles that are at hand. */
  paints: readonly Paint[]
  /** Looks so far, the last of them not yet answered. */
  looks: readonly LookAt[]
}

export type LookingAnswer =
  | {
      kind: 'add'
      add: Part<Paint>[]
      /** How far off it is reckoned to be now, and after, ΔE00. */
      off: number
      after: number
    }
  /** Nothing that is added brings it nearer than this. */
  | { kind: 'near'; off: number }
  /** It looked right, and so few looks do not tell: one more. */
  | { kind: 'again'; off: number }
  | { kind: 'right'; off: number }

/** In touches and whole drops, as a brush and a bottle give them. */
const AMOUNTS = [TOUCH, 2 * TOUCH, 4 * TOUCH, 1, 2, 3]
/** … of two at once. */
const TWO = new Set([TOUCH, 4 * TOUCH, 1])
/** ΔE00 that a drop has to earn, and a bottle that is not in the well yet. */
const DROP = 0.22
const BOTTLE = 0.5
/** Bottles that are looked at closely, and of which two are added at once where one does not help. */
const CLOSELY = 8
const PAIRED = 4
/** Nearer than this, ΔE00, nobody looks again. */
const RIGHT = 2

/** So many of the wells that it may be are reckoned with, and at a first look at every bottle. */
const LIKELIEST = 80
const FIRST = 12

/** How far off these wells are on average, as likely as each is. */
function offOf(wells: readonly Supposed[], aim: Lab, add: readonly Part[]): number {
  let sum = 0
  for (const well of wells) {
    sum += well.weight * deltaE00(looksOf(add.length > 0 ? added(well, add) : well), aim)
  }
  return sum
}

/** Two paints at once. */
const pairsOf = (paints: readonly Paint[], amounts: readonly number[]): Part<Paint>[][] =>
  paints.flatMap((one, i) =>
    paints.slice(i + 1).flatMap((other) =>
      amounts.flatMap((n) =>
        amounts.map((m) => [
          { paint: one, drops: n },
          { paint: other, drops: m },
        ]),
      ),
    ),
  )

/** The likeliest few, for a first look at every bottle. */
const few = (wells: readonly Supposed[], many: number): Supposed[] => {
  const best = wells.toSorted((one, other) => other.weight - one.weight).slice(0, many)
  const sum = best.reduce((all, { weight }) => all + weight, 0)
  return best.map((well) => ({ ...well, weight: well.weight / sum }))
}

/** Wells that it may be, as likely as all looks make them, with what was added after each. */
function wellsSeen(parts: readonly Part[], aim: Lab, looks: readonly LookAt[]): Supposed[] {
  let wells = suppose(parts)
  for (const { looked, add } of looks) {
    wells = seenAs(wells, looked, aim)
    if (add.length > 0) wells = wells.map((well) => added(well, add))
  }
  return wells
}

/**
 * What to add to a well that looks otherwise than it should: the least that brings it near, by all that was seen of it
 * so far. What it truly is stays unknown; wells that it may be are weighed by each look (Bayes' rule over a sample of
 * them), and what is added is best on average over those, each drop and each further bottle counted against it.
 * @throws RangeError where nothing was looked at, or the well is empty.
 * @example rightByLooking({ parts: [{ paint: white, drops: 3 }], aim: flesh, paints: [], looks: [{ looked: 'darker', add: [] }] }).kind // "near"
 */
export function rightByLooking({ parts, aim, paints, looks }: LookingRequest): LookingAnswer {
  if (looks.length === 0) throw new RangeError('nothing was seen of the well yet')
  if (!parts.some(({ drops }) => drops > 0)) throw new RangeError('there is nothing in the well')
  const wells = few(wellsSeen(parts, aim, looks), LIKELIEST)
  const off = offOf(wells, aim, [])
  if (looks.at(-1)!.looked === 'right')
    return { kind: off < RIGHT || looks.at(-2)?.looked === 'right' ? 'right' : 'again', off }
  const inside = new Set([...parts, ...looks.flatMap(({ add }) => add)].map((one) => one.paint.id))
  const worth = (sample: readonly Supposed[], add: readonly Part<Paint>[]): number =>
    add.reduce(
      (sum, { paint, drops }) => sum + DROP * drops + (inside.has(paint.id) ? 0 : BOTTLE),
      offOf(sample, aim, add),
    )
  // A small well is not doubled.
  const amounts = AMOUNTS.filter((one) => one <= Math.max(1, dropsIn(parts) / 2))
  const sample = few(wells, FIRST)
  const closely = paints
    .map((paint) => ({
      paint,
      least: Math.min(...amounts.map((drops) => worth(sample, [{ paint, drops }]))),
    }))
    .toSorted((one, other) => one.least - other.least)
    .map(({ paint }) => paint)
  const best = (ways: readonly Part<Paint>[][]): Part<Paint>[] | undefined => {
    const [first] = ways
      .map((add) => ({ add, worth: worth(wells, add) }))
      .toSorted((one, other) => one.worth - other.worth)
    return first && first.worth < off ? first.add : undefined
  }
  const alone = closely
    .slice(0, CLOSELY)
    .flatMap((paint) => amounts.map((drops) => [{ paint, drops }]))
  const two = pairsOf(
    closely.slice(0, PAIRED),
    amounts.filter((one) => TWO.has(one)),
  )
  const add = best(alone) ?? (off > RIGHT ? best(two) : undefined)
  return add ? { kind: 'add', add, off, after: offOf(wells, aim, add) } : { kind: 'near', off }
}
