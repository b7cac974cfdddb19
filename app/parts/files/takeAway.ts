import { until } from '@vueuse/core'
import { formatGpl, formatLadderCsv, formatLogCsv, formatProject, whoOf } from '../../../core'
import type { LadderRow, Project } from '../../../core'
import { packed, useBackup } from '../../stores/backup'
import { useLadder } from '../../stores/ladder/ladder'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { fileName, saveFile } from './saveFile'

/** What is to be had of the ladder, once every step has a mix; a proof that goes on is not waited for. */
async function rows(): Promise<LadderRow[]> {
  const ladder = useLadder()
  const whole = () => ladder.steps.every(({ parts }) => parts.length > 0)
  await until(() => whole() || !ladder.searching).toBe(true)
  return ladder.steps.flatMap(({ name, share, target, painted, off, made }) =>
    painted && off !== undefined
      ? [
          {
            step: name,
            share,
            target,
            painted,
            deltaE00: off,
            parts: made.map(({ of, drops }) => ({ name: ladder.contents.nameOf(of), drops })),
          },
        ]
      : [],
  )
}

/** A whole commission as one file, whether it is open or not. */
export async function takeWhole(project: Project): Promise<void> {
  const bytes = await packed(project)
  saveFile(fileName(project.name, 'zip'), new Uint8Array(bytes), 'application/zip')
  await useBackup().packedNow(project.id)
}

/** The ways to take the work away as a file; each saves one. */
export const takeAway = {
  async csv(): Promise<void> {
    const { figure } = useProject()
    saveFile(fileName(figure.name, 'csv'), formatLadderCsv(await rows()), 'text/csv')
  },
  async gpl(): Promise<void> {
    const { project, figure } = useProject()
    const text = formatGpl(`${project.name}: ${figure.name}`, await rows())
    saveFile(fileName(figure.name, 'gpl'), text, 'text/plain')
  },
  json(): void {
    const { project } = useProject()
    const name = fileName(project.name, 'cobaltfinch.json')
    saveFile(name, formatProject(project), 'application/json')
  },
  zip: (): Promise<void> => takeWhole(useProject().project),
  log(): void {
    const { project, log } = useProject()
    const text = formatLogCsv(log, nameOf, whoOf(project.figures))
    saveFile(fileName(`${project.name} log`, 'csv'), text, 'text/csv')
  },
}
