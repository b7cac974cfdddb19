import type { Draft } from 'immer'
import { isBottle, longest, sameParts, standInFor } from '../../../core'
import type {
  BottleDrops,
  Figure,
  FigureStack,
  Ingredient,
  Project,
  PuddlePart,
} from '../../../core'
import { newId } from '../../vault/newId'
import { plain } from './work'

type Swap = (parts: readonly PuddlePart[]) => PuddlePart[]

const swapBottles = (
  parts: readonly BottleDrops[],
  next: (of: Ingredient) => Ingredient,
): BottleDrops[] =>
  parts.map(({ paint, drops }) => {
    const of = next({ bottle: paint })
    return { paint: isBottle(of) ? of.bottle : paint, drops }
  })

/** What a figure lays and glazes with, each put through the same. */
function throughout(
  figure: Draft<Figure>,
  stack: FigureStack,
  next: (of: Ingredient) => Ingredient,
): void {
  const { under, coats } = stack
  figure.stack = plain({
    ...stack,
    under:
      under.kind === 'flat'
        ? { ...under, of: next(under.of) }
        : { ...under, dark: next(under.dark), light: next(under.light) },
    coats: coats.map((coat) => ({ ...coat, of: next(coat.of) })),
  })
  for (const one of figure.accents ?? []) if (one.of) one.of = plain(next(plain(one.of)))
  for (const one of figure.details ?? []) {
    for (const tone of one.poured ?? []) {
      tone.parts = swapBottles(plain(tone.parts), next)
      if (tone.ofMiddle) tone.ofMiddle.bottle = swapBottles([plain(tone.ofMiddle.bottle)], next)[0]!
    }
    for (const key of ['shadow', 'middle', 'light'] as const) {
      const of = one[key]
      if (of) one[key] = plain(next(plain(of)))
    }
  }
}

/**
 * Other bottles stand in for some in everything that one figure is painted with. A mix of the whole commission stays as
 * it is for the others: the figure gets one of its own. What a mix is called it is: a violet of black is none.
 */
export function putStandIns(
  draft: Draft<Project>,
  figure: Draft<Figure>,
  stack: FigureStack,
  swap: Swap,
): void {
  const puddles = (draft.puddles ??= [])
  const renamed = (name: string | undefined): { name?: string } =>
    name ? { name: standInFor(name).slice(0, longest.shortName) } : {}
  /** Ids of the figure's own copies of mixes that are of all. */
  const copies = new Map<string, string>()
  const byId = new Map(puddles.map((one) => [one.id, one]))
  function next(of: Ingredient): Ingredient {
    if (isBottle(of)) return swap([{ of, drops: 1 }])[0]!.of
    const one = byId.get(of.puddle)
    if (!one || one.figure !== undefined) return of
    const known = copies.get(of.puddle)
    if (known) return { puddle: known }
    const parts = swapped(plain(one.parts))
    if (sameParts(parts, plain(one.parts))) return of
    const id = newId()
    copies.set(of.puddle, id)
    puddles.push(plain({ id, ...renamed(one.name), figure: figure.id, parts }))
    return { puddle: id }
  }
  const swapped: Swap = (parts) =>
    swap(parts).map(({ of, drops }) => ({ of: isBottle(of) ? of : next(of), drops }))
  for (const puddle of [...puddles]) {
    if (puddle.figure !== figure.id) continue
    const parts = swapped(plain(puddle.parts))
    if (sameParts(parts, plain(puddle.parts))) continue
    puddle.parts = plain(parts)
    Object.assign(puddle, renamed(puddle.name))
  }
  throughout(figure, stack, next)
}
