import type { SeenFrom } from '../project/seenFrom'
import { distances } from '../project/seenFrom'
import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'

/** A ladder as it is seen from afar: its steps dark to light, with their shares. */
interface SeenStep {
  lab: Lab
  share: number
}
export interface SeenRow {
  steps: readonly SeenStep[]
  /** Place of the base among them; it counts with the lights. */
  base: number
  /** Height of the figure, mm. */
  sizeMm: number
}

/** Two skins are told apart in the hand, ΔE00, on a 54 mm figure, where nothing is known of the eye; common practice, no source. */
const IN_HAND = 2
/** How fast that grows as the figure is seen smaller; common practice, no source. */
const POWER = 0.9
const angleOf = (sizeMm: number, from: SeenFrom): number => sizeMm / (10 * distances[from].cm)
const USUAL_ANGLE = angleOf(54, 'hand')

/**
 * How far apart, ΔE00, two rows have to be to be told apart at a glance: the smaller the figure is seen, the more.
 * @param inHand what this painter's eye tells apart in the hand.
 * @example readsFrom(54, 'hand') // 2
 */
export const readsFrom = (sizeMm: number, from: SeenFrom, inHand = IN_HAND): number =>
  inHand * Math.max(0.5, (USUAL_ANGLE / angleOf(sizeMm, from)) ** POWER)

/** The mean of some steps by their shares; all alike where none has a share. */
function meanOf(steps: readonly SeenStep[]): Lab {
  const all = steps.reduce((sum, { share }) => sum + share, 0)
  const weight = ({ share }: SeenStep): number => (all > 0 ? share / all : 1 / steps.length)
  const of = (axis: 'L' | 'a' | 'b'): number =>
    steps.reduce((sum, step) => sum + weight(step) * step.lab[axis], 0)
  return { L: of('L'), a: of('a'), b: of('b') }
}

/** What is seen of a row: the mean of its recesses and of its lights, and the height of the figure, mm. */
export interface Seen {
  recess: Lab
  light: Lab
  sizeMm: number
}
/** @example seenOf(row).light.L > seenOf(row).recess.L // true */
export const seenOf = ({ steps, base, sizeMm }: SeenRow): Seen => ({
  sizeMm,
  recess: meanOf(base > 0 ? steps.slice(0, base) : steps.slice(0, 1)),
  light: meanOf(steps.slice(base)),
})

/** How two rows stand to each other from a distance. */
export interface RowsApart {
  /** Between their recesses and between their lights, ΔE00. */
  recess: number
  light: number
  /** So much it takes at this distance. */
  wanted: number
  /** Neither recesses nor lights are told apart. */
  alike: boolean
}

/**
 * Whether two ladders read alike from a distance, recess and light apart (T27).
 * @example rowsApart(row, row, 'table').alike // true
 */
export const rowsApart = (one: SeenRow, other: SeenRow, from: SeenFrom): RowsApart =>
  seenApart(seenOf(one), seenOf(other), from)

/**
 * … as it is seen.
 * @example seenApart(seenOf(row), seenOf(row), 'hand').light // 0
 */
export function seenApart(one: Seen, other: Seen, from: SeenFrom, inHand = IN_HAND): RowsApart {
  const recess = deltaE00(one.recess, other.recess)
  const light = deltaE00(one.light, other.light)
  const wanted = readsFrom(Math.min(one.sizeMm, other.sizeMm), from, inHand)
  return { recess, light, wanted, alike: recess < wanted && light < wanted }
}
