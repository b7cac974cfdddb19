import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import type { EffectScope } from 'vue'
import { formatProject, parseProject } from '../../core'
import { useAutosave } from './autosave'
import { starterIds } from './paints'
import { useProject } from './project'

/** What the browser stores, and how it fails. */
const disk = vi.hoisted(() => ({
  work: null as string | null,
  aside: [] as string[],
  fails: '',
  heard: () => undefined as void,
  told: 0,
}))
vi.mock('./vault', () => ({
  readWork: () => (disk.fails ? Promise.reject(new Error(disk.fails)) : Promise.resolve(disk.work)),
  setAside: (text: string) => Promise.resolve(disk.aside.push(text)),
  writeWork: (text: string, seen: string | null) => {
    if (disk.fails) return Promise.reject(new Error(disk.fails))
    const strange = disk.work !== null && disk.work !== seen && disk.work !== text
    if (strange) disk.aside.push(disk.work!)
    disk.work = text
    return Promise.resolve(strange)
  },
  tellOthers: () => void disk.told++,
  onOthers: (heard: () => void) => void (disk.heard = heard),
}))

describe('autosave', () => {
  let scope: EffectScope
  beforeEach(() => {
    Object.assign(disk, { work: null, aside: [], fails: '', told: 0 })
    vi.useFakeTimers()
    for (const name of ['addEventListener', 'removeEventListener'])
      vi.stubGlobal(name, () => undefined)
    vi.stubGlobal('document', {
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    })
    return () => {
      scope.stop()
      vi.unstubAllGlobals()
      vi.useRealTimers()
    }
  })
  async function begin() {
    setActivePinia(createPinia())
    scope = effectScope()
    const store = useProject()
    const saving = scope.run(() => useAutosave())!
    await saving.opened
    return { store, ...saving }
  }
  const later = async (ms: number): Promise<void> => {
    await nextTick()
    await vi.advanceTimersByTimeAsync(ms)
  }

  it('saves a change after a moment, once for many, and opens with it the next time', async () => {
    const { store, state } = await begin()
    expect(state.value).toBe('saved')
    expect(disk.work).toBeNull()
    for (const contrast of [0.8, 0.9, 1]) store.setMood('contrast', contrast)
    await later(100)
    expect(state.value).toBe('saving')
    expect(disk.work).toBeNull()
    await later(300)
    expect(state.value).toBe('saved')
    expect(disk.told).toBe(1)
    expect(disk.work).toBe(formatProject(store.project))
    const again = await begin()
    expect(again.store.plan.contrast).toBe(1)
    expect(again.store.depth.undo).toBe(0)
  })

  it('work that cannot be read is put aside as it is, and said by its place', async () => {
    disk.work = formatProject(useProject(createPinia()).project).replace(
      '"maxDrops": 20',
      '"maxDrops": 900',
    )
    const damaged = disk.work
    const { store, trouble } = await begin()
    expect(disk.aside).toEqual([damaged])
    expect(trouble.value).toMatch(/maxDrops.*put aside unchanged/)
    expect(store.plan.maxDrops).toBe(20)
  })

  it('a store that fails is said; the next change that can be stored is, whole', async () => {
    const { store, state, trouble } = await begin()
    disk.fails = 'the disk is full'
    store.setMood('warmth', 0.3)
    await later(300)
    expect(state.value).toBe('failed')
    expect(trouble.value).toMatch(/disk is full.*Save a project file/)
    disk.fails = ''
    store.setMood('contrast', 1)
    await later(300)
    expect(state.value).toBe('saved')
    expect(trouble.value).toBe('')
    const reading = parseProject(disk.work!, starterIds)
    if (!reading.ok) throw new Error('unreadable')
    expect(reading.value.figures.find(({ id }) => id === reading.value.figure)!.plan).toMatchObject(
      {
        warmth: 0.3,
        contrast: 1,
      },
    )
    disk.fails = 'refused'
    expect((await begin()).state.value).toBe('failed')
  })

  it('what another tab wrote is followed at rest, and put aside when this one has changes of its own', async () => {
    const { store, trouble } = await begin()
    store.setMood('warmth', 0.3)
    await later(300)
    const other = JSON.parse(disk.work!) as typeof store.project
    other.name = 'From the other tab'
    disk.work = formatProject(other)
    disk.heard()
    await later(0)
    expect(store.project.name).toBe('From the other tab')
    // Following is no change of one's own to write or to tell.
    const told = disk.told
    await later(300)
    expect(disk.told).toBe(told)

    store.setMood('warmth', 0.5)
    await nextTick()
    disk.work = formatProject({ ...other, name: 'Meanwhile' })
    disk.heard()
    await later(300)
    expect(disk.aside.map((text) => (JSON.parse(text) as typeof other).name)).toEqual(['Meanwhile'])
    expect(trouble.value).toContain('Another tab had changed the work meanwhile')
    expect(store.plan.warmth).toBe(0.5)
    expect(JSON.parse(disk.work)).toMatchObject({ name: 'From the other tab' })
  })
})
