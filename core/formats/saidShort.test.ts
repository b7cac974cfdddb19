import { expect, it } from 'vitest'
import { parseBox } from './box/parse'
import { parseBoxCsv } from './csv/box'
import { parseCgats } from './cgats/parse'
import { parseMeasurementsCsv } from './csv/measurements'
import { parseShelfList } from './csv/shelfList'
import { parseCxf } from './cxf/parse'
import { parseEye } from './eye/eye'
import { parseGpl } from './gpl/parse'
import { parseProject } from './project/parse'
import { parseTones } from './tone/parse'

const LONG = 'x'.repeat(50_000)
const spectrum = (attributes: string, body: string): string =>
  `<?xml version="1.0"?><cc:CxF xmlns:cc="http://colorexchangeformat.com/CxF3-core"><cc:Resources><cc:ObjectCollection>` +
  `<cc:Object ObjectType="Standard" Name="${LONG}" Id="a"><cc:ColorValues><cc:ReflectanceSpectrum ${attributes}>${body}` +
  `</cc:ReflectanceSpectrum></cc:ColorValues></cc:Object></cc:ObjectCollection></cc:Resources></cc:CxF>`
const table = (fields: string, values: string): string =>
  `CGATS.17\nNUMBER_OF_FIELDS ${LONG}\nBEGIN_DATA_FORMAT\n${fields}\nEND_DATA_FORMAT\nBEGIN_DATA\n${values}\nEND_DATA`

const ids = new Set<string>()
const hostile: Readonly<Record<string, () => { ok: boolean; issues?: readonly object[] }>> = {
  'XML that is not closed': () => parseCxf(`<${LONG}>`),
  'XML that is closed by another': () => parseCxf(`<a>${LONG}</b${LONG}>`),
  'a start that is no number': () => parseCxf(spectrum(`StartWL="${LONG}"`, '1 2 3')),
  'a value that is no number': () => parseCxf(spectrum('StartWL="400"', `1 2 3 4 ${LONG}`)),
  'a count that is no number': () => parseCgats(table('LAB_L', '1')),
  'a field that nobody knows': () => parseCgats(table(`${LONG} LAB_L LAB_A LAB_B`, '1 2 3 4')),
  'a box of another kind': () => parseBox(`{"format":"${LONG}"}`),
  'tones of another kind': () => parseTones(`{"format":"${LONG}","tones":[{"name":"${LONG}"}]}`),
  'an eye of another kind': () => parseEye(`{"format":"${LONG}"}`),
  'a project of another kind': () => parseProject(`{"format":"${LONG}"}`, ids),
  'a project with a long id': () =>
    parseProject(`{"format":"cobaltfinch-project","version":5,"id":"${LONG}"}`, ids),
  'text that is nothing': () => parseBox(LONG),
  'a palette line': () => parseGpl(`GIMP Palette\n#\n${LONG} 1 2 ${LONG}`),
  'a box as a table': () => parseBoxCsv(`name,${LONG}\n${LONG},${LONG}`),
  'readings as a table': () => parseMeasurementsCsv(`name,L,a,b\n${LONG},${LONG},1,2`),
  'a list of bottles': () => parseShelfList(`name,ml\nochre,${LONG}`),
}

it.each(Object.entries(hostile))('%s is refused in words that can be read whole', (_, read) => {
  const reading = read()
  expect(reading.ok).toBe(false)
  const issues = (reading.issues ?? []) as readonly { place: string; message: string }[]
  expect(issues.length).toBeGreaterThan(0)
  for (const { place, message } of issues) {
    expect(place.length).toBeLessThanOrEqual(200)
    expect(message.length).toBeLessThanOrEqual(200)
    expect(message).not.toMatch(/Invalid (type|key)|undefined|Error:/)
  }
})
