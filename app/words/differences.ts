import { differences } from '../../core'
import type { Difference, Project } from '../../core'
import { ofFigure, ofPlan, ofProject } from './changes'

/** So many letters of a value are shown. */
const LONGEST = 40

function valueWords(value: unknown): string {
  if (value === undefined) return 'nothing'
  if (typeof value === 'object' && value !== null) return 'something else'
  const text = typeof value === 'string' ? `“${value}”` : String(value)
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text
}

const at = (data: unknown, path: Difference['path']): unknown =>
  path.reduce<unknown>((one, step) => (one as Record<string, unknown> | undefined)?.[step], data)

function placeWords({ path }: Difference, { figures }: Project): string {
  const [top, i, field, sub] = path
  if (top !== 'figures') return ofProject[String(top)] ?? String(top)
  const figure = typeof i === 'number' ? figures[i] : undefined
  if (!figure) return 'figures of the commission'
  const [short] = figure.name.split(',')
  if (field === undefined) return short!
  const what =
    field === 'plan' ? (ofPlan[String(sub)] ?? 'plan') : (ofFigure[String(field)] ?? String(field))
  return `${what} of ${short}`
}

/**
 * What differs between two states of a commission, a line each: “contrast of Isaura: 1 here, 0.8 there”.
 * @param here the one that is worked on.
 */
export function differenceWords(here: Project, there: Project): string[] {
  const lines = new Map<string, number>()
  for (const one of differences(here, there)) {
    const place = placeWords(one, here)
    const [mine, theirs] = [at(here, one.path), one.value]
    const plain = [mine, theirs].every((value) => typeof value !== 'object')
    const line = plain ? `${place}: ${valueWords(mine)} here, ${valueWords(theirs)} there` : place
    lines.set(line, (lines.get(line) ?? 0) + 1)
  }
  return [...lines].map(([line, many]) => (many > 1 ? `${line} (${many} places)` : line))
}
