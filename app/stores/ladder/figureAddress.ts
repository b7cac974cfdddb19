import { figureLink } from '../../../core'
import { paintOf } from '../paints'
import { useProject } from '../project/project'
import { useLadder } from './ladder'

/** An address at which the open figure is handed on; what it holds stands after #, which no server is sent. */
export function figureAddress(): string {
  const { project, figure } = useProject()
  const made = new Map(useLadder().steps.map(({ key, made }) => [key, made]))
  return `${location.origin}/given#${figureLink(project, figure.id, made, paintOf)}`
}
