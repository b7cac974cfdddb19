import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { packCommission, photosOf } from '../../../core'
import { stubBrowser } from '../../../tests/fixtures/browserGlobals'
import { storesInMemory } from '../../../tests/fixtures/storageInMemory'
import { largeCommission } from '../../../tests/fixtures/largeCommission'
import { useLadder } from '../../stores/ladder/ladder'
import { useDesk } from '../../stores/desk'
import { useProject } from '../../stores/project/project'
import { useShelf } from '../../stores/shelf/shelf'
import { bringBack } from './bringBack'
import { saveFile } from './saveFile'
import { takeAway } from './takeAway'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
vi.mock('./saveFile', async (real) => ({
  ...(await real<typeof import('./saveFile')>()),
  saveFile: vi.fn(),
}))
vi.mock('localforage', () => import('../../../tests/fixtures/storageInMemory'))
const kept = storesInMemory.of('photos')

const savedFile = () => {
  const [name, content, type] = vi.mocked(saveFile).mock.calls.at(-1)!
  return { name, content, type }
}
const file = (name: string, content: BlobPart): File => new File([content], name)

describe('files of the work', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    storesInMemory.clear()
    vi.mocked(saveFile).mockClear()
    stubBrowser()
    return () => vi.unstubAllGlobals()
  })

  it('the ladder as a table and a palette has every step, also when its mixes are still sought', async () => {
    await takeAway.csv()
    const { name, content } = savedFile()
    expect(name).toBe('isaura-ferrywoman.csv')
    const lines = String(content).trim().split(/\r?\n/)
    const ladder = useLadder()
    expect(lines).toHaveLength(1 + ladder.steps.length)
    expect(lines[1]).toContain(ladder.steps[0]!.name)
    await takeAway.gpl()
    expect(String(savedFile().content)).toMatch(/^GIMP Palette/)
    expect(String(savedFile().content).match(/^\s*\d+\s+\d+\s+\d+/gm)).toHaveLength(7)
  })

  it('a project that is saved comes back the same; the log names paints', async () => {
    const store = useProject()
    store.addToLog({
      id: 'one',
      at: '2026-01-01T19:00:00.000Z',
      figure: 'mei',
      who: 'Mei',
      what: 'glaze',
      parts: [{ paint: 'titanium-white', drops: 3 }],
      predicted: { L: 50, a: 1, b: 2 },
    })
    takeAway.log()
    expect(String(savedFile().content)).toContain('3 titanium white')
    takeAway.json()
    const { name, content } = savedFile()
    expect(name).toMatch(/\.cobaltfinch\.json$/)
    setActivePinia(createPinia())
    const back = await bringBack(file(name, content))
    expect(back).toEqual({ id: 'low-tide', issues: [] })
    expect(await useDesk().open(back.id!)).toBe('opened')
    expect(useProject().project).toEqual(JSON.parse(String(content)))
    expect(useProject().log).toHaveLength(1)
    // A second time it stands beside the first, under a name and an address of its own.
    const again = await bringBack(file(name, content))
    expect(again.id).not.toBe('low-tide')
    expect(
      useShelf()
        .onShelf.map((one) => one.name)
        .sort(),
    ).toEqual(['Low Tide', 'Low Tide 2'])
  })

  it('a packed commission goes out and comes back whole, with its pictures', async () => {
    const { project, photos } = largeCommission()
    const zip = packCommission({ project, photos, sculpts: new Map() }, (id) => id)
    const back = await bringBack(file('forty.zip', new Uint8Array(zip)))
    expect(back).toEqual({ id: project.id, issues: [] })
    await useDesk().open(back.id!)
    expect(useProject().project).toEqual(project)
    expect(kept.size).toBe(100)
    await takeAway.zip()
    const { name, content, type } = savedFile()
    expect([name, type]).toEqual(['forty-at-the-ferry.zip', 'application/zip'])
    storesInMemory.clear()
    setActivePinia(createPinia())
    expect((await bringBack(file(name, content))).issues).toEqual([])
    await useDesk().open(project.id)
    expect(useProject().project).toEqual(project)
    const [id, picture] = [...photos][7]!
    expect(new Uint8Array(await (kept.get(id) as Blob).arrayBuffer())).toEqual(picture)
  })

  it('what is damaged, foreign or too large changes nothing and is named', async () => {
    const before = JSON.stringify(useProject().project)
    const issuesOf = async (given: File) => (await bringBack(given)).issues.join()
    expect(await issuesOf(file('a.json', '{"format":"other"}'))).toContain('other program')
    expect(await issuesOf(file('a.json', '{"for'))).not.toBe('')
    expect(await issuesOf(file('a.zip', 'PK no zip'))).toMatch(/zip/)
    const large = file('b.json', '')
    Object.defineProperty(large, 'size', { value: 30 * 1048576 })
    expect((await bringBack(large)).issues).toEqual([
      'The file: 30 MB; a project file has at most 20 MB',
    ])
    const gone = file('c.json', '')
    const text = () => Promise.reject(new Error('it is gone'))
    Object.defineProperty(gone, 'slice', { value: () => ({ text }) })
    expect((await bringBack(gone)).issues).toEqual(['The file could not be read: it is gone'])
    expect(JSON.stringify(useProject().project)).toBe(before)
    expect(useProject().depth.undo).toBe(0)
    expect(useShelf().all).toEqual([])
  })

  it('a zip that is refused changes nothing; one without its pictures opens and says so', async () => {
    const { project, photos } = largeCommission()
    const pack = (made: typeof project) =>
      new Uint8Array(packCommission({ project: made, photos, sculpts: new Map() }, (id) => id))
    const bad = structuredClone(project)
    bad.figures[0]!.plan.maxDrops = 900
    expect((await bringBack(file('bad.zip', pack(bad)))).issues.join()).toContain('maxDrops')
    expect([kept.size, storesInMemory.of('work').size]).toEqual([0, 0])

    // Storage that gives out half-way leaves nothing behind either.
    storesInMemory.failAfter(30)
    expect((await bringBack(file('forty.zip', pack(project)))).issues.join()).toContain('full')
    storesInMemory.failAfter(Infinity)
    expect([kept.size, storesInMemory.of('work').size]).toEqual([0, 0])

    const without = packCommission({ project, photos: new Map(), sculpts: new Map() }, (id) => id)
    const back = await bringBack(file('bare.zip', new Uint8Array(without)))
    expect(back.issues).toEqual([])
    expect(back.note).toContain('100 pictures or sculpts were not in the file')
    expect(await useDesk().open(back.id!)).toBe('opened')
    expect(useProject().project).toEqual({ ...project, id: back.id })
  })

  it('a sculpt in a zip that is no model is left out and said; the figures come', async () => {
    const { project } = useProject()
    const [first, ...others] = project.figures
    const made = { ...project, figures: [{ ...first!, sculpt: 'broken' }, ...others] }
    const sculpts = new Map([['broken', new TextEncoder().encode('solid nothing')]])
    const zip = packCommission({ project: made, photos: new Map(), sculpts }, (id) => id)
    const back = await bringBack(file('low-tide.zip', new Uint8Array(zip)))
    expect(back.issues).toEqual([])
    // … and the demo's pictures, which were not packed.
    const many = 1 + photosOf(project).length
    expect(back.note).toContain(
      `${many} pictures or sculpts were not in the file, or damaged in it`,
    )
    expect(await useDesk().open(back.id!)).toBe('opened')
    expect(useProject().figures).toHaveLength(project.figures.length)
    expect(storesInMemory.of('sculpts').size).toBe(0)
  })
})
