import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { stubBrowser } from '../../../tests/fixtures/browserGlobals'
import { storesInMemory } from '../../../tests/fixtures/storageInMemory'
import { useEye } from './eye'

vi.mock('localforage', () => import('../../../tests/fixtures/storageInMemory'))

beforeEach(() => {
  storesInMemory.clear()
  stubBrowser()
  return () => vi.unstubAllGlobals()
})
const begin = async () => {
  setActivePinia(createPinia())
  const eye = useEye()
  await eye.look()
  return eye
}

it('an answer and a setting are there though the page goes before they are stored, once, and with another tab’s', async () => {
  const eye = await begin()
  const other = await begin()
  storesInMemory.failAfter(0)
  await eye.answer({ skill: 'same', level: 2, right: true })
  await eye.set({ withoutHues: true })
  expect(eye.trouble).toMatch(/disk is full/)
  storesInMemory.failAfter(Infinity)
  const again = await begin()
  expect(again.many('same')).toBe(1)
  expect(again.hues).toBe(false)
  await again.answer({ skill: 'ratio', off: 0.5 })
  await other.answer({ skill: 'lighter', level: 3, right: false })
  const last = await begin()
  expect(last.answers.map(({ skill }) => skill).sort()).toEqual(['lighter', 'ratio', 'same'])
})

it('what the eye sees is a tolerance once it has answered often enough and where that is wanted', async () => {
  const eye = await begin()
  for (let i = 0; i < 30; i++)
    await eye.answer({ skill: 'same', level: 1 + (i % 7), right: i % 7 > 2 })
  expect(eye.tolerance).toBeUndefined()
  await eye.set({ tolerance: true })
  expect(eye.tolerance).toBeGreaterThan(2)
  expect(eye.tolerance).toBeLessThan(5)
})
