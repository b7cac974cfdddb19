import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { opaqueReflectance } from '../paint/opaque'
import { starterPaints } from '../paint/starter'
import { formatBox, parseBox } from './box/parse'
import { paintOfRecord, recordOf } from './box/record'
import { formatCgats } from './cgats/format'
import { parseCgats } from './cgats/parse'
import { formatBoxCsv, parseBoxCsv } from './csv/box'
import { formatMeasurementsCsv, parseMeasurementsCsv } from './csv/measurements'
import { formatCxf } from './cxf/format'
import { parseCxf } from './cxf/parse'
import { parseGpl } from './gpl/parse'
import type { ReadResult } from './issues'
import type { Measurement, MeasurementFile } from './measurement'
import { readMeasurements } from './readMeasurements'

const readings: Measurement[] = starterPaints.slice(0, 6).map((paint) => ({
  name: `${paint.name} "neat" <&> =1`,
  reflectance: opaqueReflectance(paint),
}))
const noon = new Date('2026-11-25T12:00:00Z')
const box = {
  paints: starterPaints.slice(36).map(recordOf),
  bottles: {
    'pale-flesh': { ml: 17, leftMl: 3.5, place: 'drawer 2', notes: '=old, "thick"\nshake' },
  },
}
const issuesOf = (reading: ReadResult<unknown>): string =>
  reading.ok ? '' : reading.issues.map(({ place, message }) => `${place}: ${message}`).join('\n')

describe('readings come back as they went', () => {
  const formats: [
    string,
    (m: Measurement[]) => string,
    (t: string) => ReadResult<MeasurementFile>,
  ][] = [
    ['CGATS', formatCgats, parseCgats],
    ['CxF3', (m) => formatCxf(m, noon), parseCxf],
    ['CSV', formatMeasurementsCsv, parseMeasurementsCsv],
  ]
  it.each(formats)('%s, with any line ends and a byte-order mark', (_name, format, parse) => {
    for (const text of [format(readings), '\uFEFF' + format(readings).replace(/\n/g, '\r\n')]) {
      const reading = parse(text)
      if (!reading.ok) throw new Error(issuesOf(reading))
      expect(reading.value.notes).toEqual([])
      reading.value.measurements.forEach(({ name, reflectance }, i) => {
        expect(name.replace(/"/g, '')).toContain(readings[i]!.name.replace(/"/g, '').slice(0, 8))
        expect(deltaE00(labOf(reflectance!), labOf(readings[i]!.reflectance!))).toBeLessThan(0.001)
      })
      expect(readMeasurements(text).ok).toBe(true)
    }
  })

  it('Lab keeps its light, and one file does not mix lights unsaid', () => {
    const lab = { L: 61, a: 14, b: 17, white: 'F11/10' } as const
    for (const text of [formatCgats([{ name: 'x', lab }]), formatCxf([{ name: 'x', lab }], noon)]) {
      const reading = readMeasurements(text)
      expect(reading.ok && reading.value.measurements[0]!.lab).toEqual(lab)
    }
    const mixed = [
      { name: 'x', lab },
      { name: 'y', lab: { ...lab, white: 'D65/2' as const } },
    ]
    expect(() => formatCgats(mixed)).toThrow('one file has one light')
    expect(() => formatMeasurementsCsv(mixed)).toThrow('this table holds D65')
  })

  it('a box comes back whole from JSON and from CSV, and its paints keep their curves', () => {
    expect(parseBox(formatBox(box))).toEqual({ ok: true, value: box })
    expect(parseBoxCsv(formatBoxCsv(box))).toEqual({ ok: true, value: box })
    const back = paintOfRecord(box.paints[0]!)
    expect(
      deltaE00(labOf(opaqueReflectance(back)), labOf(opaqueReflectance(starterPaints[36]!))),
    ).toBeLessThan(0.001)
  })
})

