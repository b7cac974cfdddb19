import type { FileIssue } from '../../project/issue'
import { labOfHex } from '../../colour/parseHex'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import type { MeasurementFile } from '../measurement'

const MOST_COLOURS = 5000

/**
 * Reads a .gpl palette: sRGB 0–255 and a name a line. Screen colours say nothing of a spectrum.
 * @example parseGpl(formatGpl('Bram', rows)).ok // true
 */
export function parseGpl(text: string): ReadResult<MeasurementFile> {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  if (lines[0]?.trim() !== 'GIMP Palette')
    return refused('line 1', 'does not say "GIMP Palette"; this is no .gpl palette')
  const issues: FileIssue[] = []
  const measurements = lines.slice(1).flatMap((line, i) => {
    if (/^\s*(#|$)/.test(line) || /^(Name|Columns):/.test(line)) return []
    const found = /^\s*(\d+)\s+(\d+)\s+(\d+)(?:\s+(.*))?$/.exec(line)
    const rgb = found?.slice(1, 4).map(Number) ?? []
    if (rgb.length !== 3 || rgb.some((v) => v > 255)) {
      issues.push({
        place: `line ${i + 2}`,
        message: `"${line.slice(0, 40)}" is not three numbers from 0 to 255 and a name`,
      })
      return []
    }
    const hex = rgb.map((v) => v.toString(16).padStart(2, '0')).join('')
    return [{ name: found![4]?.trim() || `#${hex}`, lab: labOfHex(hex) }]
  })
  if (issues.length > 0) return refusedFor(issues.slice(0, 12))
  if (measurements.length === 0) return refused('the file', 'holds no colour')
  if (measurements.length > MOST_COLOURS)
    return refused(
      'the file',
      `holds ${measurements.length} colours; up to ${MOST_COLOURS} can be read`,
    )
  return {
    ok: true,
    value: { measurements, notes: ['a palette holds screen colours only, no spectra'] },
  }
}
