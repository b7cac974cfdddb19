import type { Project } from './commission'
import type { FileIssue } from './issue'
import { baseReflectance } from '../tone/tone'
import { puddleChecks } from './puddleChecks'

/** Which part of a project is looked at; all of it when not given. */
export interface Scope {
  /** Places of figures in the list. */
  figures?: ReadonlySet<number>
  /** Whether puddles and what names them are looked at. */
  puddles?: boolean
}

/** Ids that stand more than once in a list, as issues. */
function twice(list: readonly { id: string }[] | undefined, place: string): FileIssue[] {
  const seen = new Set<string>()
  return (list ?? []).flatMap(({ id }, i) => {
    const again = seen.has(id)
    seen.add(id)
    return again ? [{ place: `${place}[${i}].id`, message: `"${id}" is used twice` }] : []
  })
}

/**
 * What the schema cannot see: ids that stand twice, names that point at nothing, colours no surface has.
 * @param paintIds paints that are there beside those of the project.
 */
export function crossChecks(
  project: Project,
  paintIds: ReadonlySet<string>,
  { figures, puddles = true }: Scope = {},
): FileIssue[] {
  const issues: FileIssue[] = [
    ...twice(project.figures, 'figures'),
    ...twice(project.groups, 'groups'),
    ...twice(project.box, 'box'),
    ...twice(project.log, 'log'),
    ...twice(project.puddles, 'puddles'),
    ...twice(project.mixed, 'mixed'),
  ]
  project.box?.forEach(({ id }, i) => {
    if (paintIds.has(id))
      issues.push({
        place: `box[${i}].id`,
        message: `"${id}" is used twice: a starter paint has it`,
      })
  })
  const groups = new Set(project.groups?.map(({ id }) => id))
  project.figures.forEach((figure, i) => {
    if (figures && !figures.has(i)) return
    const place = `figures[${i}]`
    issues.push(
      ...twice(figure.stack?.coats, `${place}.stack.coats`),
      ...twice(figure.accents, `${place}.accents`),
      ...twice(figure.details, `${place}.details`),
      ...twice(figure.critiques, `${place}.critiques`),
      ...twice(figure.versions, `${place}.versions`),
    )
    try {
      baseReflectance(figure.tone)
    } catch (error) {
      issues.push({ place: `${place}.tone`, message: (error as Error).message })
    }
    if (figure.group !== undefined && !groups.has(figure.group))
      issues.push({ place: `${place}.group`, message: `there is no group "${figure.group}"` })
  })
  if (puddles) {
    const known = new Set([...paintIds, ...(project.box ?? []).map(({ id }) => id)])
    issues.push(...puddleChecks(project, known))
  }
  const chosen = project.figures.some(({ id }) => id === project.figure)
  if (project.figure === undefined ? project.figures.length > 0 : !chosen)
    issues.push({
      place: 'figure',
      message: `"${project.figure ?? ''}" is none of the figures`,
    })
  return issues
}
