import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { wavelengthsNm } from '../colour/spectrum'
import { starterPaints } from '../paint/starter'
import { learntOf, withLearnt } from './box/learnt'
import { decimal } from '../numbers/decimal'
import { formatCalendar } from './calendar/ics'
import { csvOf } from './csv/csvOf'
import { cellNumber, parseTable } from './csv/table'
import { blankCommission, blankFigure } from '../project/blank'
import { nextName, secondCommission, secondOf, takenFrom } from '../project/copies'
import { parseProject } from './project/parse'
import { formatProject } from './project/format'
import { resample, resampleNotes } from './resample'
import { freeId, slugOf } from './slug'
import { xmlText } from './xmlText'

const ids = new Set(starterPaints.map(({ id }) => id))

describe('names', () => {
  it('a slug is always an id that files and addresses take, whatever was written', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) => {
        const slug = slugOf(text, 'work')
        expect(slug).toMatch(/^[\w][\w-]*$/)
        expect(slug.length).toBeLessThanOrEqual(60)
        expect(slugOf(slug, 'work')).toBe(slug)
      }),
    )
    expect(slugOf('  Crème brûlée (№ 3) ', 'work')).toBe('cre-me-bru-le-e-no-3')
  })

  it('a free id is one that is not taken, and the name itself where that is free', () => {
    const taken = new Set(['sand', 'sand-2', 'sand-3'])
    expect(freeId('sand', (id) => taken.has(id))).toBe('sand-4')
    expect(freeId('clay', (id) => taken.has(id))).toBe('clay')
    expect(nextName('Troll 2', ['Troll', 'Troll 2', 'Troll 3'])).toBe('Troll 4')
    expect(nextName('x'.repeat(200), [], 20)).toHaveLength(20)
  })
})

describe('readings on our bands', () => {
  it('a straight line stays one, whatever it was sampled at; ends are held and said', () => {
    const line = (nm: number): number => (nm - 300) / 1000
    for (const step of [5, 7, 20]) {
      const nm = Array.from({ length: Math.floor(400 / step) }, (_, i) => 360 + i * step)
      const found = resample(nm, nm.map(line))
      found.forEach((r, i) =>
        expect(r).toBeCloseTo(line(Math.min(wavelengthsNm[i]!, nm.at(-1)!)), 12),
      )
    }
    expect(resampleNotes([...wavelengthsNm])).toEqual([])
    const short = resampleNotes([400, 410, 420])
    expect(short[0]).toContain('400 to 420')
    expect(resampleNotes([380, 400, 730])[0]).toContain('wider apart')
    expect(resampleNotes([300, ...wavelengthsNm])[0]).toContain('left out')
  })
})

describe('tables', () => {
  const read = (text: string) => parseTable(text, ['name', 'ml'])
  const told = (text: string): string => {
    const result = read(text)
    return result.ok ? '' : `${result.issues[0]!.place}: ${result.issues[0]!.message}`
  }

  it('reads what spreadsheets write: other separators, quotes, guarded formulas, a mark at the start', () => {
    const result = read('\uFEFFName;ML\n"sand; fine";17\n\'=1+1;5\n')
    expect(result).toEqual({
      ok: true,
      value: [
        { line: 2, cells: { name: 'sand; fine', ml: '17' } },
        { line: 3, cells: { name: '=1+1', ml: '5' } },
      ],
    })
  })

  it('says where and why it cannot be read', () => {
    expect(told('')).toContain('is empty')
    expect(told('name,colour\nsand,1')).toContain('has no column ml')
    expect(told('name,ml,ml\nsand,1,2')).toContain('stands twice')
    expect(told('name,ml')).toContain('no rows')
    expect(told('name,ml\nsand,1,2')).toBe('line 2: has 3 cells under 2 columns')
    expect(told('name,ml\n"sand,1')).toContain('never closed')
  })

  it('numbers are numbers: commas, words and what is out of range are named', () => {
    const cell = (text: string) => cellNumber({ line: 3, cells: { ml: text } }, 'ml', 0, 100)
    expect([cell('5'), cell('.5'), cell('1e1')]).toEqual([5, 0.5, 10])
    expect(cell('1,5')).toMatchObject({
      place: 'line 3, ml',
      message: expect.stringContaining('comma'),
    })
    for (const bad of ['', 'much', '0x10', '101', 'Infinity'])
      expect(typeof cell(bad)).toBe('object')
  })
})

