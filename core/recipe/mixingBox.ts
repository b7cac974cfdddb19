import { mixPaints } from '../paint/mix'
import type { Part } from '../paint/mix'
import type { Mixture } from '../paint/mixture'
import type { Paint } from '../paint/paint'
import type { BottleDrops } from '../puddle/parts'
import type { PuddlePart } from '../puddle/puddle'
import { TOUCH } from '../puddle/dispense'
import { isStrong, LET_DOWN, touchesAsDrops, touchOf } from './advice/touches'

/** A strong paint let down once for the evening, in white or medium, and used like a bottle from then on. */
export interface LetDown {
  /** Of the puddle it is. */
  id: string
  name: string
  parts: readonly Part<Paint>[]
}

/**
 * A let-down as a paint: one drop of it is one drop of the puddle.
 * @example letDownPaint({ id: 'x', name: 'grey', parts: [{ paint: black, drops: 1 }, { paint: white, drops: 9 }] }).id // "let-down:x"
 */
export function letDownPaint({ id, name, parts }: LetDown): Paint {
  const sum = parts.reduce((all, { drops }) => all + drops, 0)
  const inside = parts.map(({ paint, drops }) => ({ paint, drops: drops / sum }))
  const all = <T>(of: (paint: Paint) => readonly T[]): T[] => [
    ...new Set(parts.flatMap(({ paint }) => of(paint))),
  ]
  return {
    ...parts[0]!.paint,
    ...mixPaints(inside),
    id: `${LET_DOWN}${id}`,
    name,
    pigments: all(({ pigments }) => pigments),
    hazards: all(({ hazards }) => hazards),
    origin: 'mixed',
  }
}

/** What small puddles are mixed from: the bottles first, then what is not a bottle. */
export interface MixingBox {
  paints: Paint[]
  /** So many of them, the first, are bottles. */
  bottles: number
}

const halves = new WeakMap<Paint, Paint>()
const touches = new WeakMap<Paint, Paint>()
/** The same paint again for the same paint, so that what was mixed of it is known. */
function kept(paint: Paint, share: number, all: WeakMap<Paint, Paint>): Paint {
  const had = all.get(paint)
  if (had) return had
  const made = touchOf(paint, share)
  all.set(paint, made)
  return made
}

/**
 * Let-downs all of whose bottles are there.
 * @example usableLetDowns(box, []) // []
 */
export function usableLetDowns(
  bottles: readonly Paint[],
  letDowns: readonly LetDown[],
): readonly LetDown[] {
  const had = new Set(bottles.map(({ id }) => id))
  return letDowns.filter(({ parts }) => parts.every(({ paint }) => had.has(paint.id)))
}

/**
 * What the puddles of a figure are mixed from: bottles, let-downs all of whose bottles are there, strong bottles in halves,
 * and in touches where they are not let down: a touch is the least steady of all.
 * @param white what tinting strength is told by.
 * @example mixingBox(box, [], white).bottles === box.length // true
 */
export function mixingBox(
  bottles: readonly Paint[],
  letDowns: readonly LetDown[],
  white: Mixture,
): MixingBox {
  const usable = usableLetDowns(bottles, letDowns)
  const down = new Set(usable.flatMap(({ parts }) => parts.map(({ paint }) => paint.id)))
  const strong = bottles.filter((paint) => isStrong(paint, white))
  return {
    paints: [
      ...bottles,
      ...usable.map(letDownPaint),
      ...strong.map((paint) => kept(paint, 0.5, halves)),
      ...strong.filter(({ id }) => !down.has(id)).map((paint) => kept(paint, TOUCH, touches)),
    ],
    bottles: bottles.length,
  }
}

/**
 * What a search found as parts of a puddle: halves and touches as drops of their bottles, let-downs as the puddles they
 * are.
 * @example partsFound([{ paint: 'carbon-black@0.5', drops: 1 }, { paint: 'titanium-white', drops: 3 }])[0].drops // 0.5
 */
export const partsFound = (parts: readonly BottleDrops[]): PuddlePart[] =>
  (parts.length > 0 ? touchesAsDrops(parts) : []).map(({ paint, drops }) => ({
    of: paint.startsWith(LET_DOWN) ? { puddle: paint.slice(LET_DOWN.length) } : { bottle: paint },
    drops,
  }))
