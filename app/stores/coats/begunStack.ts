import { isBottle, zonesOf } from '../../../core'
import type { FigureStack, Ingredient, MadeMethod, Method, Puddle, Tone } from '../../../core'
import { newId } from '../../vault/newId'

/** A method that was made for a figure as it is stored: every coat and mix with an id of its own, and places of life. */
export function begunStack(
  method: Method,
  { plan, puddles }: MadeMethod,
  tone: Tone,
): [stack: FigureStack, puddles: Puddle[], accents: string[]] {
  const ids = new Map(puddles.map(({ id }) => [id, newId()]))
  const own = (of: Ingredient): Ingredient =>
    isBottle(of) ? of : { puddle: ids.get(of.puddle) ?? of.puddle }
  const { under } = plan
  const stack = {
    method: method.key,
    under:
      under.kind === 'flat'
        ? { ...under, of: own(under.of) }
        : { ...under, dark: own(under.dark), light: own(under.light) },
    coats: plan.coats.map((coat) => ({ ...coat, id: newId(), of: own(coat.of) })),
  } as FigureStack
  const known = new Set(zonesOf(tone).map(({ key }) => key))
  return [
    stack,
    puddles.map((puddle) => ({
      ...puddle,
      id: ids.get(puddle.id)!,
      parts: puddle.parts.map(({ of, drops }) => ({ of: own(of), drops })),
    })),
    (method.accents?.[tone.kind] ?? []).filter((place) => known.has(place)),
  ]
}
