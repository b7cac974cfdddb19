import type { Project } from '../../project/commission'
import type { LogEntry } from '../../project/bench'
import { unzipSync, zipSync, strFromU8, strToU8 } from 'fflate'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { starterPaints } from '../../paint/starter'
import { shapes } from '../../../scripts/forms/shapes/shapes'
import { surfaceNet } from '../../ladder/form/surfaceNet'
import { formatCalendar } from '../calendar/ics'
import { parseCgats } from '../cgats/parse'
import { formatStl, stlCorners } from '../stl/stl'
import { packCommission, unpackCommission } from './commission'

const ids = new Set(starterPaints.map(({ id }) => id))
const nameOf = (id: string): string => starterPaints.find((one) => one.id === id)?.name ?? id
const entry = (n: number): LogEntry => ({
  id: `entry-${n}`,
  at: new Date(Date.UTC(2026, 0, 1, 19, n)).toISOString(),
  figure: `figure-${n % 40}`,
  who: 'Isaura, 1 of 3',
  what: `glaze "${n}", thin`,
  kind: 'glaze',
  thinner: 8,
  parts: [
    { paint: 'titanium-white', drops: 1 + (n % 9) },
    { paint: 'ultramarine', drops: 1 },
  ],
  predicted: { L: 50, a: 10, b: 12 },
  ...(n % 2
    ? {
        real: { L: 51, a: 10, b: 12 },
        reflectance: Array.from({ length: 36 }, (_, i) => 0.2 + i / 100),
      }
    : {}),
  ...(n % 5 ? {} : { photo: `photo-${n}` }),
})
const large = (): Project => {
  const demo = lowTide([...ids])
  const figures = Array.from({ length: 40 }, (_, i) => ({
    ...demo.figures[1 + (i % 8)]!,
    id: `figure-${i}`,
    ...(i === 3 ? { sculpt: 'sculpt-3' } : {}),
  }))
  return {
    ...demo,
    figure: 'figure-0',
    figures,
    log: Array.from({ length: 500 }, (_, n) => entry(n)),
  }
}
const photos = new Map(
  Array.from({ length: 100 }, (_, n) => [
    `photo-${5 * n}`,
    Uint8Array.from({ length: 3000 }, (_, i) => (i < 2 ? [0xff, 0xd8][i]! : (i * 7 + n) % 256)),
  ]),
)
const sculpts = new Map([['sculpt-3', formatStl(surfaceNet(shapes.egg, 12))]])

describe('a packed commission', () => {
  const project = large()
  const bytes = packCommission({ project, photos, sculpts }, nameOf)

  it('comes back whole: 40 figures, 500 entries, 100 pictures, a sculpt', () => {
    const reading = unpackCommission(bytes, ids)
    if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
    expect(reading.value.project).toEqual(project)
    expect(reading.value.photos).toEqual(photos)
    expect(reading.value.sculpts).toEqual(sculpts)
  })

  it('can be read without us: tables, readings and pictures under their own endings', () => {
    const files = unzipSync(bytes)
    const rows = strFromU8(files['log.csv']!).trimEnd().split('\n')
    expect(rows).toHaveLength(501)
    expect(rows[2]).toContain('"glaze ""1"", thin"')
    expect(rows[2]).toContain('2 titanium white + 1 ultramarine')
    const readings = parseCgats(strFromU8(files['readings.cgats']!))
    expect(readings.ok && readings.value.measurements).toHaveLength(250)
    expect(Object.keys(files).filter((name) => /^photos\/photo-\d+\.jpg$/.test(name))).toHaveLength(
      100,
    )
    expect(strFromU8(files['about.txt']!)).toContain('project.json')
  })

  it('says what is wrong: no zip, cut short, no project in it', () => {
    const why = (data: Uint8Array): string => {
      const reading = unpackCommission(data, ids)
      return reading.ok ? '' : `${reading.issues[0]!.place}: ${reading.issues[0]!.message}`
    }
    expect(why(strToU8('red oxide'))).toContain('is no whole zip')
    expect(why(bytes.subarray(0, 5000))).toContain('is no whole zip')
    expect(why(zipSync({ 'a.txt': strToU8('a') }))).toContain('has no project.json')
    const files = unzipSync(bytes)
    delete files['photos/photo-10.jpg']
    // A picture that was not there when it was packed is named, and no reason to refuse the rest.
    const without = unpackCommission(zipSync(files), ids)
    expect(without).toMatchObject({ ok: true, value: { missing: ['photo-10'] } })
    files['project.json'] = strToU8('{"format":')
    expect(why(zipSync(files))).not.toBe('')
  })
})

describe('other files of a commission', () => {
  it('a sculpt as STL has the corners it was written from (80 + 4 + 50 bytes a triangle)', () => {
    const mesh = surfaceNet(shapes.egg, 10)
    const stl = formatStl(mesh)
    expect(stl.length).toBe(84 + (50 * mesh.triangles.length) / 3)
    const corners = stlCorners(stl)
    mesh.triangles.forEach((p, i) => {
      for (let a = 0; a < 3; a++) expect(corners[3 * i + a]).toBe(mesh.positions[3 * p + a])
    })
    expect(() => stlCorners(stl.subarray(0, 200))).toThrow('cut short')
  })

  it('sittings as iCalendar (RFC 5545): UTC times, folded lines, text escaped', () => {
    const text = formatCalendar([
      {
        id: 'isaura-1',
        start: new Date(Date.UTC(2026, 10, 25, 19, 30)),
        minutes: 95,
        title: 'Painting Isaura; first, and last',
        lines: ['Isaura: base coat of the base all over, thinned 1 : 1, three thin passes', 'wait'],
      },
    ])
    expect(text.startsWith('BEGIN:VCALENDAR\r\nVERSION:2.0')).toBe(true)
    expect(text).toContain('DTSTART:20261125T193000Z')
    expect(text).toContain('PT95M')
    expect(text).toContain('UID:isaura-1@cobaltfinch')
    const unfolded = text.replace(/\r\n[ \t]/g, '')
    expect(unfolded).toContain('SUMMARY:Painting Isaura\\; first\\, and last')
    expect(unfolded).toContain('three thin passes\\nwait')
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThan(76)
    expect(() => formatCalendar([])).toThrow('no sitting')
  })
})
