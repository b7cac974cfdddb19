import { readFileSync } from 'node:fs'
import { isDeepStrictEqual } from 'node:util'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import {
  blankFigure,
  formatProject,
  mostOf,
  parseBox,
  parseProject,
  recordOf,
  starterPaints,
} from '../../../core'
import type { Figure, OwnPaint } from '../../../core'
import { seeded } from '../../../tests/fixtures/seeded'
import { starterIds } from '../paints'
import { useProject } from './project'

/** Whatever is stored can be opened again, equal: the text that would be saved is read and written anew. */
function readsBack(store: ReturnType<typeof useProject>, when: string): void {
  const text = formatProject(store.project)
  const reading = parseProject(text, starterIds)
  expect(reading.ok ? [] : reading.issues, when).toEqual([])
  if (reading.ok && !isDeepStrictEqual(reading.value, JSON.parse(text)))
    expect(reading.value, when).toEqual(JSON.parse(text))
}
const paint = (id: string): OwnPaint => ({
  ...recordOf(starterPaints.find((one) => one.id === 'yellow-ochre')!),
  id,
  name: `Bottle ${id}`,
  origin: 'estimated',
})
const lab = { L: 50, a: 1, b: 2 }
const entry = (id: string) => ({
  id,
  at: '2026-01-01T19:00:00.000Z',
  who: 'Mei',
  what: 'glaze',
  parts: [{ paint: 'titanium-white', drops: 1 }],
  predicted: lab,
})
const coat = (id: string) => ({ id, kind: 'glaze', mix: 'base' }) as const
const stack = (many: number) =>
  ({
    under: { kind: 'flat', paint: 'carbon-black' },
    coats: Array.from({ length: many }, (_, i) => coat(`c${i}`)),
  }) as const

function begin(): ReturnType<typeof useProject> {
  setActivePinia(createPinia())
  return useProject()
}

describe('what an earlier version stored and could not open again', () => {
  const refusedAt = (store: ReturnType<typeof useProject>, place: string, what: string): void => {
    expect(store.refused[0]).toMatchObject({ place: expect.stringContaining(place) as string })
    expect(store.refused[0]!.message).toContain(what)
    readsBack(store, place)
  }

  it('a box file whose paints are named as starters are: they come in beside them', () => {
    const store = begin()
    const box = parseBox(readFileSync('docs/formats/box.json', 'utf8'))
    if (!box.ok) throw new Error('unreadable')
    const shared = box.value.paints.filter(({ id }) => starterIds.has(id))
    expect(shared.length).toBeGreaterThan(0)
    expect(store.addPaints(box.value.paints, box.value.bottles)).toBe(true)
    expect(store.project.box).toHaveLength(box.value.paints.length)
    expect(store.project.box!.some(({ id }) => starterIds.has(id))).toBe(false)
    readsBack(store, 'box.json')
    // A second time they take the place of the first.
    store.addPaints(box.value.paints, box.value.bottles)
    expect(store.project.box).toHaveLength(box.value.paints.length)
  })

  it('a pigment word over twenty letters is refused at its place', () => {
    const store = begin()
    const before = store.project
    expect(store.addPaints([{ ...paint('long'), pigments: ['P'.repeat(21)] }])).toBe(false)
    refusedAt(store, 'pigments[0]', 'longer than 20')
    expect(store.project).toBe(before)
  })

  it('an emptied number: ml of a bottle, thinner in a note', () => {
    const store = begin()
    expect(store.setBottle('ultramarine', { ml: '' as never })).toBe(false)
    refusedAt(store, 'bottles.ultramarine.ml', '0.1 to 5000')
    expect(store.addPaints([paint('mine')], { mine: { ml: Number.NaN, leftMl: 3 } })).toBe(false)
    refusedAt(store, 'bottles.mine.ml', '0.1 to 5000')
    expect(store.addToLog({ ...entry('a'), thinner: '' as never })).toBe(false)
    refusedAt(store, 'log[0].thinner', '0 to 40')
    expect(store.log).toHaveLength(0)
  })

  it('one more than a list may hold: versions, coats, tones, paints, entries', () => {
    const store = begin()
    const version = (n: number) => ({ name: `v${n}`, at: '2026', plan: store.plan, steps: [] })
    for (let n = 0; n < mostOf.versions; n++) expect(store.keepVersion(version(n))).toBe(true)
    expect(store.keepVersion(version(99))).toBe(false)
    refusedAt(store, 'versions', 'more than 50')

    expect(store.setStack(stack(mostOf.coats) as never)).toBe(true)
    expect(store.setStack(stack(mostOf.coats + 1) as never)).toBe(false)
    refusedAt(store, 'coats', 'more than 30')

    const tone = store.figure.tone
    const tones = (many: number, from = 0) =>
      Array.from({ length: many }, (_, n) => ({ name: `tone ${from + n}`, tone }))
    expect(store.keepTones(tones(mostOf.tones))).toBe(true)
    expect(store.keepTones(tones(1, 900))).toBe(false)
    refusedAt(store, 'tones', 'more than 200')

    const paints = (many: number) => Array.from({ length: many }, (_, n) => paint(`own${n}`))
    expect(store.addPaints(paints(mostOf.paints + 1))).toBe(false)
    refusedAt(store, 'box', 'more than 1000')
    expect(store.addPaints(paints(mostOf.paints))).toBe(true)

    const full = {
      ...store.project,
      log: Array.from({ length: mostOf.log }, (_, n) => entry(`e${n}`)),
    }
    store.restore(full)
    expect(store.addToLog(entry('one more'.replace(' ', '-').replace(' ', '-')))).toBe(false)
    refusedAt(store, 'log', 'more than 5000')
  })
})

