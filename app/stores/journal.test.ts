import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { isDeepStrictEqual } from 'node:util'
import { blankFigure, formatProject } from '../../core'
import type { Project } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { aside, begin, later, quiet, stored, work } from '../../tests/fixtures/deskInMemory'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { thorough } from '../../tests/thorough'
import { journalsOf, journalsRecalled } from '../vault/journal'
import { useDesk } from './desk'
import { useProject } from './project/project'

vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))

describe('what was not stored yet', () => {
  beforeEach(quiet)

  it('a page that goes before anything is stored leaves its changes, and they are made again once', async () => {
    const { store } = await begin()
    const before = stored()!
    store.setLighting('contrast', 0.8)
    store.setLighting('warmth', 0.4)
    store.undo()
    expect(stored()).toBe(before)
    const again = await begin()
    expect(again.store.plan).toMatchObject({ contrast: 0.8, warmth: store.plan.warmth })
    expect(stored()).toBe(formatProject(again.store.project))
    // Undone in the next visit, it is not made again in the one after.
    again.store.setLighting('contrast', 1.3)
    await later(300)
    expect((await begin()).store.plan.contrast).toBe(1.3)
    expect(journalsOf('low-tide')).toEqual([])
  })

  it('a browser that is killed takes its quick place back by seconds; the database has what came since', async () => {
    const { store } = await begin()
    const before = stored()!
    store.setLighting('contrast', 0.8)
    const [key] = journalsOf('low-tide').map((one) => one.key)
    const seconds = localStorage.getItem(key!)!
    store.setLighting('warmth', 0.4)
    await later(20)
    expect(stored()).toBe(before)
    for (const [left, warmth] of [
      [seconds, 0.4],
      [undefined, 0.4],
    ] as const) {
      if (left) localStorage.setItem(key!, left)
      else localStorage.removeItem(key!)
      const kept = new Map(work)
      const notes = new Map(storesInMemory.of('notes'))
      const again = await begin()
      expect(again.store.plan).toMatchObject({ contrast: 0.8, warmth })
      // As it was, for the next.
      work.clear()
      kept.forEach((text, at) => work.set(at, text))
      notes.forEach((text, at) => storesInMemory.of('notes').set(at, text))
    }
  })

  it('what was made again and dropped is not made again over what came after, though a killed browser brings it back', async () => {
    const { store } = await begin()
    store.setLighting('contrast', 0.8)
    const [left] = journalsOf('low-tide').map(
      ({ key }) => [key, localStorage.getItem(key)!] as const,
    )
    // A clock that is set back makes nothing old new.
    vi.setSystemTime(Date.now() - 60_000)
    const again = await begin()
    expect(again.store.plan.contrast).toBe(0.8)
    again.store.setLighting('contrast', 0.5)
    await later(400)
    localStorage.setItem(...left!)
    const third = await begin()
    expect(third.store.plan.contrast).toBe(0.5)
    expect(localStorage.getItem(left![0])).toBeNull()
    // By and by nothing is left of it.
    vi.setSystemTime(Date.now() + 8 * 86_400_000)
    await journalsRecalled('low-tide')
    expect(storesInMemory.of('notes').size).toBe(0)
  })

  it('the database notes what goes to storage before it goes, so that nothing of it is made again', async () => {
    const notes = storesInMemory.of('notes')
    const { store } = await begin()
    let atWrite = new Map<string, unknown>()
    const set = work.set.bind(work)
    const written = vi.spyOn(work, 'set').mockImplementation((key, text) => {
      if (key.startsWith('commission')) atWrite = new Map(notes)
      return set(key, text)
    })
    store.setLighting('contrast', 0.8)
    await later(400)
    written.mockRestore()
    expect(atWrite.size).toBe(1)
    const [key] = atWrite.keys()
    expect(notes.get(key!)).toContain('dropped')
    // Killed right after the text was there: the note is all that is left beside it.
    atWrite.forEach((text, key) => notes.set(key, text))
    const there = stored()
    const again = await begin()
    expect(again.store.plan.contrast).toBe(0.8)
    expect(stored()).toBe(there)
    expect(aside()).toEqual([])
    await later(20)
    expect(notes.get(key!)).toContain('dropped')
  })

  it('a page that goes before the demo itself is stored leaves its changes, too', async () => {
    setActivePinia(createPinia())
    await useDesk().open('low-tide')
    useProject().setLighting('contrast', 0.8)
    // The page goes at this moment: nothing came to storage.
    work.clear()
    const left = journalsOf('low-tide')
    expect(left.map(({ entry }) => entry.base)).toEqual(['none'])
    const { store } = await begin()
    expect(store.plan.contrast).toBe(0.8)
    expect(stored()).toBe(formatProject(store.project))
    await later(20)
    expect(journalsOf('low-tide')).toEqual([])
    // What was changed in a demo that was deleted since is not for the one as it is shipped.
    store.setLighting('contrast', 0.7)
    work.clear()
    expect((await begin()).store.plan.contrast).toBe(1)
  })

  it('a page that goes while its text is on the way makes nothing twice, whether it came there or not', async () => {
    for (const arrived of [true, false]) {
      const { store } = await begin()
      const many = store.project.figures.length
      const before = stored()!
      const written = vi.spyOn(localStorage, 'setItem')
      store.addFigure(blankFigure(`sent-${arrived}`, { name: 'Sent' }))
      await later(300)
      // The page goes at this moment, and nothing later is known to it.
      const [key, entry] = written.mock.calls.filter(([, text]) => text.includes('"sent"')).at(-1)!
      localStorage.setItem(key, entry)
      if (!arrived) work.set('commission low-tide', before)
      const again = await begin()
      expect(again.store.project.figures.length, String(arrived)).toBe(many + 1)
    }
    expect(aside()).toEqual([])
  })

  it('changes left behind are made on what others have stored since, which is put aside', async () => {
    const { store } = await begin()
    store.setLighting('contrast', 0.8)
    const had = JSON.parse(stored()!) as Project
    const [mine, ...others] = had.figures
    const gone = { ...had, name: 'Gone', figure: others[0]!.id, figures: others }
    const fits = { ...had, name: 'Fits', figures: [...others, mine!] }
    for (const text of [gone, fits].map((one) => formatProject(one))) {
      work.set('commission low-tide', text)
      const again = await begin()
      const name = (JSON.parse(text) as Project).name
      expect(again.store.project.name).toBe(name)
      expect(aside()).toEqual(name === 'Fits' ? [formatProject(fits)] : [])
    }
    expect(useProject().figure.id).toBe(mine!.id)
    expect(useProject().plan.contrast).toBe(0.8)
  })

  it('sessions ended at any moment, in the middle of writing too: nothing that was done is lost', async () => {
    const random = seeded(20261126)
    const upTo = (n: number): number => Math.floor(random() * n)
    let { store } = await begin()
    let lost = 0
    for (let session = 0; session < (thorough ? 1000 : 60); session++) {
      for (let step = 1 + upTo(6); step > 0; step--) {
        const figure = store.project.figures[upTo(store.project.figures.length)]!
        const what = upTo(5)
        if (what === 0) store.setLighting('warmth', upTo(100) / 100)
        else if (what === 1) store.setFigure(figure.id, { many: 1 + upTo(20) })
        else if (what === 2) store.undo()
        else if (what === 3) store.chooseFigure(figure.id)
        else store.addFigure(blankFigure(`f${session}-${step}`, { name: `F ${session}` }))
        if (store.project.figures.length > 14) store.undo()
        await later(upTo(160))
      }
      // What a page has under way when it goes does not come back: the next one knows storage and journal alone.
      const last = JSON.parse(formatProject(store.project)) as Project
      vi.clearAllTimers()
      ;({ store } = await begin())
      // The order of keys is nobody's work.
      if (!isDeepStrictEqual(JSON.parse(formatProject(store.project)), last)) lost++
    }
    expect(lost).toBe(0)
    expect(aside()).toEqual([])
  })
})
