import type { NewId, TakenOver } from './takenOver'
import type { StoredPuddle } from './storedPuddle'
import { stepOf, stepPuddle } from './storedPuddle'
import type { Figure } from './figure'
import { isBottle, sameParts } from '../puddle/puddle'
import type { Ingredient, PuddlePart } from '../puddle/puddle'

interface Way {
  from: string
  to: string
  /** Steps of the ladder that the painter has settled come along too. */
  steps: boolean
  newId: NewId
}

const sameMix = (one: StoredPuddle, other: StoredPuddle): boolean =>
  one.name === other.name && sameParts(one.parts, other.parts)

/**
 * What one figure takes over from another, with puddles of its own in the place of the other's: a step becomes the
 * same step of its own ladder, a mix is carried over with all that it holds, or is the one it has already.
 */
export function carriedPuddles(
  taken: Partial<Figure>,
  puddles: readonly StoredPuddle[],
  { from, to, steps, newId }: Way,
): TakenOver {
  const stored = new Map(puddles.map((one) => [one.id, one]))
  const had = puddles.filter(({ figure }) => figure === to)
  const made = new Map<string, StoredPuddle>()
  const ids = new Map<string, string>()
  function idOf(id: string): string {
    const known = ids.get(id)
    if (known) return known
    const puddle = stored.get(id)
    const step = stepOf(from, id)
    if (step) {
      ids.set(id, stepPuddle(to, step))
      if (steps && puddle) carry(puddle, stepPuddle(to, step))
      return ids.get(id)!
    }
    if (!puddle || puddle.figure !== from) return id
    const next = newId()
    ids.set(id, next)
    const copy = carry(puddle, next)
    const same = had.find((one) => sameMix(one, copy))
    if (same) {
      made.delete(next)
      ids.set(id, same.id)
    }
    return ids.get(id)!
  }
  const ingredient = (of: Ingredient): Ingredient =>
    isBottle(of) ? of : { puddle: idOf(of.puddle) }
  function carry(puddle: StoredPuddle, id: string): StoredPuddle {
    const parts: PuddlePart[] = puddle.parts.map(({ of, drops }) => ({ of: ingredient(of), drops }))
    const copy = { ...puddle, id, figure: to, parts }
    made.set(id, copy)
    return copy
  }
  if (steps) for (const { id, figure } of puddles) if (figure === from && stepOf(from, id)) idOf(id)
  const { stack, accents, details } = taken
  const optional = (of: Ingredient | undefined) => of && ingredient(of)
  const figure: Partial<Figure> = { ...taken }
  if (stack)
    figure.stack = {
      ...stack,
      under:
        stack.under.kind === 'flat'
          ? { kind: 'flat', of: ingredient(stack.under.of) }
          : {
              ...stack.under,
              dark: ingredient(stack.under.dark),
              light: ingredient(stack.under.light),
            },
      coats: stack.coats.map((coat) => ({ ...coat, of: ingredient(coat.of) })),
    }
  if (accents)
    figure.accents = accents.map((one) => (one.of ? { ...one, of: ingredient(one.of) } : one))
  if (details)
    figure.details = details.map((one) => {
      const { shadow, middle, light, ...rest } = one
      const given = { shadow: optional(shadow), middle: optional(middle), light: optional(light) }
      const kept = Object.entries(given).filter(([, of]) => of !== undefined)
      return { ...rest, ...(Object.fromEntries(kept) as Partial<typeof one>) }
    })
  return { figure, puddles: [...made.values()] }
}
