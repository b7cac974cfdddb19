import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { reactive, toRaw } from 'vue'
import { formatProject, parseProject, recordOf, starterPaints } from '../../../core'
import type { OwnPaint, StepKey } from '../../../core'
import { seeded } from '../../../core/numbers/seeded'
import { starterIds } from '../paints'
import { useProject } from './project'

/** A paint of the painter's own with the curves of a starter paint. */
const paint = (id: string): OwnPaint => ({
  ...recordOf(starterPaints.find((one) => one.id === 'yellow-ochre')!),
  id,
  name: `Bottle ${id}`,
  origin: 'estimated',
})

describe('the commission and its changes', () => {
  let store: ReturnType<typeof useProject>
  beforeEach(() => {
    vi.useFakeTimers({ now: 0 })
    setActivePinia(createPinia())
    store = useProject()
    return () => vi.useRealTimers()
  })
  const state = () => JSON.parse(formatProject(store.project)) as typeof store.project

  it('any order of changes leaves plain, valid data, and undo and redo go through every state', () => {
    const random = seeded(11)
    const upTo = (most: number): number => Math.floor(random() * most)
    const keys: StepKey[] = ['base', 'light', 'shade', 'glint']
    const key = () => keys[upTo(keys.length)]!
    /** What a view hands over is often reactive; nothing of that may stay in the project. */
    const drops = () => reactive([{ paint: 'yellow-ochre', drops: 1 + upTo(9) }])
    const parts = () => reactive([{ of: { bottle: 'yellow-ochre' }, drops: 1 + upTo(9) }])
    const changes: (() => void)[] = [
      () => store.chooseFigure(store.project.figures[upTo(9)]!.id),
      () => store.setLighting('warmth', random() - 0.5),
      () => store.setPlan({ way: 'run', key: reactive({ azimuth: upTo(60), elevation: 30 }) }),
      () => store.setPlan({ way: undefined, softness: random() }),
      () => store.moveStep(key(), reactive({ L: upTo(5), a: 1, b: -1 })),
      () => store.moveStep(key(), undefined),
      () => store.keep(key(), parts(), 'drops'),
      () => store.keep(key(), undefined),
      () => store.toggleAccent('lower-lip'),
      () => store.setLimit('maxDrops', 4 + upTo(9)),
      () => store.setTone(reactive({ ...store.figure.tone })),
      () => store.keepTones([{ name: `tone ${upTo(4)}`, tone: store.figure.tone }]),
      () => store.dropTone(`tone ${upTo(4)}`),
      () =>
        store.addPaints([paint(`own-${upTo(3)}`)], {
          'yellow-ochre': reactive({ ml: 17 }),
        }),
      () => store.removePaint(`own-${upTo(3)}`),
      () => store.setBottle('ultramarine', { leftMl: upTo(10) }),
      () => store.setPaintIn('carbon-black', random() < 0.5),
      () =>
        store.setStack(
          reactive({
            method: 'by hand',
            under: { kind: 'flat', of: { bottle: 'carbon-black' } },
            coats: [{ id: 'c', kind: 'layer', of: { puddle: `${store.figure.id}.base` } }],
          } as const) as never,
        ),
      () => store.setBench({ atOnce: 1 + upTo(5) }),
      () => store.setDone([], [{ parts: drops() }]),
      () =>
        store.keepVersion({
          name: `v${upTo(3)}`,
          at: new Date(Date.now()).toISOString(),
          plan: store.plan,
          steps: [],
        } as never),
      () =>
        store.project.figures.forEach(
          ({ versions }) => versions?.[0] && store.takeVersion(versions[0]),
        ),
      () =>
        store.addToLog({
          id: `e${Math.random()}`,
          at: new Date(Date.now()).toISOString(),
          figure: 'mei',
          who: 'Mei',
          what: 'glaze',
          parts: drops(),
          predicted: reactive({ L: 50, a: 1, b: 2 }),
        }),
      () => store.dropFromLog(store.log[0]?.id ?? ''),
    ]
    const begun = state()
    for (let i = 0; i < 150; i++) {
      vi.advanceTimersByTime(2000)
      const seen = store.changed
      changes[i < changes.length ? i : upTo(changes.length)]!()
      if (store.changed === seen) continue
      expect(() => structuredClone(toRaw(store.project)), `change ${i}`).not.toThrow()
      const reading = parseProject(formatProject(store.project), starterIds)
      expect(reading.ok ? [] : reading.issues, `change ${i}`).toEqual([])
    }
    const states = [state()]
    while (store.depth.undo > 0) {
      store.undo()
      states.push(state())
    }
    expect(states.length).toBeGreaterThan(100)
    expect(states.at(-1)).toEqual(begun)
    for (const there of states.toReversed().slice(1)) {
      store.redo()
      expect(state()).toEqual(there)
    }
    expect(store.depth.redo).toBe(0)
  })

  it('a dragged slider is one step of undo, another slider or a pause is the next', () => {
    const before = store.plan.contrast
    for (const contrast of [0.8, 0.9, 1]) store.setLighting('contrast', contrast)
    store.setLighting('warmth', 0.3)
    vi.advanceTimersByTime(5000)
    store.setLighting('warmth', 0.4)
    store.undo()
    expect(store.plan).toMatchObject({ contrast: 1, warmth: 0.3 })
    store.undo()
    store.undo()
    expect(store.plan.contrast).toBe(before)
    expect(store.depth).toEqual({ undo: 0, redo: 3 })
  })

  it('a paint that leaves the box leaves every mix kept with it, on any figure', () => {
    store.addPaints([paint('mine')])
    expect(store.paintsIn.map(({ id }) => id)).toContain('mine')
    store.keep('base', [
      { of: { bottle: 'mine' }, drops: 2 },
      { of: { bottle: 'titanium-white' }, drops: 1 },
    ])
    store.keep('light', [{ of: { bottle: 'titanium-white' }, drops: 3 }])
    const own = store.makePuddle({ parts: [{ of: { bottle: 'mine' }, drops: 1 }] })!
    const [here] = store.project.figures.map(({ id }) => id)
    store.chooseFigure(store.project.figures[1]!.id)
    store.removePaint('mine')
    store.chooseFigure(here!)
    // What the painter mixed stays, and says what it lacks; a step is found anew.
    const left = store.project.puddles!.filter(({ letDown }) => !letDown)
    expect(left.map(({ id }) => id)).toEqual(['isaura.light', own])
    expect(store.paints.map(({ id }) => id)).not.toContain('mine')
    store.undo()
    store.undo()
    store.chooseFigure(here!)
    expect(store.puddleOf('isaura.base')!.parts).toHaveLength(2)
  })

  it('what a mix takes leaves the bottles; mediums and varnishes are not mixed from', () => {
    store.setBottle('titanium-white', { leftMl: 1 })
    const before = { ...store.project.bottles!['titanium-white'] }
    const parts = [{ paint: 'titanium-white', drops: 4 }]
    store.setDone([], [{ parts }])
    expect(store.project.bottles!['titanium-white']).not.toEqual(before)
    store.undo()
    expect(store.project.bottles!['titanium-white']).toEqual(before)
    const kinds = new Set(store.paintsIn.map(({ kind }) => kind ?? 'paint'))
    expect([...kinds].filter((kind) => kind === 'medium' || kind === 'varnish')).toEqual([])
  })
})