describe('second ones', () => {
  let made = 0
  const newId = (): string => `n${++made}`
  const coat = { id: 'c', kind: 'layer' as const, of: { puddle: 'troll.base' } }
  const troll = blankFigure('troll', {
    name: 'Troll',
    group: 'g',
    accents: [{ id: 'a', place: 'nose' }],
    stack: { under: { kind: 'flat', of: { puddle: 'pale' } }, coats: [coat] },
    bench: { along: ['bram'] },
  })
  const white = { of: { bottle: 'titanium-white' }, drops: 3 }
  const puddles = [
    { id: 'all', parts: [white] },
    { id: 'troll.light', figure: 'troll', parts: [white] },
    {
      id: 'pale',
      name: 'pale',
      figure: 'troll',
      parts: [
        white,
        { of: { puddle: 'troll.light' }, drops: 1 },
        { of: { puddle: 'all' }, drops: 2 },
      ],
    },
  ]
  const project = blankCommission('p', 'Marsh', {
    figures: [troll, blankFigure('bram')],
    groups: [{ id: 'g', name: 'Trolls' }],
    puddles,
    figure: 'troll',
    log: [],
    done: [{ figure: 'troll', copy: 1, of: { kind: 'undercoat' }, at: 0 }],
  })

  it('share nothing with the first: own ids for coats, accents and themselves', () => {
    const { figure: second, puddles: own } = secondOf(troll, puddles, 'Troll 2', true, newId)
    expect(second.id).not.toBe(troll.id)
    expect(second.stack!.coats[0]!.id).not.toBe('c')
    expect(second.accents![0]!.id).not.toBe('a')
    expect(second.stack!.coats[0]!.of).toEqual({ puddle: `${second.id}.base` })
    // Its mixes are its own: a step is its own step, what is for all stays one.
    const pale = own.find(({ name }) => name === 'pale')!
    expect(second.stack!.under).toEqual({ kind: 'flat', of: { puddle: pale.id } })
    expect(pale).toMatchObject({ figure: second.id })
    expect(pale.parts.slice(1).map(({ of }) => of)).toEqual([
      { puddle: `${second.id}.light` },
      { puddle: 'all' },
    ])
    expect(own.map(({ id }) => id)).toContain(`${second.id}.light`)
    const bare = secondOf(troll, puddles, 'Troll 2', false, newId)
    expect(bare.figure.stack).toBeUndefined()
    expect(bare.puddles.map(({ id }) => id)).toEqual([`${bare.figure.id}.light`])
    const taken = takenFrom(troll, puddles, 'bram', ['tone', 'bench'], newId)
    expect(Object.keys(taken.figure)).toEqual(['tone', 'bench'])
    // Taken over twice, a mix is not there twice.
    const first = takenFrom(troll, puddles, 'bram', ['coats'], newId)
    const again = takenFrom(troll, [...puddles, ...first.puddles], 'bram', ['coats'], newId)
    expect(first.puddles).toHaveLength(1)
    expect(again.puddles).toEqual([])
  })

  it('a commission again: figures, groups and what is painted alongside point at their own', () => {
    const again = secondCommission(project, 'Marsh again', newId)
    const [first, other] = again.figures
    expect(first!.group).toBe(again.groups![0]!.id)
    expect(first!.bench!.along).toEqual([other!.id])
    expect(again.figure).toBe(first!.id)
    expect([again.done, again.log]).toEqual([undefined, undefined])
    const all = JSON.stringify(again)
    for (const old of ['"troll', '"bram"', '"g"', '"p"']) expect(all).not.toContain(old)
    expect(parseProject(formatProject(again), ids).ok).toBe(true)
  })
})

it('what readings taught is a layer over the bottle, six digits a number, and comes off again', () => {
  const ochre = starterPaints.find(({ id }) => id === 'yellow-ochre')!
  const taught = { ...ochre, K: ochre.K.map((k) => 1.2 * k), S: ochre.S.map((s) => 0.9 * s) }
  const layer = learntOf(taught, '2026-11-30T20:00:00Z', ['e1', 'e2'])
  const now = withLearnt(ochre, layer)
  expect(now).toMatchObject({ id: 'yellow-ochre', name: ochre.name, origin: 'calibrated' })
  now.K.forEach((k, i) => expect(k / taught.K[i]!).toBeCloseTo(1, 5))
  now.S.forEach((s, i) => expect(s / taught.S[i]!).toBeCloseTo(1, 5))
})

describe('what is written is read by others', () => {
  it('a spreadsheet runs nothing of ours and takes no number for text', () => {
    const written = csvOf([
      { name: '=1+1', L: '-3.20', b: '+4', note: '-x', sum: '@A1', e: '-1e-3' },
    ])
    expect(written).toBe(`\uFEFFname,L,b,note,sum,e\r\n"'=1+1",-3.20,+4,"'-x","'@A1",-1e-3\r\n`)
    // Bytes that say they are UTF-8, lines that end as RFC 4180 has it.
    expect([...new TextEncoder().encode(written).subarray(0, 3)]).toEqual([0xef, 0xbb, 0xbf])
  })

  it('control characters and lone halves of pairs do not break a picture, nor a bare return a calendar', () => {
    expect(xmlText('a\u0000b\u001fc\ud800d\udc00e\tf\n😀')).toBe(
      'a\ufffdb\ufffdc\ufffdd\ufffde\tf\n😀',
    )
    const calendar = formatCalendar([
      {
        id: 'a',
        start: new Date(0),
        minutes: 60,
        title: 'Base\rEND:VEVENT',
        lines: ['one\r\ntwo'],
      },
    ])
    expect(calendar.match(/^END:VEVENT/gm)).toHaveLength(1)
    // Lines end by CRLF, and in no other way (RFC 5545, 3.1).
    expect(calendar.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/)
  })

  it('a decimal is read in time that grows with it, and is nothing else', () => {
    for (const [text, value] of [
      ['12', 12],
      ['-.5', -0.5],
      ['3.', 3],
      ['1e-3', 0.001],
    ] as const)
      expect(decimal(text)).toBe(value)
    for (const text of ['', '.', '1,5', '0x1', 'e3', '1e', '--1', `${'9'.repeat(40_000)}x`])
      expect(decimal(text), text.slice(0, 9)).toBeNaN()
  })
})
