import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { readFileSync } from 'node:fs'
import { blankFigure, formatProject, parseProject } from '../../core'
import type { LogEntry, Project } from '../../core'
import { aside, begin, later, stored, work } from '../../tests/fixtures/deskInMemory'
import { stubBrowser } from '../../tests/fixtures/browserGlobals'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { starterIds } from './paints'
import { useProject } from './project/project'
import { useShelf } from './shelf/shelf'
import { refusalWords } from '../vault/storing'

vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))
/** What other tabs hear and tell. */
const tabs = vi.hoisted(() => {
  const heard: ((event: { data: string }) => void)[] = []
  const told: string[] = []
  const state = { heard, told, deliver: false }
  class BroadcastChannel {
    postMessage = (id: string) => {
      told.push(id)
      if (state.deliver) heard.forEach((hear) => hear({ data: id }))
    }
    addEventListener = (_: string, hear: (event: { data: string }) => void) => void heard.push(hear)
  }
  Object.assign(globalThis, { BroadcastChannel })
  return state
})

const entry: LogEntry = {
  id: 'mix',
  at: '2026-11-27T19:00:00.000Z',
  who: 'Isaura',
  what: 'base',
  parts: [{ paint: 'titanium-white', drops: 2 }],
  predicted: { L: 60, a: 12, b: 18 },
}

