import { tabs } from '../../tests/fixtures/tabsInMemory'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { readFileSync } from 'node:fs'
import { formatProject, parseProject } from '../../core'
import type { Project } from '../../core'
import { aside, begin, later, quiet, stored, work } from '../../tests/fixtures/deskInMemory'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { starterIds } from './paints'
import { useProject } from './project/project'
import { useShelf } from './shelf/shelf'
import { failureWords } from '../words/failure'

vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))

describe('the desk', () => {
  beforeEach(() => {
    tabs.clear()
    return quiet()
  })
  it('saves a change after a moment, once for many, and opens with it the next time', async () => {
    const { store, desk } = await begin()
    expect(desk.state).toBe('saved')
    const before = stored()
    for (const contrast of [0.8, 0.9, 1]) store.setLighting('contrast', contrast)
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
    store.setLighting('contrast', 0.7)
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
    expect(store.mostDrops).toBe(6)
    expect(store.project.figures[1]!.plan.maxDrops).toBeUndefined()
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
    store.setLighting('warmth', 0.3)
    await later(300)
    expect(desk.state).toBe('failed')
    expect(desk.trouble).toMatch(/disk is full.*save a project file/)
    storesInMemory.failAfter(Infinity)
    store.setLighting('contrast', 1.1)
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
    store.setLighting('warmth', 0.4)
    await later(300)
    expect(desk.state).toBe('failed')
    storesInMemory.failAfter(Infinity)
    await later(11_000)
    expect([desk.state, desk.trouble]).toEqual(['saved', ''])
    expect(stored()).toContain('"warmth": 0.4')
    store.setLighting('warmth', 0.5)
    await later(300)
    expect(persist).toHaveBeenCalledTimes(1)
  })

  it('why storage refused is said with what helps', () => {
    const named = (name: string) => failureWords(Object.assign(new Error('no'), { name }))
    expect(named('QuotaExceededError')).toMatch(/full: no\. Delete pictures/)
    expect(named('SecurityError')).toMatch(/private window: no\. Allow site data/)
    expect(named('Error')).toBe('no')
  })
})
