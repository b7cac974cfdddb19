import { pause } from '../../workers/inSlices'
import type { Project } from '../../../core'
import type { Summary } from '../../vault/summaries'

/** What the shelf shows of a commission. The ladders in it need the forms' points: they come when first asked for. */
export async function summarised(project: Project, touchedAt: number): Promise<Summary> {
  const { strippedFigures, stripKnown, stripOf, summaryOf } = await import('./summaryOf')
  const missing = strippedFigures(project).filter((figure) => !stripKnown(figure))
  for (const [i, figure] of missing.entries()) {
    // A few ms each: what the painter does comes between two.
    if (i > 0) await pause()
    stripOf(figure)
  }
  return summaryOf(project, touchedAt)
}
