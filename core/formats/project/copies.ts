import type { Figure } from './figureSchema'
import type { Project } from './schema'

/** Makes an id that nothing else has. */
export type NewId = () => string

/** What of a figure is carried over to others. */
export const copyable = ['tone', 'ladder', 'coats', 'accents', 'bottles', 'bench'] as const
export type Copyable = (typeof copyable)[number]

const renewed = <T extends { id: string }>(list: readonly T[] | undefined, newId: NewId) =>
  list?.map((one) => ({ ...one, id: newId() }))

/**
 * Parts of one figure as another takes them over. Coats and accents are made anew there: what is done on one
 * is not done on the other.
 * @example takenFrom(figure, ['tone'], newId).tone
 */
export function takenFrom(
  source: Figure,
  what: readonly Copyable[],
  newId: NewId,
): Partial<Figure> {
  const all: Record<Copyable, Partial<Figure>> = {
    tone: { tone: source.tone },
    ladder: { plan: source.plan },
    coats: {
      stack: source.stack && { ...source.stack, coats: renewed(source.stack.coats, newId)! },
    },
    accents: { accents: renewed(source.accents, newId) },
    bottles: { bottles: source.bottles },
    bench: { bench: source.bench },
  }
  return structuredClone(Object.assign({}, ...what.map((one) => all[one])) as Partial<Figure>)
}

/**
 * A name with a number that no other has: “Troll 2”.
 * @example nextName('Troll', ['Troll']) // "Troll 2"
 */
export function nextName(name: string, taken: readonly string[], most = 120): string {
  const stem = name.replace(/ \d+$/, '')
  let n = 2
  const made = () => `${stem.slice(0, most - String(n).length - 1)} ${n}`
  while (taken.includes(made())) n++
  return made()
}

/**
 * A second figure like one: its own ids, nothing done on it yet.
 * @example secondOf(figure, 'Troll 2', true, newId).name // "Troll 2"
 */
export function secondOf(figure: Figure, name: string, withCoats: boolean, newId: NewId): Figure {
  const { stack: _stack, accents: _accents, versions, ...rest } = structuredClone(figure)
  return {
    ...rest,
    ...(withCoats ? takenFrom(figure, ['coats', 'accents'], newId) : {}),
    ...(versions ? { versions: renewed(versions, newId) } : {}),
    id: newId(),
    name,
  }
}

/**
 * A second commission like one: figures with their own ids, their log and bench left behind.
 * @example secondCommission(project, 'Again', newId).name // "Again"
 */
export function secondCommission(project: Project, name: string, newId: NewId): Project {
  const { log: _log, done: _done, timers: _timers, ...rest } = structuredClone(project)
  const ids = new Map(rest.figures.map(({ id }) => [id, newId()]))
  const groups = new Map(rest.groups?.map(({ id }) => [id, newId()]))
  return {
    ...rest,
    id: newId(),
    name,
    ...(rest.figure ? { figure: ids.get(rest.figure)! } : {}),
    ...(rest.groups
      ? { groups: rest.groups.map((group) => ({ ...group, id: groups.get(group.id)! })) }
      : {}),
    figures: rest.figures.map((figure) => ({
      ...secondOf(figure, figure.name, true, newId),
      id: ids.get(figure.id)!,
      ...(figure.group ? { group: groups.get(figure.group)! } : {}),
      ...(figure.bench?.along
        ? {
            bench: {
              ...figure.bench,
              along: figure.bench.along.flatMap((other) => ids.get(other) ?? []),
            },
          }
        : {}),
    })),
  }
}
