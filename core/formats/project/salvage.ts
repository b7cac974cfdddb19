import type { Project } from '../../project/commission'
import type { FileIssue } from '../../project/issue'
import * as v from 'valibot'
import { issuesOf } from '../json'
import { blankFigure } from '../../project/blank'
import { crossChecks } from '../../project/crossChecks'
import { jsonOf, recognised } from './parse'
import { projectSchema } from './schema'

/** What could be read of stored work, and what had to be left out. */
export interface Salvaged {
  /** Nothing where not even a project could be made out. */
  project?: Project
  left: FileIssue[]
}

type Key = string | number
type Node = Record<Key, unknown>

const isNode = (data: unknown): data is Node => typeof data === 'object' && data !== null
const at = (data: unknown, path: readonly Key[]): unknown =>
  path.reduce<unknown>((node, key) => (isNode(node) ? node[key] : undefined), data)

/** What is put in the place of something that has to be there. */
function standIn(path: readonly Key[], id: string): unknown {
  const blank = blankFigure('figure') as unknown as Node
  if (path.length === 1 && path[0] === 'id') return id
  if (path.length === 1 && path[0] === 'name') return 'Commission'
  if (path.length === 1 && (path[0] === 'figures' || path[0] === 'out')) return []
  if (path[0] === 'figures' && path.length > 2) return at(blank, path.slice(2))
  if (path[0] === 'log') return { who: '', what: '', at: '' }[path[2] as string]
  if (path[0] === 'bottles') return undefined
  return undefined
}

function without(data: Node, path: readonly Key[]): void {
  const parent = at(data, path.slice(0, -1))
  const key = path.at(-1)!
  if (Array.isArray(parent)) parent.splice(Number(key), 1)
  else if (isNode(parent)) delete parent[key]
}

/** A name that no other of a list has. */
function freed(id: string, taken: (id: string) => boolean): string {
  let n = 2
  while (taken(`${id.slice(0, 70)}-${n}`)) n++
  return `${id.slice(0, 70)}-${n}`
}

/** A list or text that is too long is cut to what is allowed; the rest is kept with what was put aside. */
function shortened(
  data: Node,
  path: readonly Key[],
  issue: { type: string; requirement?: unknown },
) {
  if (issue.type !== 'max_length') return false
  const value = at(data, path)
  const parent = at(data, path.slice(0, -1))
  if (!isNode(parent) || !(Array.isArray(value) || typeof value === 'string')) return false
  parent[path.at(-1)!] = value.slice(0, Number(issue.requirement))
  return true
}

const pathOf = (issue: { path?: readonly { key: unknown }[] }): Key[] =>
  (issue.path ?? []).map(({ key }) => key as Key)
const startsWith = (path: readonly Key[], head: readonly Key[]): boolean =>
  head.every((key, i) => path[i] === key)

/** The same place in text: `figures[2].plan` as figures, 2, plan. */
const keysOf = (place: string): Key[] =>
  [...place.matchAll(/[^.[\]]+|\[\d+\]/g)].map(([key]) =>
    key.startsWith('[') ? Number(key.slice(1, -1)) : key,
  )

/** One thing that the schema refuses is cut short, replaced by what is usual, or taken out with what holds it. */
function mend(data: Node, issue: v.BaseIssue<unknown>, id: string): boolean {
  const path = pathOf(issue as never)
  if (path.length === 0) return false
  if (shortened(data, path, issue as never)) return true
  for (let depth = path.length; depth > 0; depth--) {
    const place = path.slice(0, depth)
    const before = structuredClone(at(data, place.slice(0, -1)))
    const parent = at(data, place.slice(0, -1))
    if (!isNode(parent)) continue
    const usual = standIn(place, id)
    if (usual !== undefined) parent[place.at(-1)!] = structuredClone(usual)
    else without(data, place)
    const left = v.safeParse(projectSchema, data)
    const still =
      !left.success &&
      left.issues.some((other) => {
        const where = pathOf(other as never)
        return startsWith(place, where) || (usual !== undefined && startsWith(where, place))
      })
    // An entry that was taken out of a list makes room for the next, which may be wrong in the same way.
    if (!still || Array.isArray(parent)) return true
    const grand = at(data, place.slice(0, -2))
    if (place.length === 1) Object.assign(data, before)
    else if (isNode(grand)) grand[place.at(-2)!] = before
  }
  return false
}

/** What points at nothing or stands twice. */
function mendCrossed(data: Node, { place, message }: FileIssue, paintIds: ReadonlySet<string>) {
  const path = keysOf(place)
  const project = data as unknown as Project
  if (place === 'figure') {
    if (project.figures.length > 0) project.figure = project.figures[0]!.id
    else delete project.figure
  } else if (path[0] === 'figures' && path.at(-1) === 'tone')
    (at(data, path.slice(0, -1)) as Node).tone = blankFigure('figure').tone
  else if (path.at(-1) === 'id' && message.includes('twice')) {
    const list = at(data, path.slice(0, -2)) as { id: string }[]
    const one = list[Number(path.at(-2))]!
    one.id = freed(one.id, (id) => paintIds.has(id) || list.some((other) => other.id === id))
  } else if (path[0] === 'puddles' && path[2] === 'parts') {
    // A mix with a part missing is another mix: it is left out, and what named it follows.
    without(data, path.slice(0, 2))
  } else if (path[2] === 'stack' && path[3] === 'under') without(data, path.slice(0, 3))
  else without(data, path)
}

const MOST_MENDS = 2000

/**
 * Opens stored work as far as it can be: what is wrong is cut short, replaced by what is usual or left out, and each
 * such thing is named. The text itself is for the caller to keep.
 * @param id of the commission, should the work have lost its own.
 * @example salvageProject('{ "figures": ', ids, 'low-tide').issues
 */
export function salvageProject(text: string, paintIds: ReadonlySet<string>, id: string): Salvaged {
  const json = jsonOf(text)
  if (!json.ok) return { left: json.issues }
  const newest = recognised(json.value)
  if (!newest.ok) return { left: newest.issues }
  const data = structuredClone(newest.value) as Node
  const left: FileIssue[] = []
  for (let n = 0; n < MOST_MENDS; n++) {
    const result = v.safeParse(projectSchema, data)
    if (!result.success) {
      const [issue] = result.issues
      left.push(...issuesOf([issue] as never))
      if (!mend(data, issue, id)) return { left }
      continue
    }
    const [crossed] = crossChecks(result.output, paintIds)
    if (!crossed) return { project: result.output, left }
    left.push(crossed)
    mendCrossed(data, crossed, paintIds)
  }
  return { left }
}
