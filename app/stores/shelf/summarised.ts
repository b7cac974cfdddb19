import type { Project } from '../../../core'
import type { Summary } from '../../vault/summaries'

/** What the shelf shows of a commission. The ladders in it need the forms' points: they come when first asked for. */
export const summarised = async (project: Project, touchedAt: number): Promise<Summary> =>
  (await import('./summaryOf')).summaryOf(project, touchedAt)
