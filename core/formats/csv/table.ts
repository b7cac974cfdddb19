import Papa from 'papaparse'
import { refused } from '../issues'
import type { ReadResult } from '../issues'

const MOST_ROWS = 20_000

export interface CsvRow {
  line: number
  cells: Record<string, string>
}

/**
 * A table with named columns: separators are found out, names are taken without regard to case.
 * Quotes put before cells that look like formulas are taken off again.
 */
export function parseTable(text: string, needed: readonly string[]): ReadResult<CsvRow[]> {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
  })
  const torn = errors.find(({ type }) => type === 'Quotes')
  if (torn) return refused(`line ${(torn.row ?? 0) + 1}`, 'a quote is opened and never closed')
  const head = data[0]?.map((name) => name.trim().toLowerCase()) ?? []
  if (head.length === 0) return refused('the file', 'is empty')
  const missing = needed.filter((name) => !head.includes(name))
  if (missing.length > 0)
    return refused(
      'line 1',
      `has no column ${missing.join(', ')}; there is ${head.slice(0, 12).join(', ')}`,
    )
  const twice = head.find((name, i) => name !== '' && head.indexOf(name) !== i)
  if (twice) return refused('line 1', `the column "${twice}" stands twice`)
  if (data.length === 1) return refused('the file', 'has a head and no rows')
  if (data.length - 1 > MOST_ROWS)
    return refused('the file', `has ${data.length - 1} rows; up to ${MOST_ROWS} can be read`)
  const rows = data.slice(1).map((cells, i) => ({
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
  return { ok: true, value: rows }
}

/** A number in a cell, or an issue naming line and column. */
export function cellNumber(
  { line, cells }: CsvRow,
  column: string,
  least: number,
  most: number,
): number | { place: string; message: string } {
  const text = cells[column] ?? ''
  const value = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(text) ? Number(text) : NaN
  if (value >= least && value <= most) return value
  return {
    place: `line ${line}, ${column}`,
    message: /^-?\d+,\d+$/.test(text)
      ? `"${text}" has a decimal comma; a point is needed`
      : `"${text.slice(0, 40)}" is not a number from ${least} to ${most}`,
  }
}
