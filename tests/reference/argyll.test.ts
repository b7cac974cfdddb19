import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import {
  deltaE00,
  formatCgats,
  formatCxf,
  labOf,
  opaqueReflectance,
  parseCgats,
  starterPaints,
} from '../../core'
import type { Measurement } from '../../core'

/** Our files read by ArgyllCMS (Debian package `argyll`), and its Lab of our spectra beside ours. */
const dir = mkdtempSync(join(tmpdir(), 'argyll-'))
const readings: Measurement[] = starterPaints.map((paint) => ({
  name: paint.name,
  reflectance: opaqueReflectance(paint),
}))
const run = (command: string, ...args: string[]): void => {
  execFileSync(command, args, { cwd: dir, stdio: 'pipe' })
}

/** Lab columns, D50, 2°, that spec2cie computes from the spectra of a .ti3 file. */
function labsOf(ti3: string): { L: number; a: number; b: number }[] {
  run('spec2cie', '-n', ti3, 'out.ti3')
  const text = readFileSync(join(dir, 'out.ti3'), 'utf8')
  const fields = /BEGIN_DATA_FORMAT\s+(.*)\s+END_DATA_FORMAT/.exec(text)![1]!.trim().split(/\s+/)
  const rows = /BEGIN_DATA\s([\s\S]*?)END_DATA\s*$/.exec(text)![1]!.trim().split('\n')
  return rows.map((row) => {
    const cells = row.match(/"(?:[^"]|"")*"|\S+/g)!
    const at = (name: string): number => Number(cells[fields.indexOf(name)])
    return { L: at('LAB_L'), a: at('LAB_A'), b: at('LAB_B') }
  })
}

const agree = (labs: { L: number; a: number; b: number }[]): void => {
  expect(labs).toHaveLength(readings.length)
  labs.forEach((lab, i) =>
    expect(
      deltaE00(lab, labOf(readings[i]!.reflectance!, { illuminant: 'D50' })),
      readings[i]!.name,
    ).toBeLessThan(0.3),
  )
}

it('reads our CGATS of the starter paints and agrees on Lab within 0.3 ΔE00', () => {
  writeFileSync(join(dir, 'paints.txt'), formatCgats(readings))
  run('txt2ti3', 'paints.txt', 'paints')
  agree(labsOf('paints.ti3'))
})

it('reads our CxF3, and we read the CGATS it makes of that with the same spectra', () => {
  writeFileSync(join(dir, 'paints.cxf'), formatCxf(readings, new Date('2026-11-25T12:00:00Z')))
  run('cxf2ti3', 'paints.cxf', 'fromCxf')
  const reading = parseCgats(readFileSync(join(dir, 'fromCxf.cie'), 'utf8'))
  if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
  agree(
    reading.value.measurements.map(({ reflectance }) => labOf(reflectance!, { illuminant: 'D50' })),
  )
})
