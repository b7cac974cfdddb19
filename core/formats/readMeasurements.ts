import { parseCgats } from './cgats/parse'
import { parseMeasurementsCsv } from './csv/measurements'
import { parseCxf } from './cxf/parse'
import { parseGpl } from './gpl/parse'
import type { ReadResult } from './issues'
import type { MeasurementFile } from './measurement'

/**
 * Reads readings from whichever of our formats the text looks like: CxF3, .gpl, CGATS, else CSV.
 * @example readMeasurements(formatCgats(measurements)).ok // true
 */
export function readMeasurements(text: string): ReadResult<MeasurementFile> {
  const start = text.replace(/^\uFEFF/, '').trimStart()
  if (start.startsWith('<')) return parseCxf(text)
  if (start.startsWith('GIMP Palette')) return parseGpl(text)
  if (/^BEGIN_DATA(_FORMAT)?\s*$/m.test(text) || /^(CGATS|CTI3|IT8)/.test(start))
    return parseCgats(text)
  return parseMeasurementsCsv(text)
}
