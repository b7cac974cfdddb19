import type { Project } from './commission'
import { dequal } from 'dequal/lite'
import { keyed } from './keyed'
import type { Keyed } from './keyed'

type Fields = Record<string, unknown>

const plainObject = (one: unknown): one is Fields =>
  typeof one === 'object' && one !== null && !Array.isArray(one)

/** Which figure is open: no window disagrees with another about it. */
const OPEN = 'figure'

/** Keys of a list with those of another put in, each after the one it came after there. */
function together(frame: Keyed, other: Keyed): string[] {
  const after = new Map<string, string[]>()
  let before = ''
  for (const key of other.keys())
    if (frame.has(key)) before = key
    else after.set(before, [...(after.get(before) ?? []), key])
  return [
    ...(after.get('') ?? []),
    ...[...frame.keys()].flatMap((key) => [key, ...(after.get(key) ?? [])]),
  ]
}

class Merge {
  readonly conflicts: string[] = []

  any(base: unknown, mine: unknown, theirs: unknown, place: string): unknown {
    if (place === OPEN) return mine
    if (dequal(mine, theirs) || dequal(base, theirs)) return mine
    if (dequal(base, mine)) return theirs
    if (plainObject(mine) && plainObject(theirs))
      return this.fields(plainObject(base) ? base : {}, mine, theirs, place)
    if (Array.isArray(mine) && Array.isArray(theirs)) {
      const lists = [Array.isArray(base) ? base : [], mine, theirs].map(keyed)
      if (lists.every((list) => list !== undefined))
        return this.items(lists as [Keyed, Keyed, Keyed], place)
    }
    // Taken out by one and changed by the other: what was changed stays.
    if (mine === undefined || theirs === undefined) return mine ?? theirs
    this.conflicts.push(place)
    return mine
  }

  private fields(base: Fields, mine: Fields, theirs: Fields, place: string): Fields {
    const made: Fields = {}
    for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
      const inside = place ? `${place}.${key}` : key
      const value = this.any(base[key], mine[key], theirs[key], inside)
      if (value !== undefined) made[key] = value
    }
    return made
  }

  /** Item by item; whoever has changed the order has it. */
  private items([base, mine, theirs]: [Keyed, Keyed, Keyed], place: string): unknown[] {
    const inBase = [...mine.keys()].filter((key) => base.has(key))
    const moved = !dequal(
      inBase,
      [...base.keys()].filter((key) => mine.has(key)),
    )
    const keys = moved ? together(mine, theirs) : together(theirs, mine)
    return keys.flatMap((key) => {
      const one = this.any(base.get(key), mine.get(key), theirs.get(key), `${place}[${key}]`)
      return one === undefined ? [] : [one]
    })
  }
}

/** Two states of a commission that came of the same one, put together. */
export interface Merged {
  project: Project
  /** Where both had changed the same thing to something else; mine stands there. */
  conflicts: string[]
}

/**
 * Puts together what two windows made of the same commission (three-way merge): what only one of them changed is as
 * that one left it. Lists of things with ids are merged thing by thing, others as a whole. The result is not checked.
 * @param base what both began with, plain data as all three.
 * @example mergeProjects(project, { ...project, name: 'Ebb' }, project).project.name // "Ebb"
 */
export function mergeProjects(base: Project, mine: Project, theirs: Project): Merged {
  const merge = new Merge()
  const project = merge.any(base, mine, theirs, '') as Project
  const { figures } = project
  const there = (id: string | undefined): boolean => figures.some((one) => one.id === id)
  // Which figure is open is each window's own; one that has gone gives way.
  const figure = [mine.figure, theirs.figure].find(there) ?? figures[0]?.id
  const { figure: _open, ...rest } = project
  return {
    project: figure === undefined ? rest : { ...project, figure },
    conflicts: merge.conflicts,
  }
}
