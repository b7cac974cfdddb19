import { isBottle, sameParts } from '../puddle/puddle'
import type { PuddlePart } from '../puddle/puddle'
import { ingredientKey } from '../puddle/puddle'
import { takenFrom } from './copies'
import type { Figure } from './figure'
import { otherBottles } from './otherBottles'
import type { StoredPuddle } from './storedPuddle'
import type { NewId } from './takenOver'

/** What of a figure is handed on; versions, photographs, and what was done at the bench stay at home. */
export const HANDED_ON = ['tone', 'ladder', 'coats', 'accents'] as const

/** Two bottles for which one stands are that one, with the drops of both. */
function merged(parts: readonly PuddlePart[]): PuddlePart[] {
  const found = new Map<string, PuddlePart>()
  for (const part of parts) {
    const key = ingredientKey(part.of)
    const had = found.get(key)
    found.set(key, had ? { ...had, drops: had.drops + part.drops } : part)
  }
  return [...found.values()]
}

/**
 * A figure from elsewhere with ids of this commission: its mixes from the bottles that stand for those it was mixed from.
 * @param had puddles that are there already: a let-down that is the same is that one.
 * @param bottleFor the bottle here for one of there.
 * @example takeGiven(given, [], (id) => id, newId).figure.name // "Mei"
 */
export function takeGiven(
  given: { figure: Figure; puddles: readonly StoredPuddle[] },
  had: readonly StoredPuddle[],
  bottleFor: (id: string) => string,
  newId: NewId,
): { figure: Figure; puddles: StoredPuddle[] } {
  const { figure, puddles } = otherBottles(given, bottleFor)
  const whole = puddles.map((one) => ({ ...one, parts: merged(one.parts) }))
  const letDowns = new Map(
    whole
      .filter(({ letDown }) => letDown)
      .map((one) => {
        const same = had.find(({ letDown, parts }) => letDown && sameParts(parts, one.parts))
        return [one.id, same ?? { ...one, id: newId() }] as const
      }),
  )
  const id = newId()
  const own = whole.filter(({ letDown }) => !letDown)
  const taken = takenFrom(figure, own, id, HANDED_ON, newId)
  const poured = taken.puddles.map((one) => ({
    ...one,
    parts: one.parts.map(({ of, drops }) => {
      const letDown = isBottle(of) ? undefined : letDowns.get(of.puddle)
      return { of: letDown ? { puddle: letDown.id } : of, drops }
    }),
  }))
  const made = [...letDowns.values()].filter((one) => !had.includes(one))
  return { figure: { ...figure, ...taken.figure, id }, puddles: [...made, ...poured] }
}
