import type { Project } from '../../project/commission'
import type { FileIssue } from '../../project/issue'
import * as v from 'valibot'
import { NO_NAMES } from '../fields'
import { issuesOf } from '../json'
import { crossChecks } from '../../project/crossChecks'
import { projectSchema } from './schema'

type Path = readonly (string | number)[]
type AnySchema = v.GenericSchema & {
  type: string
  entries?: Record<string, AnySchema>
  item?: AnySchema
  wrapped?: AnySchema
  pipe?: readonly { kind: string }[]
}

/** Lists that are long are looked at entry by entry, lists of a figure's own as a whole. */
const DEEPEST = 3

/** Whether a list has more in it than is allowed: the part of its schema that looks at no entry. */
function lengthIssues(schema: AnySchema, list: unknown[], at: Path): FileIssue[] {
  const counts = (schema.pipe ?? []).filter(({ kind }) => kind === 'validation') as unknown as {
    '~run': (dataset: object, config: object) => { issues?: { message: string }[] }
  }[]
  return counts.flatMap((count) =>
    (count['~run']({ typed: true, value: list }, {}).issues ?? []).map(({ message }) => ({
      place: placeOf(at),
      message,
    })),
  )
}

const placeOf = (path: Path): string =>
  path
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`))
    .join('')
    .replace(/^\./, '')

/** What is wrong in the part of some data that a change touched. */
function issuesAt(schema: AnySchema, data: unknown, path: Path, depth: number): FileIssue[] {
  const inner = schema.type === 'optional' ? schema.wrapped! : schema
  const key = path[depth]
  if (depth < DEEPEST && key !== undefined && typeof data === 'object' && data !== null) {
    if (inner.type === 'object' && inner.entries![key])
      return issuesAt(inner.entries![key], (data as never)[key], path, depth + 1)
    if (inner.type === 'array' && Array.isArray(data)) {
      const counted = lengthIssues(inner, data, path.slice(0, depth))
      if (counted.length > 0 || typeof key !== 'number' || key >= data.length) return counted
      return issuesAt(inner.item!, data[key], path, depth + 1)
    }
  }
  const result = v.safeParse(schema, data)
  if (result.success) return []
  const before = placeOf(path.slice(0, depth))
  return issuesOf(result.issues).map(({ place, message }) => ({
    place: place === 'the file' ? before : `${before}${place.startsWith('[') ? '' : '.'}${place}`,
    message,
  }))
}

/**
 * What a change would make wrong: only the parts that it touched are looked at, so that a slider on one figure
 * costs the same whether there are five figures or five hundred.
 * @param touched where the change wrote, as paths.
 * @param paintIds paints that are there beside those of the project.
 * @example checkChange(project, [['name']], ids) // []
 */
export function checkChange(
  next: Project,
  touched: readonly Path[],
  paintIds: ReadonlySet<string>,
): FileIssue[] {
  const parts = new Map(
    touched.map((path) => [JSON.stringify(path.slice(0, DEEPEST)), path.slice(0, DEEPEST)]),
  )
  const unnameable = touched.find((path) => path.some((key) => NO_NAMES.has(String(key))))
  if (unnameable)
    return [{ place: placeOf(unnameable), message: 'is a word that cannot be a name here' }]
  const issues = [...parts.values()].flatMap((path) =>
    issuesAt(projectSchema as unknown as AnySchema, next, path, 0),
  )
  if (issues.length > 0) return issues
  /** The box is what mixes point into, so that its change concerns every figure. */
  const everywhere = touched.some(([key]) => key === 'box' || key === 'groups' || key === undefined)
  const figures = new Set(
    touched.flatMap(([key, at]) => (key === 'figures' && typeof at === 'number' ? [at] : [])),
  )
  /** What may name a puddle, or be named by one. */
  const puddles = touched.some(
    ([key, , field]) =>
      key === 'puddles' ||
      (key === 'figures' &&
        (field === undefined || ['stack', 'accents', 'details'].includes(String(field)))),
  )
  return crossChecks(next, paintIds, everywhere ? {} : { figures, puddles })
}
