import { salvageProject } from '../../../core'
import type { Project } from '../../../core'
import { newId } from '../../vault/newId'
import { readAtOnce, readSummaries, writeSummary } from '../../vault/summaries'
import type { Summary } from '../../vault/summaries'
import { listWorks, moveFirstWork, readWork, worksAmong } from '../../vault/works'
import { starterIds } from '../paints'
import { issueWords } from './issueWords'
import { summarised } from './summarised'

/** A commission whose summary has gone missing is read once. */
async function summarise(id: string): Promise<Summary> {
  const text = (await readWork(id)) ?? ''
  const { project, left } = salvageProject(text, starterIds, id)
  const made: Summary = project
    ? await summarised({ ...project, id }, 0)
    : { id, name: id, figures: [], touchedAt: 0, broken: issueWords(left) }
  await writeSummary(made)
  return made
}

async function readAll(): Promise<{ summaries: Summary[]; ids: string[] }> {
  const found = await readAtOnce().catch(() => undefined)
  if (found) return { summaries: found.summaries, ids: worksAmong(found.keys) }
  return { summaries: await readSummaries(), ids: await listWorks() }
}

/** What is known of every commission that is stored, in no order. */
export async function storedSummaries(): Promise<Summary[]> {
  const { summaries, ids } = await readAll()
  const known = new Map(summaries.map((summary) => [summary.id, summary]))
  const found: Summary[] = []
  for (const id of ids) found.push(known.get(id) ?? (await summarise(id)))
  return found
}

/**
 * The project of a browser from before there were commissions becomes the first of them.
 * @returns what is to be said of it, where not all of it could be read.
 */
export async function moveFirst(put: (project: Project) => Promise<void>): Promise<string> {
  let said = ''
  await moveFirstWork(async (text) => {
    const { project, left } = salvageProject(text, starterIds, newId())
    if (!project) {
      said = `The project this browser had could not be read (${issueWords(left)}). It was put aside unchanged; the menu Files of any commission has it.`
      return
    }
    if (left.length > 0)
      said = `Parts of the project this browser had could not be read and were left out or mended (${issueWords(left)}). The whole was put aside unchanged.`
    const taken = await listWorks()
    await put({ ...project, id: taken.includes(project.id) ? newId() : project.id })
  })
  return said
}
