import { hexOfLab } from '../../../core'
import type { Paint, Project } from '../../../core'
import { threads } from '../../workers/threads'
import { paintsOfCommission } from '../paints'
import { inCommissionOf, inForFigure, onTableOf } from '../project/bottlesFor'
import { rowOf } from '../range/rowOf'
import type { Summary } from '../../vault/summaries'

/**
 * Figures of a commission's summary as they would be painted: in their coats, else as their ladders are mixed. Those
 * that nothing can be mixed for stay as they are aimed at.
 * @param goesOn is asked before each figure; nothing comes back once it says no.
 */
export async function paintedStrips(
  project: Project,
  figures: Summary['figures'],
  goesOn: () => boolean,
): Promise<Summary['figures'] | undefined> {
  const paints = paintsOfCommission(project)
  const byId = new Map(paints.map((paint) => [paint.id, paint]))
  const find = (id: string): Paint => {
    const paint = byId.get(id)
    if (!paint) throw new RangeError(`there is no paint "${id}" in the box`)
    return paint
  }
  const inCommission = inCommissionOf(project, paints)
  const painted: Summary['figures'] = []
  for (const shown of figures) {
    if (!goesOn()) return undefined
    const figure = project.figures.find(({ id }) => id === shown.id)
    const bottles = figure?.bottles ?? {}
    const table = onTableOf(project, bottles, inForFigure(project, bottles, paints, inCommission))
    if (!figure || !shown.strip || table.length === 0) {
      painted.push(shown)
      continue
    }
    const stored = (project.puddles ?? []).filter(
      ({ figure: of }) => of === undefined || of === figure.id,
    )
    const { steps, coated } = await rowOf(figure, table, stored, threads.rows, find)
    const labs = coated ?? steps.map((step) => step.painted)
    painted.push({ ...shown, strip: labs.map(hexOfLab), of: coated ? 'coats' : 'mixes' })
  }
  return painted
}
