import type { Paint } from '../../paint/paint'
import { isBottle } from '../../puddle/puddle'
import type { PuddlePart } from '../../puddle/puddle'
import { nearestPaints } from '../../recipe/advice/likeness'
import type { Likeness } from '../../recipe/advice/likeness'
import { isStep } from './method'
import type { Method, MethodMix } from './method'

/**
 * Bottles that a method names by themselves: its undercoat's and those of its own mixes, each once.
 * @example methodBottles(methods[0])[0] // "burnt-umber"
 */
export const methodBottles = ({ under, coats }: Method): string[] => [
  ...new Set([
    ...(under.kind === 'flat' ? [under.bottle] : [under.dark, under.light]),
    ...coats.flatMap(({ mix }) => (isStep(mix) ? [] : mix.parts.map(([id]) => id))),
  ]),
]

/** A bottle that is needed and that is not in, with the nearest that is. */
export interface MissingBottle {
  id: string
  /** Nothing where no bottle is in, or where the bottle has gone from the box altogether. */
  standIn?: Likeness
}

/**
 * Bottles that are not in, each with its nearest stand-in by CIEDE2000 of the opaque coats.
 * @param paintOf a paint by id, nothing where there is none.
 * @example missingBottles(['yellow-ochre'], [white], paintOf)[0].id // "yellow-ochre"
 */
export function missingBottles(
  needed: readonly string[],
  paintsIn: readonly Paint[],
  paintOf: (id: string) => Paint | undefined,
): MissingBottle[] {
  const has = new Set(paintsIn.map(({ id }) => id))
  return needed
    .filter((id) => !has.has(id))
    .map((id) => {
      const paint = paintOf(id)
      const [standIn] = paint ? nearestPaints(paint, paintsIn, 1) : []
      return { id, ...(standIn ? { standIn } : {}) }
    })
}

/** Bottles by the ids of those in whose place they stand. */
export type StandIns = ReadonlyMap<string, string>

/**
 * Parts of a puddle with other bottles in the place of some; drops of one bottle are put together.
 * @example partsWithStandIns([{ of: { bottle: 'yellow-ochre' }, drops: 2 }], new Map([['yellow-ochre', 'burnt-umber']])) // [{"of":{"bottle":"burnt-umber"},"drops":2}]
 */
export function partsWithStandIns(parts: readonly PuddlePart[], standIns: StandIns): PuddlePart[] {
  const made: PuddlePart[] = []
  for (const { of, drops } of parts) {
    const next = isBottle(of) ? { bottle: standIns.get(of.bottle) ?? of.bottle } : of
    const had = isBottle(next)
      ? made.find((part) => isBottle(part.of) && part.of.bottle === next.bottle)
      : undefined
    if (had) had.drops += drops
    else made.push({ of: next, drops })
  }
  return made
}

/**
 * The same method with other bottles in the place of some.
 * @example withStandIns(methods[0], new Map([['burnt-umber', 'raw-umber']])).under.bottle // "raw-umber"
 */
export function withStandIns(method: Method, standIns: StandIns): Method {
  const swapped = (id: string): string => standIns.get(id) ?? id
  const { under } = method
  const known = new Map<MethodMix, MethodMix>()
  const mixOf = (mix: MethodMix): MethodMix => {
    const drops = new Map<string, number>()
    for (const [id, n] of mix.parts) drops.set(swapped(id), (drops.get(swapped(id)) ?? 0) + n)
    const made = known.get(mix) ?? { name: mix.name, parts: [...drops] }
    known.set(mix, made)
    return made
  }
  return {
    ...method,
    under:
      under.kind === 'flat'
        ? { ...under, bottle: swapped(under.bottle) }
        : { ...under, dark: swapped(under.dark), light: swapped(under.light) },
    coats: method.coats.map((coat) =>
      isStep(coat.mix) ? coat : { ...coat, mix: mixOf(coat.mix) },
    ),
  }
}
