import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../demo/lowTide'
import { starterPaints } from '../paint/starter'
import { formatLadderCsv } from './csv/formatLadder'
import { formatGpl } from './gpl/format'
import type { LadderRow } from './ladderRow'
import { formatProject } from './project/format'
import { parseProject } from './project/parse'

const ids = new Set(starterPaints.map(({ id }) => id))
const demo = lowTide([...ids])
const text = formatProject(demo)
const issuesOf = (data: unknown): string => {
  const reading = parseProject(typeof data === 'string' ? data : JSON.stringify(data), ids)
  return reading.ok
    ? ''
    : reading.issues.map(({ place, message }) => `${place}: ${message}`).join('\n')
}
const changed = (change: (data: typeof demo & Record<string, unknown>) => void): string => {
  const data = structuredClone(demo) as typeof demo & Record<string, unknown>
  change(data)
  return issuesOf(data)
}

describe('project file', () => {
  it('comes back as it went, with or without a byte-order mark', () => {
    expect(parseProject(text, ids)).toEqual({ ok: true, value: demo })
    expect(parseProject('\uFEFF' + text, ids)).toEqual({ ok: true, value: demo })
  })

  it('names the place of every kind of damage', () => {
    expect(issuesOf(text.slice(0, 700))).toMatch(
      /line \d+, column \d+: the file stops in the middle/,
    )
    expect(issuesOf(text.replace('"figures": [', '"figures": [ oops'))).toMatch(/line \d+/)
    expect(issuesOf('[]')).toContain('holds no project')
    expect(issuesOf({ format: 'else' })).toContain('format: this is some other')
    expect(changed((data) => Object.assign(data, { version: 7 }))).toBe(
      'version: the file says version 7; this program reads 1 to 5',
    )
    expect(changed((data) => ((data.figures[2]!.tone as { melanin: number }).melanin = 4))).toBe(
      'figures[2].tone.melanin: is 4; allowed is 0.003 to 0.45',
    )
    expect(
      changed(
        (data) =>
          (data.puddles = [
            { id: 'bram.base', figure: 'bram', parts: [{ of: { bottle: 'gold' }, drops: 2 }] },
          ]),
      ),
    ).toContain('puddles[0].parts[0].of.bottle: there is no paint "gold"')
    expect(changed((data) => (data.figures[0]!.id = data.figures[1]!.id))).toContain(
      'is used twice',
    )
    expect(changed((data) => (data.figure = 'nobody'))).toContain('"nobody" is none of the figures')
    const hide = { kind: 'hide', lab: { L: 50, a: 120, b: -120 } } as const
    expect(changed((data) => (data.figures[0]!.tone = hide))).toContain(
      'figures[0].tone: no surface has',
    )
  })

  it('never throws and never half-reads, whatever the file holds', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.nat(text.length).map((n) => text.slice(0, n)),
        ),
        (anything) => {
          const reading = parseProject(anything, ids)
          if (reading.ok) expect(reading.value).toEqual(demo)
          else expect(reading.issues.length).toBeGreaterThan(0)
        },
      ),
      { numRuns: 300 },
    )
  })
})

describe('ladder as a palette and as a table', () => {
  const row = (change: Partial<LadderRow> = {}): LadderRow => ({
    step: 'Base',
    share: 0.28,
    target: { L: 53, a: 14, b: 16 },
    painted: { L: 53.5, a: 15, b: 16 },
    deltaE00: 0.9,
    parts: [
      { name: 'titanium white', drops: 9 },
      { name: 'yellow ochre', drops: 2 },
    ],
    ...change,
  })

  it('writes sRGB numbers, one name a line, and marks what was cut', () => {
    const gpl = formatGpl('Low\nTide', [row(), row({ painted: { L: 30, a: 80, b: -90 } })])
    expect(gpl).toContain('Name: Low Tide\n')
    expect(gpl).toMatch(/^ ?\d+ +\d+ +\d+\tBase: 9 titanium white \+ 2 yellow ochre$/m)
    expect(gpl.trimEnd().endsWith('(outside sRGB)')).toBe(true)
  })

  it('writes named columns and quotes cells that look like formulas', () => {
    const [head, line] = formatLadderCsv([row({ step: '=SUM(A1)' })]).split('\n')
    expect(head).toContain('deltaE00,drops,mix')
    expect(line).toContain("'=SUM(A1)")
    expect(line).toContain(',11,9 titanium white + 2 yellow ochre')
  })
})
