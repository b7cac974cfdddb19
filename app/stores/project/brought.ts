import type { Draft } from 'immer'
import { ingredientsOf, isBottle } from '../../../core'
import type { Figure, FigureStack, Ingredient, Project, Puddle } from '../../../core'

/**
 * What a figure's last method brought along goes with it, but for what was changed by hand or is used otherwise.
 * @param next what takes its place, with the puddles that come along.
 * @returns ids of what was brought before and stays, as the next one uses it too.
 */
export function takeBroughtAway(
  draft: Draft<Project>,
  figure: Draft<Figure>,
  next: { stack: FigureStack; puddles: readonly Puddle[] },
): string[] {
  const brought = new Set(figure.stack?.brought)
  if (brought.size === 0) return []
  figure.accents = figure.accents?.filter(({ id }) => !brought.has(id))
  const puddles = draft.puddles ?? []
  const known = new Map<string, readonly { of: Ingredient }[]>(
    [...puddles, ...next.puddles].map(({ id, parts }) => [id, parts]),
  )
  const used = new Set<string>()
  const use = (of: Ingredient | undefined): void => {
    if (!of || isBottle(of) || used.has(of.puddle)) return
    used.add(of.puddle)
    for (const part of known.get(of.puddle) ?? []) use(part.of)
  }
  for (const of of ingredientsOf(next.stack)) use(of)
  for (const { parts } of next.puddles) for (const { of } of parts) use(of)
  for (const { id, parts } of puddles) if (!brought.has(id)) for (const { of } of parts) use(of)
  for (const { of } of figure.accents ?? []) use(of)
  for (const { shadow, middle, light } of figure.details ?? [])
    for (const of of [shadow, middle, light]) use(of)
  draft.puddles = puddles.filter(
    ({ id, figure: whose }) => whose !== figure.id || !brought.has(id) || used.has(id),
  )
  return draft.puddles.filter(({ id }) => brought.has(id)).map(({ id }) => id)
}

/**
 * A stack in the place of another: a coat of the same kind at the same place is the same coat, so that what was done of
 * it is known, and can be asked about where it is another mix now.
 */
export function withCoatsOf(had: FigureStack | undefined, next: FigureStack): FigureStack {
  const left = [...(had?.coats ?? [])]
  const coats = next.coats.map((coat) => {
    const at = left.findIndex(
      ({ kind, place }) =>
        kind === coat.kind && JSON.stringify(place) === JSON.stringify(coat.place),
    )
    return at < 0 ? coat : { ...coat, id: left.splice(at, 1)[0]!.id }
  })
  return { ...next, coats }
}

/** What the painter changes is theirs: no method takes it away again. */
export function keepAsOwn(figures: readonly Draft<Figure>[], id: string): void {
  for (const { stack } of figures)
    if (stack?.brought?.includes(id)) stack.brought = stack.brought.filter((one) => one !== id)
}
