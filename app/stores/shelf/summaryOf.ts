import { hexOfLab } from '../../../core'
import type { Figure, Project } from '../../../core'
import { targetsOfFigure } from '../ladder/plan'
import type { Summary } from '../../vault/summaries'

/** So many figures of a commission show their ladders on the shelf. */
const STRIPS = 16

const strips = new WeakMap<Figure, string[]>()

/** Colours of a figure's ladder, dark to light; figures are never changed in place, so each is worked out once. */
export function stripOf(figure: Figure): string[] {
  const known = strips.get(figure)
  if (known) return known
  const made = targetsOfFigure(figure).map(({ target }) => hexOfLab(target))
  strips.set(figure, made)
  return made
}

/** Figures whose strips a summary of the commission still has to work out. */
export const withoutStrip = (project: Project): Figure[] =>
  project.figures.slice(0, STRIPS).filter((figure) => !strips.has(figure))

export const summaryOf = (project: Project, touchedAt: number): Summary => ({
  id: project.id,
  name: project.name,
  touchedAt,
  figures: project.figures.map((figure, i) => ({
    id: figure.id,
    name: figure.name,
    many: figure.many,
    ...(i < STRIPS ? { strip: stripOf(figure) } : {}),
  })),
})
