import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { packCommission } from '../../../core'
import { largeCommission } from '../../../tests/fixtures/largeCommission'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project'
import { bringBack } from './bringBack'
import { saveFile } from './saveFile'
import { takeAway } from './takeAway'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
vi.mock('./saveFile', async (real) => ({
  ...(await real<typeof import('./saveFile')>()),
  saveFile: vi.fn(),
}))
/** Pictures and sculpts by id, in memory. */
const kept = vi.hoisted(() => new Map<string, Blob>())
vi.mock('localforage', () => {
  const store = {
    getItem: (key: string) => Promise.resolve(kept.get(key) ?? null),
    setItem: (key: string, value: Blob) => Promise.resolve(void kept.set(key, value)),
    keys: () => Promise.resolve([...kept.keys()]),
  }
  return { default: { createInstance: () => store } }
})

const savedFile = () => {
  const [name, content, type] = vi.mocked(saveFile).mock.calls.at(-1)!
  return { name, content, type }
}
const file = (name: string, content: BlobPart): File => new File([content], name)

describe('files of the work', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    kept.clear()
    vi.mocked(saveFile).mockClear()
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
      figure: 'Mei, 1',
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
    expect(await bringBack(file(name, content))).toEqual([])
    expect(useProject().project).toEqual(JSON.parse(String(content)))
    expect(useProject().log).toHaveLength(1)
    useProject().undo()
    expect(useProject().log).toHaveLength(0)
  })

  it('a packed commission goes out and comes back whole, with its pictures', async () => {
    const { project, photos } = largeCommission()
    const zip = packCommission({ project, photos, sculpts: new Map() }, (id) => id)
    expect(await bringBack(file('forty.zip', new Uint8Array(zip)))).toEqual([])
    expect(useProject().project).toEqual(project)
    expect(kept.size).toBe(100)
    await takeAway.zip()
    const { name, content, type } = savedFile()
    expect([name, type]).toEqual(['forty-at-the-ferry.zip', 'application/zip'])
    kept.clear()
    setActivePinia(createPinia())
    expect(await bringBack(file(name, content))).toEqual([])
    expect(useProject().project).toEqual(project)
    const [id, picture] = [...photos][7]!
    expect(new Uint8Array(await kept.get(id)!.arrayBuffer())).toEqual(picture)
  })

  it('what is damaged, foreign or too large changes nothing and is named', async () => {
    const before = JSON.stringify(useProject().project)
    expect((await bringBack(file('a.json', '{"format":"other"}'))).join()).toContain(
      'other program',
    )
    expect((await bringBack(file('a.json', '{"for'))).join()).not.toBe('')
    expect((await bringBack(file('a.zip', 'PK no zip'))).join()).toMatch(/zip/)
    const large = file('b.json', '')
    Object.defineProperty(large, 'size', { value: 30 * 1048576 })
    expect(await bringBack(large)).toEqual(['The file: 30 MB; a project file has at most 20 MB'])
    const gone = file('c.json', '')
    Object.defineProperty(gone, 'text', { value: () => Promise.reject(new Error('it is gone')) })
    expect(await bringBack(gone)).toEqual(['The file could not be read: it is gone'])
    expect(JSON.stringify(useProject().project)).toBe(before)
    expect(useProject().depth.undo).toBe(0)
  })

  it('what was put aside can be taken away, each as it was', async () => {
    kept.set('put aside 2026-01-02', 'the later one' as never)
    kept.set('put aside 2026-01-01', 'the first one' as never)
    kept.set('project', 'the work' as never)
    await takeAway.aside()
    expect(vi.mocked(saveFile).mock.calls.map(([, text]) => text)).toEqual([
      'the first one',
      'the later one',
    ])
  })
})
