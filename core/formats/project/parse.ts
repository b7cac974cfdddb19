import type { Project } from '../../project/commission'
import { VERSION } from '../../project/commission'
import * as v from 'valibot'
import { issuesOf, jsonError } from '../json'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import { crossChecks } from '../../project/crossChecks'
import { migrated } from './migrate/migrate'
import { projectSchema } from './schema'

/** Larger files are refused unread; a project of 500 figures takes under 2 MB. */
export const MOST_BYTES = 20 * 1024 * 1024
const MOST_ISSUES = 12
const MOST_LOOKED_AT = 100_000

/** What a file claims to be: plain data of the newest version, not yet checked; or why it is none of ours. */
export function recognised(data: unknown): ReadResult<unknown> {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return refused('the file', 'holds no project; a project file is a JSON object')
  const { format, version } = data as { format?: unknown; version?: unknown }
  if (format !== 'cobaltfinch-project')
    return refused(
      'format',
      'this is some other program’s file; a project says "cobaltfinch-project"',
    )
  const newest = migrated(data as Record<string, unknown>)
  if (!newest)
    return refused(
      'version',
      `the file says ${version === undefined ? 'no version' : `version ${JSON.stringify(version)}`}; this program reads 1 to ${VERSION}`,
    )
  return { ok: true, value: newest }
}

/** Whether plain data holds fewer things than this, at any depth. */
function smallerThan(data: unknown, most: number): boolean {
  const waiting = [data]
  for (let seen = 0; waiting.length > 0; seen++) {
    if (seen >= most || waiting.length > most) return false
    const one = waiting.pop()
    if (typeof one === 'object' && one !== null) {
      const inside = Object.values(one)
      if (inside.length > most) return false
      waiting.push(...inside)
    }
  }
  return true
}

/** Everything that is wrong with data of the newest version. */
function wrongWith(data: unknown, paintIds: ReadonlySet<string>) {
  const result = v.safeParse(projectSchema, data, { abortEarly: true })
  if (result.success)
    return { issues: crossChecks(result.output, paintIds), project: result.output }
  // All that is wrong is said; of a file with millions of things in it, only the first.
  const all = smallerThan(data, MOST_LOOKED_AT) ? v.safeParse(projectSchema, data) : result
  return { issues: issuesOf(all.issues ?? result.issues) }
}

/** Checks data that claims to be a project; every issue has the path of what was wrong. */
export function checkProject(data: unknown, paintIds: ReadonlySet<string>): ReadResult<Project> {
  const newest = recognised(data)
  if (!newest.ok) return newest
  const { issues, project } = wrongWith(newest.value, paintIds)
  if (issues.length > 0 || !project) return refusedFor(issues.slice(0, MOST_ISSUES))
  return { ok: true, value: project }
}

/** The JSON of a file, or where it stops being any. */
export function jsonOf(text: string): ReadResult<unknown> {
  if (text.length > MOST_BYTES)
    return refused('the file', `is larger than ${MOST_BYTES / 1024 / 1024} MB; no project is`)
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) as unknown }
  } catch (error) {
    return jsonError(text, error)
  }
}

/**
 * Reads a project file of any version. Nothing is taken over unless all of it is sound.
 * @param paintIds the paints a recipe may name.
 * @example parseProject(formatProject(project), ids).ok // true
 */
export function parseProject(text: string, paintIds: ReadonlySet<string>): ReadResult<Project> {
  const data = jsonOf(text)
  return data.ok ? checkProject(data.value, paintIds) : data
}
