import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { starterPaints } from '../../../paint/starter'
import { parseProject } from '../parse'
import { whoOf } from '../../../project/whoOf'
import { firstCoatId } from './version1'

const ids = new Set(starterPaints.map(({ id }) => id))
const text = readFileSync('tests/fixtures/version1/project.json', 'utf8')
/** As it was written by version 1; the fixture has everything that a project could have. */
const old = JSON.parse(text) as Record<string, unknown> & {
  figures: Record<string, unknown>[]
  log: Record<string, unknown>[]
}
const reading = parseProject(text, ids)
if (!reading.ok) throw new Error(JSON.stringify(reading.issues))
const project = reading.value
const [isaura, bram, tunde, mei] = project.figures
interface Drops {
  paint: string
  drops: number
}
/** What is in a puddle, as the first version wrote it. */
const inPuddle = (id: string): Drops[] | undefined =>
  project.puddles
    ?.find((one) => one.id === id)
    ?.parts.map(({ of, drops }) => ({ paint: (of as { bottle: string }).bottle, drops }))

it('a project of version 1 is taken over with nothing lost', () => {
  expect(project).toMatchObject({ version: 5, id: 'harbour-first-version', name: old.name })
  expect(project.out).toEqual(old.out)
  expect(project.box).toEqual(old.box)
  expect(project.bottles).toEqual(old.bottles)
  expect(project.tones).toEqual(old.tones)
  project.figures.forEach((figure, i) => {
    const {
      sizeMm: _mm,
      figures: _n,
      kept,
      ...plan
    } = old.figures[i]!.plan as Record<string, unknown>
    // Each step was mixed on its own where nothing else was said.
    expect(figure.plan).toEqual({ way: 'matched', ...plan })
    for (const [step, parts] of Object.entries(kept as Record<string, Drops[]>))
      expect(inPuddle(`${figure.id}.${step}`)).toEqual(parts)
    expect(figure.tone).toEqual(old.figures[i]!.tone)
    expect(figure.note).toBe(old.figures[i]!.note)
    // Where a sculpt of the painter's own lies beside the project.
    expect(figure.sculpt).toBe(figure.id)
  })
})

it('size and number have one meaning each', () => {
  expect(isaura).toMatchObject({ kind: 'person', size: { heightMm: 75 }, many: 3 })
  expect(bram!.size).toEqual({ heightMm: 200, bust: true })
  expect(tunde!.size).toEqual({ heightMm: 54 })
  expect(mei!.size).toEqual({ heightMm: 28 })
  expect(project.figures.find(({ id }) => id === 'kelp-drake')!.kind).toBe('creature')
  const scaled = (scale: string) => {
    const figures = [{ ...old.figures[2]!, scale }]
    const made = parseProject(JSON.stringify({ ...old, figure: 'tunde', figures, log: [] }), ids)
    return made.ok ? made.value.figures[0] : undefined
  }
  expect(scaled('bust 1:10')!.size).toEqual({ heightMm: 175, bust: true })
  expect(scaled('90 mm')!.size).toEqual({ heightMm: 90 })
  // What is no size stays with the painter's words.
  expect(scaled('heroic')).toMatchObject({ size: { heightMm: 54 }, note: 'very deep · heroic' })
})

it('coats, accents and versions get ids, and what was done says what it was of', () => {
  const coats = isaura!.stack!.coats
  expect(coats.map(({ id }) => id)).toEqual(coats.map((_, i) => firstCoatId(i)))
  const before = (old.figures[0]!.stack as { coats: { mix: unknown; place?: string }[] }).coats
  expect(coats.map(({ id: _id, of: _of, place: _place, ...coat }) => coat)).toEqual(
    before.map(({ mix: _mix, place: _place, ...coat }) => coat),
  )
  coats.forEach(({ of }, i) => {
    const { mix } = before[i]!
    if (!Array.isArray(mix)) return expect((of as { puddle: string }).puddle).toMatch(/^isaura\./)
    const drops = (mix as [string, number][]).map(([paint, n]) => ({ paint, drops: n }))
    if ('bottle' in of) expect(drops).toEqual([{ ...drops[0]!, paint: of.bottle }])
    else expect(inPuddle(of.puddle)).toEqual(drops)
  })
  expect(isaura!.accents!.map(({ place }) => place)).toEqual(['cheek', 'lower-lip'])
  expect(isaura!.versions![0]).toMatchObject({ id: 'version-1', name: 'first' })
  expect(isaura!.bench).toMatchObject({ along: ['mei'], slower: 1.6, tolerance: 1.5 })
  expect(project.done).toEqual([
    { figure: 'isaura', copy: 1, of: { kind: 'undercoat' }, at: 1e12 },
    { figure: 'isaura', copy: 2, of: { kind: 'undercoat' }, at: 1e12 + 1 },
    { figure: 'mei', copy: 1, of: { kind: 'undercoat' }, at: 1e12 + 2 },
    {
      figure: 'isaura',
      copy: 1,
      of: { kind: 'coat', coat: coats[0]!.id },
      at: 1e12 + 3,
      mixed: true,
    },
    { figure: 'isaura', copy: 1, of: { kind: 'accent', place: 'cheek' }, at: 1e12 + 4 },
  ])
  expect(project.timers).toEqual([
    {
      figure: 'isaura',
      copy: 1,
      of: { kind: 'coat', coat: coats[0]!.id },
      words: 'figure 1, base dries',
      endsAt: 1e12,
    },
  ])
})

it('log entries find their figures, and keep the name of one that has gone', () => {
  const [one, other] = project.log!
  const { figure: _figure, ...rest } = old.log[0]!
  expect(one).toEqual({ ...rest, figure: 'isaura', who: 'Isaura, ferrywoman, 1' })
  expect(other!.figure).toBeUndefined()
  const named = whoOf([{ id: 'isaura', name: 'Isaura of the ferry' }])
  expect(project.log!.map(named)).toEqual(['Isaura of the ferry', 'Somebody who left'])
})