describe('the desk', () => {
  beforeEach(() => {
    storesInMemory.clear()
    Object.assign(tabs, { deliver: false })
    tabs.told.length = 0
    tabs.heard.length = 0
    vi.useFakeTimers()
    stubBrowser()
    return () => {
      vi.unstubAllGlobals()
      vi.useRealTimers()
    }
  })
  it('saves a change after a moment, once for many, and opens with it the next time', async () => {
    const { store, desk } = await begin()
    expect(desk.state).toBe('saved')
    const before = stored()
    for (const contrast of [0.8, 0.9, 1]) store.setMood('contrast', contrast)
    await later(100)
    expect(desk.state).toBe('saving')
    expect(stored()).toBe(before)
    await later(300)
    expect(desk.state).toBe('saved')
    expect(stored()).toBe(formatProject(store.project))
    const again = await begin()
    expect(again.store.plan.contrast).toBe(1)
    expect(again.store.depth.undo).toBe(0)
  })

  it('commissions lie apart: what is changed in one is saved before the next is opened', async () => {
    const { store, desk } = await begin()
    const other = await useShelf().addEmpty('Marsh patrol')
    store.setMood('contrast', 0.7)
    expect(await desk.open(other)).toBe('opened')
    expect(store.project).toMatchObject({ name: 'Marsh patrol', figures: [] })
    expect(store.depth.undo).toBe(0)
    expect(JSON.parse(stored()!)).toMatchObject({
      figures: [{ plan: { contrast: 0.7 } }, ...Array.from({ length: 8 }, () => ({}))],
    })
    store.setCommissionName('Marsh watch')
    expect(await desk.open('low-tide')).toBe('opened')
    expect(store.plan.contrast).toBe(0.7)
    expect(JSON.parse(stored(other)!)).toMatchObject({ name: 'Marsh watch' })
    await useShelf().refresh()
    expect(
      useShelf()
        .onShelf.map(({ name }) => name)
        .sort(),
    ).toEqual(['Low Tide', 'Marsh watch'])
    expect(await desk.open('nowhere')).toBe('missing')
    expect(store.project.name).toBe('Low Tide')
  })

  it('what cannot be read is opened as far as it can be, named, and put aside as it was', async () => {
    const project = JSON.parse(formatProject(useProject(createPinia()).project)) as Project
    const damaged = JSON.stringify({
      ...project,
      figures: project.figures.map((figure, i) =>
        i === 1 ? { ...figure, plan: { ...figure.plan, maxDrops: 900 }, note: 7 } : figure,
      ),
      tones: [
        { name: '', tone: {} },
        { name: 'quay', tone: project.figures[0]!.tone },
      ],
    })
    work.set('commission harbour', damaged)
    const { store, desk } = await begin('harbour')
    expect(aside()).toEqual([damaged])
    expect(desk.trouble).toMatch(/figures\[1\]\.note.*put aside unchanged/)
    expect(store.project.figures.map(({ name }) => name)).toEqual(
      project.figures.map(({ name }) => name),
    )
    expect(store.project.figures[1]!.plan.maxDrops).toBe(20)
    expect(store.project.tones).toEqual([{ name: 'quay', tone: project.figures[0]!.tone }])
    // The next start finds nothing wrong and puts nothing aside again.
    await begin('harbour')
    expect(aside()).toHaveLength(1)

    work.set('commission torn', damaged.slice(0, 400))
    const torn = await begin('torn')
    expect(torn.opened).toBe('broken')
    expect(stored('torn')).toBe(damaged.slice(0, 400))
    expect(torn.desk.trouble).toContain('stops in the middle')
  })

  it('a browser of version 1 keeps all it had, as the first commission', async () => {
    const text = readFileSync('tests/fixtures/version1/project.json', 'utf8')
    work.set('project', text)
    const { store, opened } = await begin('harbour-first-version')
    expect(opened).toBe('opened')
    expect(store.project.name).toBe('Harbour, first version')
    expect(store.project.log).toHaveLength(2)
    expect(work.has('project')).toBe(false)
    expect(aside()).toEqual([text])
    await useShelf().refresh()
    expect(useShelf().onShelf).toHaveLength(1)
    await begin('harbour-first-version')
    expect(aside()).toHaveLength(1)
  })

  it('a store that fails is said; the next change that can be stored is, whole', async () => {
    const { store, desk } = await begin()
    storesInMemory.failAfter(0)
    store.setMood('warmth', 0.3)
    await later(300)
    expect(desk.state).toBe('failed')
    expect(desk.trouble).toMatch(/disk is full.*save a project file/)
    storesInMemory.failAfter(Infinity)
    store.setMood('contrast', 1.1)
    await later(300)
    expect([desk.state, desk.trouble]).toEqual(['saved', ''])
    const reading = parseProject(stored()!, starterIds)
    if (!reading.ok) throw new Error('unreadable')
    expect(reading.value.figures[0]!.plan).toMatchObject({ warmth: 0.3, contrast: 1.1 })
  })

  it('what was refused is tried again by itself, and the page asks that nothing is cleared', async () => {
    const persist = vi.fn(() => Promise.resolve(true))
    vi.stubGlobal('navigator', { ...navigator, storage: { persist } })
    const { store, desk } = await begin()
    storesInMemory.failAfter(0)
    store.setMood('warmth', 0.4)
    await later(300)
    expect(desk.state).toBe('failed')
    storesInMemory.failAfter(Infinity)
    await later(11_000)
    expect([desk.state, desk.trouble]).toEqual(['saved', ''])
    expect(stored()).toContain('"warmth": 0.4')
    store.setMood('warmth', 0.5)
    await later(300)
    expect(persist).toHaveBeenCalledTimes(1)
  })

  it('why storage refused is said with what helps', () => {
    const named = (name: string) => refusalWords(Object.assign(new Error('no'), { name }))
    expect(named('QuotaExceededError')).toMatch(/full: no\. Delete pictures/)
    expect(named('SecurityError')).toMatch(/private window: no\. Allow site data/)
    expect(named('Error')).toBe('no')
  })

  it('what another tab wrote is followed at rest, and put aside when this one has changes of its own', async () => {
    const { store, desk } = await begin()
    store.setMood('warmth', 0.3)
    await later(300)
    const hear = (id: string) => tabs.heard.forEach((one) => one({ data: id }))
    const other = JSON.parse(stored()!) as Project
    work.set('commission low-tide', formatProject({ ...other, name: 'From the other tab' }))
    hear('another')
    await later(0)
    expect(store.project.name).toBe('Low Tide')
    hear('low-tide')
    await later(300)
    expect(store.project.name).toBe('From the other tab')
    // Following is no change of one's own: nothing is written, whatever order its keys come in.
    const turned = Object.fromEntries(Object.entries({ ...other, name: 'Turned' }).reverse())
    work.set('commission low-tide', JSON.stringify(turned))
    const told = tabs.told.length
    hear('low-tide')
    await later(600)
    expect(store.project.name).toBe('Turned')
    expect(stored()).toBe(JSON.stringify(turned))
    expect(tabs.told.length).toBe(told)
    expect(desk.state).toBe('saved')

    // What both changed is as this one has it; the other's is put aside whole.
    store.setMood('warmth', 0.5)
    store.setCommissionName('Here')
    await nextTick()
    const [first, ...rest] = other.figures
    const elsewhere = [{ ...first!, note: 'from there' }, ...rest]
    work.set(
      'commission low-tide',
      formatProject({ ...other, name: 'Meanwhile', figures: elsewhere }),
    )
    hear('low-tide')
    await later(300)
    expect(aside().map((text) => (JSON.parse(text as string) as Project).name)).toEqual([
      'Meanwhile',
    ])
    expect(desk.trouble).toContain('Another tab had changed the same meanwhile')
    expect(store.plan.warmth).toBe(0.5)
    const now = JSON.parse(stored()!) as Project
    expect([now.name, now.figures[0]!.note]).toEqual(['Here', 'from there'])
  })

  it('forty changes in two tabs, twenty milliseconds apart: all are kept, and can be undone where made', async () => {
    const one = await begin()
    const two = await begin()
    tabs.deliver = true
    const had = one.store.figures.map(({ id }) => id)
    for (let i = 0; i < 40; i++) {
      const { store } = i % 2 ? two : one
      if (i < 10) store.addFigure(blankFigure(`tab-${i}`, { name: `Tab ${i}` }))
      else if (i < 20) store.addToLog({ ...entry, id: `mix-${i}` })
      else if (i < 29) store.setFigure(had[i - 20]!, { note: `n${i}` })
      else if (i < 38) store.setFigure(had[i - 29]!, { many: i })
      else if (i < 39) store.setCommissionName('Both')
      else store.setFigure(had[0]!, { name: 'First' })
      await later(20)
    }
    await later(3000)
    const both = [one, two].map(({ store }) => JSON.parse(formatProject(store.project)) as Project)
    for (const { name, figures, log } of [...both, JSON.parse(stored()!) as Project]) {
      expect([name, figures.length - had.length]).toEqual(['Both', 10])
      expect(log!.filter(({ id }) => id.startsWith('mix-')).length).toBe(10)
      had.forEach((id, i) =>
        expect(figures.find((figure) => figure.id === id)).toMatchObject({
          note: `n${20 + i}`,
          many: 29 + i,
        }),
      )
      expect(figures.find(({ id }) => id === had[0])!.name).toBe('First')
    }
    expect(aside()).toEqual([])
    // What another tab made is not undone with it.
    one.store.undo()
    await later(3000)
    expect(two.store.project.name).not.toBe('Both')
    expect(two.store.figures.find(({ id }) => id === had[0])!.name).toBe('First')
  })
})
