import type { Lab } from '../colour/lab'
import type { Paint } from '../paint/paint'
import { isStrong } from '../recipe/advice/touches'
import { letDownPaint } from '../recipe/mixingBox'
import type { LetDown } from '../recipe/mixingBox'
import { bestSet } from './bestSet'
import { SetTable } from './setTable'

/** Drops of white to one of the strong bottle: one let down 1 : 9 drops as finely as a touch, and steadily. */
export const LET_DOWN_WHITE = 9
/** Most let-downs that are worth the wells they stand in; common practice, no source. */
const MOST_LET_DOWN = 3
/** Each has to bring the mean so much nearer, ΔE00; less is not worth a well. */
const EARNS = 0.25
/** Strong bottles that are weighed at most, the strongest of the box first in it. */
const MOST_WEIGHED = 12

export interface LetDownsRequest {
  /** Bottles on the table. */
  paints: readonly Paint[]
  white: Paint
  /** What all figures aim at. */
  targets: readonly Lab[]
  /** Drops of a puddle at most. */
  maxDrops: number
}

/** So many let-downs, and how far all mixes of whole drops are off with them, mean ΔE00. */
export interface LetDownsFound {
  /** Bottles that are let down, by id. */
  ids: string[]
  mean: number
}

/**
 * A strong bottle let down in white.
 * @example letDownInWhite(black, white).parts[1].drops // 9
 */
export const letDownInWhite = (paint: Paint, white: Paint): LetDown => ({
  id: paint.id,
  name: `${paint.name}, let down`,
  parts: [
    { paint, drops: 1 },
    { paint: white, drops: LET_DOWN_WHITE },
  ],
})

/**
 * Which strong bottles to let down once for the evening: none first, then the best one, two, three of all choices, as
 * long as each earns its well. Mixes of up to three paints in whole drops are weighed; every choice is (branch and bound,
 * `bestSet`).
 * @throws RangeError for no target.
 * @example [...letDowns({ paints: box, white, targets, maxDrops: 4 })].at(-1)[0].ids // []
 */
export function* letDowns({
  paints,
  white,
  targets,
  maxDrops,
}: LetDownsRequest): Generator<LetDownsFound[], LetDownsFound[]> {
  const strong = paints
    .filter((paint) => paint.id !== white.id && isStrong(paint, white))
    .slice(0, MOST_WEIGHED)
  const all = [...paints, ...strong.map((paint) => letDownPaint(letDownInWhite(paint, white)))]
  const table = new SetTable(all.length, targets.length)
  for (const _ of table.fill(all, targets, maxDrops)) yield []
  const pinned = paints.map((_, i) => i)
  const found: LetDownsFound[] = []
  for (let many = 0; many <= Math.min(MOST_LET_DOWN, strong.length); many++) {
    const search = bestSet(table, { size: paints.length + many, pinned })
    let next = search.next()
    while (!next.done) {
      yield found
      next = search.next()
    }
    const { set, mean } = next.value
    const before = found.at(-1)
    if (before && before.mean - mean < EARNS) break
    const ids = set.slice(paints.length).map((place) => strong[place - paints.length]!.id)
    found.push({ ids, mean })
  }
  return found
}
