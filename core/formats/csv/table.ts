import Papa from 'papaparse'
import { decimal } from '../../numbers/decimal'
import { refused } from '../issues'
import type { ReadResult } from '../issues'

const MOST_ROWS = 20_000
/** No line of ours is longer; what is, is no table. */
const LONGEST_LINE = 100_000

/**
 * Rows of a table as cells, whatever separates them; empty rows are left out. Nothing is read of what is none.
 */
export function csvRows(text: string): ReadResult<string[][]> {
  let from = 0
  for (let line = 1; from <= text.length; line++) {
    const end = text.indexOf('\n', from)
    const to = end < 0 ? text.length : end
    if (to - from > LONGEST_LINE && !text.slice(from, to).includes('\r'))
      return refused(`line ${line}`, `is longer than ${LONGEST_LINE} characters; this is no table`)
    from = to + 1
  }
  const { data, errors, meta } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    preview: MOST_ROWS + 2,
    skipEmptyLines: 'greedy',
  })
  if (meta.truncated) return refused('the file', `has more than ${MOST_ROWS} rows`)
  const torn = errors.find(({ type }) => type === 'Quotes')
  if (torn) return refused(`line ${(torn.row ?? 0) + 1}`, 'a quote is opened and never closed')
  return { ok: true, value: data }
}

export interface CsvRow {
  line: number
  cells: Record<string, string>
}

/**
 * A table with named columns: separators are found out, names are taken without regard to case.
 * Quotes put before cells that look like formulas are taken off again.
 */
export function parseTable(text: string, needed: readonly string[]): ReadResult<CsvRow[]> {
  const rows = csvRows(text)
  if (!rows.ok) return rows
  const data = rows.value
  const head = data[0]?.map((name) => name.trim().toLowerCase()) ?? []
  if (head.length === 0) return refused('the file', 'is empty')
  const missing = needed.filter((name) => !head.includes(name))
  if (missing.length > 0)
    return refused(
      'line 1',
      `has no column ${missing.join(', ')}; there is “${head.slice(0, 12).join('”, “')}”`,
    )
  const twice = head.find((name, i) => name !== '' && head.indexOf(name) !== i)
  if (twice) return refused('line 1', `the column "${twice}" stands twice`)
  if (data.length === 1) return refused('the file', 'has a head and no rows')
  const named = data.slice(1).map((cells, i) => ({
    line: i + 2,
    cells: Object.fromEntries(
      head.map((name, k) => [name, (cells[k] ?? '').trim().replace(/^'(?=[=+\-@])/, '')]),
    ),
  }))
  const short = data.slice(1).findIndex((cells) => cells.length > head.length)
  if (short >= 0)
    return refused(
      `line ${short + 2}`,
      `has ${data[short + 1]!.length} cells under ${head.length} columns`,
    )
  return { ok: true, value: named }
}

/** A number in a cell, or an issue naming line and column. */
export function cellNumber(
  { line, cells }: CsvRow,
  column: string,
  least: number,
  most: number,
): number | { place: string; message: string } {
  const text = cells[column] ?? ''
  const value = decimal(text)
  if (value >= least && value <= most) return value
  return {
    place: `line ${line}, ${column}`,
    message: /^-?\d+,\d+$/.test(text)
      ? `"${text}" has a decimal comma; a point is needed`
      : `"${text.slice(0, 40)}" is not a number from ${least} to ${most}`,
  }
}
