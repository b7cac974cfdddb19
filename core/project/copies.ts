import type { Project } from './commission'
import type { StoredPuddle } from './storedPuddle'
import type { Figure } from './figure'
import { carriedPuddles } from './carriedPuddles'
import { withoutHeld } from './held'
import type { NewId, TakenOver } from './takenOver'

/** What of a figure is carried over to others. */
export const copyable = ['tone', 'ladder', 'coats', 'accents', 'bottles', 'bench'] as const
export type Copyable = (typeof copyable)[number]

const renewed = <T extends { id: string }>(list: readonly T[] | undefined, newId: NewId) =>
  list?.map((one) => ({ ...one, id: newId() }))

/**
 * Parts of one figure as another takes them over. Coats and accents are made anew there: what is done on one
 * is not done on the other; puddles they are painted with come along as the other's own.
 * @param puddles of the commission.
 * @param to id of the figure that takes over.
 * @example takenFrom(figure, [], 'mei', ['tone'], newId).figure.tone
 */
export function takenFrom(
  painted: Figure,
  all: readonly StoredPuddle[],
  to: string,
  what: readonly Copyable[],
  newId: NewId,
): TakenOver {
  // What is held is so of what is painted; on the other nothing is.
  const { figure: source, puddles } = withoutHeld(painted, all)
  const parts: Record<Copyable, Partial<Figure>> = {
    tone: { tone: source.tone },
    ladder: { plan: source.plan },
    coats: {
      // What a method brought to the source is the source's: no method takes it away from there by way of a copy.
      stack: source.stack && {
        ...source.stack,
        coats: renewed(source.stack.coats, newId)!,
        brought: undefined,
      },
    },
    accents: {
      accents: renewed(source.accents, newId),
      details: renewed(source.details, newId),
    },
    bottles: { bottles: source.bottles },
    bench: { bench: source.bench },
  }
  const taken = Object.assign({}, ...what.map((one) => parts[one])) as Partial<Figure>
  return carriedPuddles(structuredClone(taken), puddles, {
    from: source.id,
    to,
    steps: what.includes('ladder'),
    newId,
  })
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
 * @param puddles of the commission.
 * @example secondOf(figure, [], 'Troll 2', true, newId).figure.name // "Troll 2"
 */
export function secondOf(
  source: Figure,
  puddles: readonly StoredPuddle[],
  name: string,
  withCoats: boolean,
  newId: NewId,
): { figure: Figure; puddles: StoredPuddle[] } {
  const {
    stack: _stack,
    accents: _accents,
    details: _details,
    critiques: _critiques,
    ...rest
  } = structuredClone(source)
  const id = newId()
  const what = withCoats ? (['ladder', 'coats', 'accents'] as const) : (['ladder'] as const)
  const taken = takenFrom(source, puddles, id, what, newId)
  const { versions } = rest
  return {
    figure: {
      ...rest,
      ...taken.figure,
      ...(versions ? { versions: renewed(versions, newId) } : {}),
      id,
      name,
    },
    puddles: taken.puddles,
  }
}

/**
 * A second commission like one: figures with their own ids, their log and bench left behind.
 * @example secondCommission(project, 'Again', newId).name // "Again"
 */
export function secondCommission(project: Project, name: string, newId: NewId): Project {
  const {
    log: _log,
    done: _done,
    timers: _timers,
    mixed: _mixed,
    puddles = [],
    ...rest
  } = structuredClone(project)
  const groups = new Map(rest.groups?.map(({ id }) => [id, newId()]))
  const made = rest.figures.map((figure) => secondOf(figure, puddles, figure.name, true, newId))
  const ids = new Map(rest.figures.map(({ id }, i) => [id, made[i]!.figure.id]))
  const own = [
    ...puddles.filter(({ figure }) => figure === undefined),
    ...made.flatMap((one) => one.puddles),
  ]
  return {
    ...rest,
    id: newId(),
    name,
    ...(rest.figure ? { figure: ids.get(rest.figure)! } : {}),
    ...(rest.groups
      ? { groups: rest.groups.map((group) => ({ ...group, id: groups.get(group.id)! })) }
      : {}),
    ...(own.length > 0 ? { puddles: own } : {}),
    figures: made.map(({ figure }) => ({
      ...figure,
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
