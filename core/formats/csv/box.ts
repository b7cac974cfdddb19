import type { FileIssue } from '../../project/issue'
import type { Bottle, OwnPaint } from '../../project/bottle'
import { csvOf } from './csvOf'
import * as v from 'valibot'
import { wavelengthsNm } from '../../colour/spectrum'
import type { Box } from '../box/parse'
import { bottleSchema, ownPaintSchema } from '../box/schema'
import { refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import { parseTable } from './table'

const about = ['id', 'name', 'kind', 'pigments', 'opacity', 'hazards', 'origin'] as const
const amounts = ['ml', 'dropsPerMl', 'leftMl', 'price'] as const
const words = ['place', 'notes'] as const
const curve = (name: 'k' | 's'): string[] => wavelengthsNm.map((nm) => `${name}${nm}`)
/** Column names are read without regard to case. */
const lower = (name: string): string => name.toLowerCase()

/**
 * A box as a table with all it holds: curves as k380 … s730 in mm⁻¹, the spread in one cell.
 * @example formatBoxCsv({ paints: [recordOf(ochre)], bottles: {} }).includes('yellow ochre') // true
 */
export const formatBoxCsv = ({ paints, bottles }: Box): string =>
  csvOf({
    fields: [...about, ...amounts, ...words, ...curve('k'), ...curve('s'), 'spread'],
    data: paints.map((paint) => {
      const bottle = bottles[paint.id] ?? {}
      return [
        ...about.map((key) => [paint[key]].flat().join(' ')),
        ...amounts.map((key) => bottle[key] ?? ''),
        ...words.map((key) => bottle[key] ?? ''),
        ...paint.K.split(' '),
        ...paint.S.split(' '),
        paint.spread,
      ]
    }),
  })

const split = (text: string): string[] => text.split(/\s+/).filter(Boolean)

/**
 * Reads the table that `formatBoxCsv` writes.
 * @example parseBoxCsv(formatBoxCsv({ paints: [recordOf(ochre)], bottles: {} })).ok // true
 */
export function parseBoxCsv(text: string): ReadResult<Box> {
  const table = parseTable(text, [...about, ...curve('k'), ...curve('s'), 'spread'])
  if (!table.ok) return table
  const issues: FileIssue[] = []
  const box: Box = { paints: [], bottles: {} }
  for (const { line, cells } of table.value) {
    const check = <T>(result: v.SafeParseResult<v.GenericSchema<unknown, T>>): T | undefined => {
      if (result.success) return result.output
      const [issue] = result.issues
      issues.push({
        place: `line ${line}, ${String(issue.path?.[0]?.key ?? '')}`,
        message: issue.message,
      })
      return undefined
    }
    const paint = check<OwnPaint>(
      v.safeParse(ownPaintSchema, {
        ...cells,
        pigments: split(cells.pigments!),
        hazards: split(cells.hazards!),
        K: curve('k')
          .map((name) => cells[name])
          .join(' '),
        S: curve('s')
          .map((name) => cells[name])
          .join(' '),
      }) as never,
    )
    const bottle = check<Bottle>(
      v.safeParse(bottleSchema, {
        ...Object.fromEntries(
          amounts.flatMap((key) => (cells[lower(key)] ? [[key, Number(cells[lower(key)])]] : [])),
        ),
        ...Object.fromEntries(words.flatMap((key) => (cells[key] ? [[key, cells[key]]] : []))),
      }) as never,
    )
    if (paint && box.paints.some(({ id }) => id === paint.id))
      issues.push({ place: `line ${line}, id`, message: `"${paint.id}" is used twice` })
    if (paint) box.paints.push(paint)
    if (paint && bottle && Object.keys(bottle).length > 0) box.bottles[paint.id] = bottle
    if (issues.length > 12) break
  }
  return issues.length > 0 ? refusedFor(issues) : { ok: true, value: box }
}
