import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { formatProject } from '../../core'
import { stubBrowser } from '../../tests/fixtures/browserGlobals'
import { LocksInMemory } from '../../tests/fixtures/locksInMemory'
import { storesInMemory } from '../../tests/fixtures/storageInMemory'
import { freePictures } from './freePictures'
import { shippedDemo } from './shippedDemo'
import { useShelf } from './shelf/shelf'

vi.mock('comlink', () => import('../../tests/fixtures/comlinkInProcess'))
vi.mock('localforage', () => import('../../tests/fixtures/storageInMemory'))

const photos = storesInMemory.of('photos')
const sculpts = storesInMemory.of('sculpts')
const work = storesInMemory.of('work')

/** Where something that is kept may be named. */
const places: Record<string, (id: string) => void> = {
  figure: (id) => {
    const demo = shippedDemo()
    const [first, ...others] = demo.figures
    const figures = [{ ...first!, picture: { photo: id, name: 'a "b"' } }, ...others]
    work.set(`commission ${id}`, formatProject({ ...demo, figures }))
  },
  aside: (id) => work.set('put aside 2026-01-01', JSON.stringify({ log: [{ photo: id }] })),
  journal: (id) =>
    localStorage.setItem('cobaltfinch-journal a b', JSON.stringify({ patches: [{ value: id }] })),
  draft: (id) => storesInMemory.of('notes').set('draft', JSON.stringify({ draft: { photo: id } })),
  // A text within a text has its marks marked.
  inText: (id) => work.set('backup', { text: JSON.stringify(JSON.stringify({ photo: id })) }),
}

/** A window opens in a browser with these locks. */
async function opens(locks?: LocksInMemory): Promise<void> {
  if (locks) vi.stubGlobal('navigator', { locks })
  await freePictures(0)
}

beforeEach(() => {
  setActivePinia(createPinia())
  storesInMemory.clear()
  stubBrowser()
  return () => vi.unstubAllGlobals()
})

it('what nothing names is freed when a window opens, wherever else something may be named', async () => {
  const named = fc.dictionary(
    fc.stringMatching(/^[a-z0-9][\w-]{7,30}$/),
    fc.constantFrom(...Object.keys(places), 'nowhere'),
    { minKeys: 1, maxKeys: 12 },
  )
  await fc.assert(
    fc.asyncProperty(named, async (all) => {
      storesInMemory.clear()
      stubBrowser()
      // Of two in one place the later is named there.
      const last = Object.fromEntries(Object.entries(all).map(([id, place]) => [place, id]))
      for (const [id, place] of Object.entries(all)) {
        photos.set(id, 'a picture')
        sculpts.set(`s${id}`, 'a sculpt')
        places[place]?.(id)
      }
      const kept = Object.entries(all)
        .filter(([id, place]) => place === 'figure' || (place !== 'nowhere' && last[place] === id))
        .map(([id]) => id)
      await opens(new LocksInMemory())
      expect([...photos.keys()].sort()).toEqual(kept.sort())
      expect(sculpts.size).toBe(0)
    }),
    { numRuns: 60 },
  )
})

it('nothing is, as long as another window is open or nobody can say whether one is', async () => {
  const locks = new LocksInMemory()
  await opens(locks)
  photos.set('replaced', 'a picture')
  await opens(locks)
  await opens()
  vi.stubGlobal('navigator', {})
  await opens()
  expect([...photos.keys()]).toEqual(['replaced'])
  await opens(new LocksInMemory())
  expect(photos.size).toBe(0)
})

it('a commission that is deleted for good takes its pictures at once, where it can lie open nowhere else', async () => {
  const locks = new LocksInMemory()
  const shelf = useShelf()
  const own = async (id: string): Promise<void> => {
    const demo = shippedDemo()
    const [first, ...others] = demo.figures
    const picture = { photo: `of-${id}`, name: 'a' }
    photos.set(picture.photo, 'a picture')
    await shelf.add({ ...demo, id, figures: [{ ...first!, picture }, ...others] })
  }
  await opens(locks)
  await own('one')
  await shelf.purge('one')
  expect(photos.size).toBe(0)

  await own('two')
  await opens(locks)
  await shelf.purge('two')
  expect([...photos.keys()]).toEqual(['of-two'])
  await opens(new LocksInMemory())
  expect(photos.size).toBe(0)
})
