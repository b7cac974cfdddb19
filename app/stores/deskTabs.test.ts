import { tabs } from '../../tests/fixtures/tabsInMemory'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { blankFigure, formatProject } from '../../core'
import type { LogEntry, Project } from '../../core'
import { useShelf } from './shelf/shelf'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { aside, begin, later, quiet, stored, work } from '../../tests/fixtures/deskInMemory'

vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))

const entry: LogEntry = {
  id: 'mix',
  at: '2026-11-27T19:00:00.000Z',
  who: 'Isaura',
  what: 'base',
  parts: [{ paint: 'titanium-white', drops: 2 }],
  predicted: { L: 60, a: 12, b: 18 },
}

describe('two tabs at one desk', () => {
  beforeEach(() => {
    tabs.clear()
    return quiet()
  })
  it('what another tab wrote is followed at rest, and put aside when this one has changes of its own', async () => {
    const { store, desk } = await begin()
    store.setLighting('warmth', 0.3)
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
    store.setLighting('warmth', 0.5)
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

  /** Another tab writes a text, and tells of it, just after this one has read what was there. */
  function afterReading(text: string): void {
    const key = 'commission low-tide'
    const { get } = work
    work.get = (asked) => {
      const there = get.call(work, asked)
      if (asked === key) {
        work.get = get
        work.set(key, text)
        tabs.heard.forEach((hear) => hear({ data: 'low-tide' }))
      }
      return there
    }
  }

  it('what another tab writes while this one is opening it is shown', async () => {
    const { store } = await begin()
    store.setCommissionName('Before')
    await later(300)
    afterReading(stored()!.replace('Before', 'Meanwhile'))
    const two = await begin()
    await later(300)
    expect(two.store.project.name).toBe('Meanwhile')
  })

  it('the demo as shipped, opened in two tabs at once, does not stand against what one makes of it', async () => {
    const { store } = await begin()
    store.setCommissionName('Of one')
    await later(300)
    const made = stored()!
    work.delete('commission low-tide')
    afterReading(made)
    const two = await begin()
    await later(300)
    expect([JSON.parse(stored()!), aside()]).toEqual([JSON.parse(made), []])
    expect(two.store.project.name).toBe('Of one')
  })

  it('what is told while this one writes is followed once the write is done', async () => {
    const { store } = await begin()
    // The store answers the write late: what another tab tells comes in the middle of it.
    const { set } = work
    work.set = (key, text) => {
      set.call(work, key, text)
      if (key === 'commission low-tide' && String(text).includes('Mine')) {
        work.set = set
        set.call(work, key, String(text).replace('Mine', 'Theirs'))
        tabs.heard.forEach((hear) => hear({ data: 'low-tide' }))
      }
      return work
    }
    store.setCommissionName('Mine')
    await later(600)
    expect(store.project.name).toBe('Theirs')
  })

  it('a closed commission whose keys stand in another order is renamed without anything put aside', async () => {
    await begin()
    await later(300)
    const there = JSON.parse(stored()!) as Project
    setActivePinia(createPinia())
    work.set(
      'commission low-tide',
      JSON.stringify(Object.fromEntries(Object.entries(there).reverse())),
    )
    const shelf = useShelf()
    await shelf.look()
    await shelf.rename('low-tide', 'Ebb')
    expect([(JSON.parse(stored()!) as Project).name, aside()]).toEqual(['Ebb', []])
  })

  it('what another window deleted is said, does not come back by an edit, and is kept where that is asked', async () => {
    const { store, desk } = await begin()
    const shelf = useShelf()
    store.setLighting('warmth', 0.3)
    await later(1500)
    await shelf.refresh()
    const hear = () => tabs.heard.forEach((one) => one({ data: 'low-tide' }))
    const summary = () => storesInMemory.of('shelf').get('low-tide') as { deletedAt?: number }
    await shelf.remove('low-tide')
    hear()
    await later(100)
    expect(desk.gone).toBe('from the shelf')
    // Work goes on and is stored; it stays deleted all the same.
    store.setLighting('warmth', 0.4)
    await later(1500)
    expect(stored()).toContain('"warmth": 0.4')
    expect(summary().deletedAt).toBeGreaterThan(0)
    await desk.keepAll()
    expect(summary().deletedAt).toBeUndefined()
    expect(desk.gone).toBeUndefined()

    // For good: nothing is written any more, and that is said instead of “Saved”.
    work.delete('commission low-tide')
    store.setLighting('warmth', 0.5)
    await later(1500)
    expect(desk.gone).toBe('for good')
    expect(desk.state).toBe('failed')
    expect(stored()).toBeUndefined()
    await later(30_000)
    expect(stored()).toBeUndefined()
    await desk.keepAll()
    await later(1500)
    expect(stored()).toContain('"warmth": 0.5')
    expect(desk.state).toBe('saved')
  })
})
