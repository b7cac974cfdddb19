import type { FileIssue } from '../../project/issue'
import { csvOf } from './csvOf'
import { labOf } from '../../colour/lab'
import { wavelengthsNm } from '../../colour/spectrum'
import type { ReadResult } from '../issues'
import { refused, refusedFor } from '../issues'
import type { Measurement, MeasurementFile } from '../measurement'
import { resample, resampleNotes } from '../resample'
import { cellNumber, parseTable } from './table'

const MOST_ISSUES = 12

/**
 * Readings as a table: name, L, a, b (D65, 2°) and r380 … r730 in 0–1 where there is a spectrum.
 * @example formatMeasurementsCsv(measurements).split('\n').length
 */
export const formatMeasurementsCsv = (measurements: readonly Measurement[]): string =>
  csvOf({
    fields: ['name', 'L', 'a', 'b', ...wavelengthsNm.map((nm) => `r${nm}`)],
    data: measurements.map(({ name, reflectance, lab }) => {
      const seen = reflectance ? labOf(reflectance) : lab
      if (!seen) throw new RangeError(`"${name}" has neither a spectrum nor a Lab`)
      if (seen.white && seen.white !== 'D65/2')
        throw new RangeError(
          `"${name}" is a Lab under ${seen.white}; this table holds D65, 2° only`,
        )
      return [
        name,
        ...[seen.L, seen.a, seen.b].map((v) => v.toFixed(4)),
        ...wavelengthsNm.map((_, i) => (reflectance ? reflectance[i]!.toFixed(6) : '')),
      ]
    }),
  })

/**
 * Reads a table of readings: a name, and L, a, b (D65, 2°) or columns r380, r390 … in 0–1.
 * @example parseMeasurementsCsv(formatMeasurementsCsv(measurements)).ok // true
 */
export function parseMeasurementsCsv(text: string): ReadResult<MeasurementFile> {
  const table = parseTable(text, ['name'])
  if (!table.ok) return table
  const head = Object.keys(table.value[0]!.cells)
  const spectral = head
    .flatMap((name) => {
      const nm = Number(/^(?:r|nm)_?(\d{3})$/.exec(name)?.[1] ?? NaN)
      return nm >= 300 && nm <= 830 ? [{ name, nm }] : []
    })
    .sort((one, other) => one.nm - other.nm)
  const hasLab = ['l', 'a', 'b'].every((name) => head.includes(name))
  if (spectral.length < 4 && !hasLab)
    return refused('line 1', 'has neither columns L, a, b nor a spectrum r380, r390 …')
  const issues: FileIssue[] = []
  const measurements = table.value.map((row): Measurement => {
    const read = (column: string, least: number, most: number): number => {
      const value = cellNumber(row, column, least, most)
      if (typeof value === 'number') return value
      issues.push(value)
      return NaN
    }
    const one: Measurement = { name: row.cells.name! }
    if (spectral.length >= 4 && row.cells[spectral[0]!.name] !== '')
      one.reflectance = resample(
        spectral.map(({ nm }) => nm),
        spectral.map(({ name }) => read(name, 0, 2)),
      )
    else if (hasLab)
      one.lab = {
        L: read('l', 0, 100),
        a: read('a', -200, 200),
        b: read('b', -200, 200),
        white: 'D65/2',
      }
    else issues.push({ place: `line ${row.line}`, message: 'has no spectrum and no L, a, b' })
    return one
  })
  if (issues.length > 0) return refusedFor(issues.slice(0, MOST_ISSUES))
  const notes = spectral.length >= 4 ? resampleNotes(spectral.map(({ nm }) => nm)) : []
  return { ok: true, value: { measurements, notes } }
}
