import { resolvedParts } from '../../../core'
import type { Figure, Paint, StoredPuddle } from '../../../core'
import { jobOfFigure } from '../ladder/plan'
import { smallBox } from './smallBox'
import { threads } from '../../workers/threads'
import { quickMixes } from '../ladder/search'
import { contentsOf } from './contents'

/**
 * What is in the puddles of a figure that need not be the open one, its ladder mixed anew.
 * @param table what its ladder is mixed from.
 * @param stored puddles of the figure and of the commission.
 * @param find paints of its commission, where that is not the open one.
 */
export async function foundContents(
  figure: Figure,
  table: Paint[],
  stored: readonly StoredPuddle[],
  recipe = threads.recipe,
  find?: (id: string) => Paint,
) {
  const { mixes, ...found } = await quickMixes(
    jobOfFigure(figure, smallBox(table, stored, find)),
    undefined,
    recipe,
  )
  const keys = found.steps.map(({ key }) => key)
  const contents = contentsOf(
    figure.id,
    stored,
    keys,
    (key) => mixes[keys.indexOf(key)],
    find && ((parts) => resolvedParts(parts, find)),
  )
  return { ...found, keys, contents }
}
