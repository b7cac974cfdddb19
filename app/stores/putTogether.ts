import { formatProject, mergeProjects, parseProject } from '../../core'
import type { Met } from '../vault/works'
import { starterIds } from './paints'

const read = (text: string | null) => (text === null ? undefined : parseProject(text, starterIds))

/**
 * What this tab has put together with what another has stored. Where either cannot be read, or what comes of both
 * could not be read again, this tab's stands and the other's is lost.
 * @param base what both began with, as it was stored.
 */
export function putTogether(base: string | null, mine: string, theirs: string): Met {
  const [before, here, there] = [base, mine, theirs].map(read)
  const alone: Met = { text: mine, loses: true }
  if (!before?.ok || !here?.ok || !there?.ok) return alone
  const { project, conflicts } = mergeProjects(before.value, here.value, there.value)
  const text = formatProject(project)
  return read(text)?.ok ? { text, loses: conflicts.length > 0 } : alone
}