const RUNS = 10_000
const STEPS = 6

it(`${RUNS} random sequences of changes with hostile values: each state that would be stored is read back equal`, () => {
  const random = seeded(2611)
  const upTo = (most: number): number => Math.floor(random() * most)
  const one = <T>(list: readonly T[]): T => list[upTo(list.length)]!
  const texts = () =>
    one(['', ' ', 'x'.repeat(3000), '<b>&"\n\u0000', '"', '\ud800', '🎨'.repeat(200), 'Troll', 'ß'])
  const numbers = () =>
    one([0, -1, 1, 2.5, 1e99, -1e99, Number.NaN, Infinity, null, '', undefined, 7, 54, 500, 501])
  const ids = () =>
    one([
      'isaura',
      'mei',
      'titanium-white',
      'carbon-black',
      'a b',
      '',
      '../x',
      'x'.repeat(90),
      'own1',
      '__proto__',
      'constructor',
    ])
  const any = () => one([texts, numbers, ids, () => ({}), () => [], () => true])() as never
  const key = () => one(['base', 'light', 'glint', 'nowhere', '__proto__']) as never
  const figure = (store: ReturnType<typeof useProject>): Figure =>
    one([
      blankFigure(`f${upTo(9)}`),
      { ...store.figure, id: one([store.figure.id, `g${upTo(99)}`]) },
      blankFigure(ids(), { name: texts(), many: any(), tone: any() }),
    ])
  const changes = (store: ReturnType<typeof useProject>): (() => unknown)[] => {
    const id = () => one([store.figure.id, ids()])
    return [
      () => store.chooseFigure(id()),
      () => store.addFigure(figure(store), id()),
      () => store.addFigure(figure(store)),
      () => store.dropFigure(id()),
      () => store.doubleFigure(id(), random() < 0.5),
      () => store.moveFigure(id(), any()),
      () => store.setFigure(id(), { name: texts() }),
      () => store.setFigure(id(), { many: any(), size: { heightMm: any() } }),
      () => store.setFigure(id(), { picture: { photo: ids(), name: texts() } }),
      () => store.setFigure(id(), { group: ids() }),
      () => store.setGroup(id(), texts()),
      () => store.paintLike(id(), [id(), id()], ['coats', 'accents', 'ladder', 'bench']),
      () => store.setCommissionName(texts()),
      () => store.setMood(one(['contrast', 'warmth', 'sheen'] as const), any()),
      () => store.setPlan({ [one(['bottles', 'form', 'key', 'spacing', 'thinner'])]: any() }),
      () => store.moveStep(key(), one([undefined, lab, { L: any(), a: 1, b: 1 }])),
      () => store.keep(key(), one([undefined, [], [{ paint: ids(), drops: any() }]])),
      () => store.keep('base', [{ paint: 'titanium-white', drops: 1 + upTo(120) }]),
      () => store.setLimit('maxDrops', any()),
      () =>
        store.setTone(
          one([
            store.figure.tone,
            { kind: 'hide', lab: { L: any(), a: 9, b: 9 } },
            { kind: 'hide', lab: { L: 50, a: 127, b: -127 } },
          ]),
        ),
      () =>
        store.setStack(
          one([
            undefined,
            stack(upTo(34)),
            { ...stack(2), coats: [coat('a'), coat('a')] },
          ]) as never,
        ),
      () => store.toggleAccent(texts()),
      () => store.toggleAccent('lower-lip'),
      () => store.setBench({ atOnce: any(), tolerance: any() }),
      () => store.setBench({ along: [ids(), ids()] }),
      () =>
        store.setDone([
          { figure: ids(), copy: any(), of: { kind: 'coat', coat: ids() }, at: any() },
        ]),
      () =>
        store.setTimers([
          { figure: ids(), copy: 1, of: { kind: 'undercoat' }, words: texts(), endsAt: any() },
        ]),
      () => store.addToLog({ ...entry(ids()), note: texts(), minutes: any(), photo: ids() }),
      () => store.addToLog(entry(`e${upTo(5)}`)),
      () => store.dropFromLog(`e${upTo(5)}`),
      () => store.keepVersion({ name: texts(), at: texts(), plan: store.plan, steps: [] }),
      () => store.figure.versions?.[0] && store.takeVersion(store.figure.versions[0]),
      () => store.keepTones([{ name: texts(), tone: any() }]),
      () => store.keepTones([{ name: 'quay', tone: store.figure.tone }]),
      () => store.dropTone('quay'),
      () =>
        store.addPaints([
          { ...paint(one(['own1', 'own2', ids()])), name: texts(), K: one(['1 2', paint('a').K]) },
        ]),
      () => store.addPaints([paint('own1'), paint('own1')]),
      () => store.removePaint(one(['own1', 'own2'])),
      () => store.setBottle(ids(), { [one(['ml', 'leftMl', 'price', 'notes', 'owned'])]: any() }),
      () => store.setPaintIn(ids(), random() < 0.5),
      () => store.setPaintInHere(ids(), random() < 0.5),
      () => store.setOwnedOnly(random() < 0.5),
      () => store.undo(),
      () => store.redo(),
    ]
  }
  let made = 0
  let refusals = 0
  let store = begin()
  for (let run = 0; run < RUNS; run++) {
    if (run % 50 === 0) {
      store = begin()
      // Few figures, so that many sequences fit into the time.
      store.restore({ ...store.project, figures: store.project.figures.slice(0, 3) })
    }
    const list = changes(store)
    const before = store.changes
    for (let step = 0; step < STEPS; step++) {
      one(list)()
      if (store.refused.length > 0) refusals++
    }
    if (store.changes === before) continue
    made++
    readsBack(store, `run ${run}`)
  }
  // Most sequences changed something, and hostile values were met.
  expect(made).toBeGreaterThan(RUNS / 2)
  expect(refusals).toBeGreaterThan(RUNS / 2)
}, 240_000)
