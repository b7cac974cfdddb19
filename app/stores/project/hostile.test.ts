import { expect, it } from 'vitest'
import { blankFigure } from '../../../core'
import type { Figure } from '../../../core'
import { seeded } from '../../../core/numbers/seeded'
import { begin, coat, entry, lab, paint, readsBack, stack } from '../../../tests/fixtures/hostile'
import type { useProject } from './project'
import { many } from '../../../tests/thorough'

const RUNS = many(10_000, 400)
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
  const ingredient = () =>
    one([
      { bottle: ids() },
      { puddle: ids() },
      { puddle: one(['isaura.base', 'isaura.light', 'mei.base']) },
      { bottle: 'titanium-white' },
    ])
  const key = () => one(['base', 'light', 'glint', 'nowhere', '__proto__']) as never
  const figure = (store: ReturnType<typeof useProject>): Figure =>
    one([
      blankFigure(`f${upTo(9)}`),
      { ...store.figure, id: one([store.figure.id, `g${upTo(99)}`]) },
      blankFigure(ids(), { name: texts(), many: any(), tone: any() }),
    ])
  const changes = (store: ReturnType<typeof useProject>): (() => unknown)[] => {
    const id = () => one([store.figure.id, ids()])
    const puddles = () => ['gone', ...(store.project.puddles ?? []).map((puddle) => puddle.id)]
    const mix = () => one([ingredient(), { puddle: one(puddles()) }])
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
      () => store.setLighting(one(['contrast', 'warmth', 'sheen'] as const), any()),
      () => store.setPlan({ [one(['bottles', 'form', 'key', 'spacing', 'bare'])]: any() }),
      () => store.moveStep(key(), one([undefined, lab, { L: any(), a: 1, b: 1 }])),
      () => store.keep(key(), one([undefined, [], [{ of: ingredient(), drops: any() }]])),
      () =>
        store.changePuddle(one(puddles()), {
          parts: [{ of: mix(), drops: one([1, 0.25, any()]) }],
        }),
      () => store.makePuddle({ name: texts(), parts: [{ of: mix(), drops: 1 }] }, random() < 0.5),
      () => store.changePuddle(one(puddles()), { name: texts(), forAll: random() < 0.5 }),
      () => store.dropPuddle(one(puddles())),
      () => store.setAccent('nose', { of: mix(), thinner: any() }),
      () => store.toggleDetail('eye'),
      () => store.setDetail('eye', { middle: mix() }),
      () => store.keep('base', [{ of: { bottle: 'titanium-white' }, drops: 1 + upTo(120) }]),
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
    const before = store.changed
    for (let step = 0; step < STEPS; step++) {
      one(list)()
      if (store.refused.length > 0) refusals++
    }
    if (store.changed === before) continue
    made++
    readsBack(store, `run ${run}`)
  }
  // Most sequences changed something, and hostile values were met.
  expect(made).toBeGreaterThan(RUNS / 2)
  expect(refusals).toBeGreaterThan(RUNS / 2)
}, 240_000)
