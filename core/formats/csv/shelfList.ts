import type { FileIssue } from '../../project/issue'
import { parseColour } from '../../colour/parseColour'
import type { Lab } from '../../colour/lab'
import type { OpacityClass } from '../../paint/paint'
import { opacityClasses } from '../box/schema'
import type { ReadResult } from '../issues'
import { csvRows } from './table'
import { refused, refusedFor } from '../issues'
import { longest, mostOf } from '../../project/limits'

/** A bottle as a painter lists it. */
export interface ListedBottle {
  name: string
  colour: Lab
  opacity: OpacityClass
  /** Colour Index names. */
  pigments: string[]
}

const COLUMNS = ['name', 'colour', 'opacity', 'pigments'] as const
const MOST_ROWS = 300
/** What is taken where a list does not say how opaque a bottle is. */
const USUAL: OpacityClass = 'semi-opaque'

/**
 * A shelf as a list, pasted or from a CSV file: name, colour (as #a5694f or L a b), opacity and pigments, one bottle a
 * line; a head of those names may stand above it and put the columns in another order. Commas, semicolons and tabs
 * part the columns. Nothing is taken over unless every line is sound.
 * @example parseShelfList('clay, #a5694f, opaque, PR101 PW6').ok // true
 */
export function parseShelfList(text: string): ReadResult<ListedBottle[]> {
  const read = csvRows(text)
  if (!read.ok) return read
  const data = read.value
  const first = data[0]?.map((cell) => cell.trim().toLowerCase()) ?? []
  const headed = first.includes('name') && (first.includes('colour') || first.includes('color'))
  const order: readonly string[] = headed
    ? first.map((name) => (name === 'color' ? 'colour' : name))
    : COLUMNS
  const rows = headed ? data.slice(1) : data
  if (rows.length === 0) return refused('the list', 'is empty; one bottle a line is needed')
  if (rows.length > MOST_ROWS)
    return refused(
      'the list',
      `has ${rows.length} bottles; up to ${MOST_ROWS} can be taken at once`,
    )
  const issues: FileIssue[] = []
  const bottles = rows.flatMap((cells, i) => {
    const line = `line ${i + 1 + (headed ? 1 : 0)}`
    const of = (column: (typeof COLUMNS)[number]): string =>
      (cells[order.indexOf(column)] ?? '').trim()
    const name = of('name')
    if (name === '' || name.length > longest.shortName) {
      issues.push({
        place: `${line}, name`,
        message: `is ${name === '' ? 'empty' : 'too long'}; 1 to ${longest.shortName} letters are needed`,
      })
      return []
    }
    const opacity = (of('opacity').toLowerCase().replace(/\s+/g, '-') || USUAL) as OpacityClass
    if (!opacityClasses.includes(opacity)) {
      issues.push({
        place: `${line}, opacity`,
        message: `"${of('opacity')}" is no class; allowed is ${opacityClasses.join(', ')}`,
      })
      return []
    }
    try {
      const pigments = of('pigments')
        .split(/[\s+/]+/)
        .filter(Boolean)
      return [
        {
          name,
          colour: parseColour(of('colour')),
          opacity,
          pigments: pigments.slice(0, mostOf.pigments),
        },
      ]
    } catch (error) {
      issues.push({ place: `${line}, colour`, message: (error as Error).message })
      return []
    }
  })
  return issues.length > 0 ? refusedFor(issues) : { ok: true, value: bottles }
}
