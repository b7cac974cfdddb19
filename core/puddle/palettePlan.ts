import type { BottleDrops } from './parts'
import { bottlesIn } from './content'
import { dispensed, TOUCH } from './dispense'
import type { Dispensed } from './dispense'
import { dropsIn } from './drops'
import { ingredientKey, isBottle } from './puddle'
import type { Ingredient, PartsOf, PuddlePart } from './puddle'

/** What stays where a puddle stood that is only poured from, drops (from memory). */
const KEPT_OF_POURED = 0.5
/** What stays in brush and on palette is not known to a touch: nothing more is poured for the last of it. */
const UNSURE = TOUCH

/** A puddle, or a bottle as it is, that is painted with, and how much of it. */
export interface Wanted {
  of: Ingredient
  /** Drops of paint, thinner not counted. */
  drops: number
  /** … and what stays in the brush and on the palette of it, which is never painted. */
  kept: number
}

/** One puddle as it is mixed, or a bottle as it is poured out: how much, what for, and what is left. */
export interface PlannedPuddle {
  of: Ingredient
  parts: readonly PuddlePart[]
  /** What is given of each part. */
  given: Dispensed
  /** Drops that are painted with. */
  painted: number
  /** Drops that stay in the brush and on the palette. */
  kept: number
  /** Drops that go into other puddles. */
  poured: { into: Ingredient; drops: number }[]
  /** Drops over: what could not be dispensed any smaller. */
  left: number
}

export interface PalettePlan {
  /** In the order of mixing: what is poured from stands before what it is poured into. */
  puddles: PlannedPuddle[]
  /** Drops out of every bottle. */
  bottles: BottleDrops[]
}

/**
 * How much is mixed of a puddle of which so much is painted and poured on, and what of it stays and is left.
 * @param kept drops that usually stay in brush and on palette.
 * @example pourOf([{ of: { bottle: 'yellow-ochre' }, drops: 1 }], 3, 1).given.drops // [4]
 */
export function pourOf(
  parts: readonly PuddlePart[],
  used: number,
  kept: number,
): Pick<PlannedPuddle, 'given' | 'kept' | 'left'> {
  const given = dispensed(
    parts.map(({ drops }) => drops),
    used + Math.max(0, kept - UNSURE),
    // What is poured of puddles is a plain ratio of them.
    parts.every(({ of }) => isBottle(of)),
  )
  const stays = Math.min(kept, given.total - used)
  return { given, kept: stays, left: given.total - used - stays }
}

/**
 * How much of every puddle is mixed, so that each holds what is painted with it and what goes into others, in amounts
 * that can be dispensed. A puddle that is only poured from is mixed for that alone.
 * @throws PuddleError for a mix that is not there or holds itself.
 * @example palettePlan([{ of: { puddle: 'flesh' }, drops: 4, kept: 1 }], () => [{ of: { bottle: 'yellow-ochre' }, drops: 1 }]).puddles[0].given.drops // [5]
 */
export function palettePlan(wanted: readonly Wanted[], partsOf: PartsOf): PalettePlan {
  const inside = (of: Ingredient): readonly PuddlePart[] =>
    isBottle(of) ? [{ of, drops: 1 }] : partsOf(of.puddle)!
  // Sources first; every puddle has to be there, and none may hold itself.
  const order = new Map<string, Ingredient>()
  const visit = (of: Ingredient): void => {
    const key = ingredientKey(of)
    if (order.has(key)) return
    if (!isBottle(of)) for (const part of inside(of)) if (!isBottle(part.of)) visit(part.of)
    order.set(key, of)
  }
  const painted = new Map<string, number>()
  const stays = new Map<string, number>()
  for (const { of, drops, kept } of wanted) {
    bottlesIn([{ of, drops: 1 }], partsOf)
    visit(of)
    const key = ingredientKey(of)
    painted.set(key, (painted.get(key) ?? 0) + drops)
    // It is kept once, however often it is painted with.
    stays.set(key, Math.max(stays.get(key) ?? 0, kept))
  }
  const poured = new Map<string, { into: Ingredient; drops: number }[]>()
  const puddles = [...order]
    .toReversed()
    .map(([key, of]): PlannedPuddle => {
      const parts = inside(of)
      const out = poured.get(key) ?? []
      const own = painted.get(key) ?? 0
      const kept = stays.get(key) ?? (isBottle(of) ? 0 : KEPT_OF_POURED)
      const pour = pourOf(parts, own + dropsIn(out), kept)
      if (!isBottle(of))
        parts.forEach((part, i) => {
          if (isBottle(part.of)) return
          const from = ingredientKey(part.of)
          const drops = pour.given.drops[i]! * pour.given.times
          poured.set(from, [...(poured.get(from) ?? []), { into: of, drops }])
        })
      return { of, parts, painted: own, poured: out, ...pour }
    })
    .reverse()
  return { puddles, bottles: takenFromBottles(puddles) }
}

/**
 * Drops that puddles take from bottles as they are mixed.
 * @example takenFromBottles([]) // []
 */
export function takenFromBottles(
  puddles: readonly Pick<PlannedPuddle, 'parts' | 'given'>[],
): BottleDrops[] {
  const taken = new Map<string, number>()
  for (const { parts, given } of puddles)
    parts.forEach(({ of }, i) => {
      if (isBottle(of))
        taken.set(of.bottle, (taken.get(of.bottle) ?? 0) + given.drops[i]! * given.times)
    })
  return [...taken].map(([paint, drops]) => ({ paint, drops }))
}
