import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useProject } from '../project/project'
import { useCoats } from './coats'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

it('a mix whose bottle something stands in for is not called what it was', async () => {
  setActivePinia(createPinia())
  const [store, coats] = [useProject(), useCoats()]
  const parts = [
    { of: { bottle: 'dioxazine-violet' }, drops: 2 },
    { of: { bottle: 'titanium-white' }, drops: 2 },
  ]
  const violet = store.makePuddle({ name: 'violet', parts })!
  const grey = store.makePuddle({ name: 'grey', parts: parts.slice(1) })!
  coats.set({ coats: [{ id: 'c', kind: 'layer', of: { puddle: violet } }] })
  store.setPaintInHere('dioxazine-violet', false)
  await nextTick()
  expect(coats.missing.map(({ id }) => id)).toEqual(['dioxazine-violet'])
  const { standIn } = coats.missing[0]!
  coats.standIn(new Map([['dioxazine-violet', standIn!.paint.id]]))
  await nextTick()
  expect(coats.missing).toEqual([])
  expect(store.puddleOf(violet)!.name).toBe('stand-in for violet')
  expect(store.puddleOf(grey)!.name).toBe('grey')
  store.undo()
  expect(store.puddleOf(violet)!.name).toBe('violet')
})