describe('what is wrong is named by line and field', () => {
  const good = formatCgats(readings)
  it.each([
    [
      good.replace('NUMBER_OF_SETS 6', 'NUMBER_OF_SETS 9'),
      /line \d+, NUMBER_OF_SETS: says “9”, but there are 6/,
    ],
    [good.slice(0, good.indexOf('END_DATA\n', 2000)), /the data begin here and never end/],
    [
      good.replace(/0\.115388/, '0,115388'),
      /line \d+, SPECTRAL_NM380: "0,115388" has a decimal comma/,
    ],
    [good.replace(/0\.115388/, '1e99'), /SPECTRAL_NM380: "1e99" is not a number/],
    [good.replace(/0\.115388/, 'NaN'), /"NaN" is not a number/],
    ['hello', /has no BEGIN_DATA_FORMAT/],
  ])('CGATS %#', (text, message) => {
    expect(issuesOf(parseCgats(text))).toMatch(message)
  })

  const xml = formatCxf(readings, noon)
  it.each([
    [xml.replace('</cc:CxF>', ''), /line \d+/],
    [
      xml.replace('<cc:CxF', '<!DOCTYPE b [<!ENTITY a "aaaa">]>\n<cc:CxF'),
      /line 2: has a document type/,
    ],
    ['<a>'.repeat(5000) + '</a>'.repeat(5000), /nests deeper than 60/],
    [xml.replace(/StartWL="380"/g, 'StartWL="38000"'), /does not say where it starts/],
    [
      xml.replace('0.115388', 'x'),
      /Object "titanium white.*ReflectanceSpectrum: value 1 is not a number/,
    ],
    ['<other/>', /is no CxF3/],
  ])('CxF %#', (text, message) => {
    expect(issuesOf(parseCxf(text))).toMatch(message)
  })

  it('CSV and palettes', () => {
    expect(issuesOf(parseMeasurementsCsv('name,L,a\nx,1,2'))).toMatch(/line 1: has neither/)
    expect(issuesOf(parseMeasurementsCsv('name;L;a;b\nx;50;"1,5";2'))).toMatch(
      /line 2, a: "1,5" has a decimal comma/,
    )
    expect(issuesOf(parseMeasurementsCsv('name,L,a,b\n"x,1,2,3'))).toMatch(/a quote is opened/)
    expect(issuesOf(parseBoxCsv('name\nx'))).toMatch(/line 1: has no column id/)
    const csv = formatBoxCsv(box)
      .replace('semi', 'demi')
      .replace(/,opaque,/, ',milky,')
    expect(issuesOf(parseBoxCsv(csv))).toMatch(/line 2, opacity: is no class/)
    expect(issuesOf(parseGpl('GIMP Palette\n1 2\n'))).toMatch(/line 2: "1 2" is not three numbers/)
    const gpl = parseGpl('GIMP Palette\nName: x\n#\n184 122  94\tskin\n')
    expect(gpl.ok && gpl.value.measurements[0]!.name).toBe('skin')
  })

  it('says what it changed: other bands, ends that were not measured', () => {
    const reading = parseMeasurementsCsv('name,r400,r420,r440,r460,r700\nx,0.1,0.2,0.3,0.4,0.5')
    if (!reading.ok) throw new Error(issuesOf(reading))
    expect(reading.value.notes.join()).toMatch(/held at their last value.*wider apart than 10 nm/)
    expect(reading.value.measurements[0]!.reflectance![3]).toBeCloseTo(0.15, 9)
  })
})

it('damaged files never crash, hang or half-import', () => {
  const whole = [
    formatCgats(readings),
    formatCxf(readings, noon),
    formatMeasurementsCsv(readings),
    formatBox(box),
    formatBoxCsv(box),
  ]
  const bits = [
    'NaN',
    '-1',
    '1e309',
    '\u0000',
    '"',
    '<',
    '&a;',
    '\r',
    ',',
    '\uFEFF',
    'END_DATA',
    ']]>',
  ]
  fc.assert(
    fc.property(
      fc.constantFrom(...whole),
      fc.nat(),
      fc.nat(300),
      fc.constantFrom(...bits, ''),
      (text, at, cut, bit) => {
        const place = at % text.length
        const damaged = text.slice(0, place) + bit + text.slice(place + cut)
        for (const parse of [readMeasurements, parseBox, parseBoxCsv]) {
          const reading = parse(damaged)
          if (!reading.ok)
            expect(reading.issues.every(({ place, message }) => place && message)).toBe(true)
          else if ('measurements' in reading.value)
            for (const { reflectance, lab } of reading.value.measurements) {
              expect(reflectance ?? lab).toBeDefined()
              if (reflectance) expect(reflectance.every((r) => r >= 0 && r <= 4)).toBe(true)
            }
        }
      },
    ),
    { numRuns: 400 },
  )
})
