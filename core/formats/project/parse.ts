import * as v from 'valibot'
import { baseReflectance } from '../../tone/tone'
import { issuesOf, jsonError } from '../json'
import { refused } from '../issues'
import type { FileIssue, Reading } from '../issues'
import { projectSchema } from './schema'
import type { Project } from './schema'

/** Larger files are refused unread; a project of 200 figures takes under 1 MB. */
export const MOST_BYTES = 20 * 1024 * 1024
const MOST_ISSUES = 12

/** What the schema cannot see: names that point at something, colours no surface has. */
function crossChecks(project: Project, paintIds: ReadonlySet<string>): FileIssue[] {
  const issues: FileIssue[] = []
  const seen = new Set<string>()
  const known = new Set(paintIds)
  project.box?.forEach(({ id }, i) => {
    if (known.has(id)) issues.push({ place: `box[${i}].id`, message: `"${id}" is used twice` })
    known.add(id)
  })
  project.figures.forEach((figure, i) => {
    const place = `figures[${i}]`
    if (seen.has(figure.id))
      issues.push({ place: `${place}.id`, message: `"${figure.id}" is used twice` })
    seen.add(figure.id)
    try {
      baseReflectance(figure.tone)
    } catch (error) {
      issues.push({ place: `${place}.tone`, message: (error as Error).message })
    }
    for (const [step, parts] of Object.entries(figure.plan.kept))
      parts.forEach(({ paint }, k) => {
        if (!known.has(paint))
          issues.push({
            place: `${place}.plan.kept.${step}[${k}].paint`,
            message: `there is no paint "${paint}" in this box`,
          })
      })
  })
  if (!seen.has(project.figure))
    issues.push({ place: 'figure', message: `"${project.figure}" is none of the figures` })
  return issues
}

/** Checks data that claims to be a project; every issue has the path of what was wrong. */
export function checkProject(data: unknown, paintIds: ReadonlySet<string>): Reading<Project> {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return refused('the file', 'holds no project; a project file is a JSON object')
  const { format, version } = data as { format?: unknown; version?: unknown }
  if (format !== 'cobaltfinch-project')
    return refused(
      'format',
      'this is some other program’s file; a project says "cobaltfinch-project"',
    )
  if (version !== 1)
    return refused(
      'version',
      `the file says version ${JSON.stringify(version)}; this program reads 1`,
    )
  const result = v.safeParse(projectSchema, data)
  const issues = result.success ? crossChecks(result.output, paintIds) : issuesOf(result.issues)
  if (issues.length > 0) return { ok: false, issues: issues.slice(0, MOST_ISSUES) }
  return { ok: true, value: (result as { output: Project }).output }
}

/**
 * Reads a project file. Nothing is taken over unless all of it is sound.
 * @param paintIds the paints a recipe may name.
 */
export function parseProject(text: string, paintIds: ReadonlySet<string>): Reading<Project> {
  if (text.length > MOST_BYTES)
    return refused('the file', `is larger than ${MOST_BYTES / 1024 / 1024} MB; no project is`)
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return jsonError(text, error)
  }
  return checkProject(data, paintIds)
}
