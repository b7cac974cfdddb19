import { pause } from '../../workers/inSlices'
import type { Project } from '../../../core'
import type { Summary } from '../../vault/summaries'

/** What the shelf shows of a commission. The ladders in it need the forms' points: they come when first asked for. */
export async function summarised(project: Project, touchedAt: number): Promise<Summary> {
  const { stripOf, summaryOf, withoutStrip } = await import('./summaryOf')
  for (const [i, figure] of withoutStrip(project).entries()) {
    // A few ms each: what the painter does comes between two.
    if (i > 0) await pause()
    stripOf(figure)
  }
  return summaryOf(project, touchedAt)
}
