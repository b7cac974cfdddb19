import { applyPatches, enablePatches, produceWithPatches } from 'immer'
import { expect, it } from 'vitest'
import { History } from './history'

enablePatches()

it('goes back and forth, joins one drag, forgets the future on a new change', () => {
  const history = new History()
  let now = { n: 1 }
  const set = (n: number, tag: string, at: number): void => {
    const [next, patches, inverse] = produceWithPatches(now, (draft) => void (draft.n = n))
    history.note(patches, inverse, tag, at)
    now = next
  }
  const go = (way: 'undo' | 'redo'): number | undefined => {
    const patches = history[way]()
    if (patches) now = applyPatches(now, patches)
    return patches && now.n
  }
  set(2, 'drag', 0)
  set(3, 'drag', 500)
  set(4, 'other', 600)
  expect(history.depth).toEqual({ undo: 2, redo: 0 })
  expect([go('undo'), go('undo'), go('undo')]).toEqual([3, 1, undefined])
  expect([go('redo'), go('redo')]).toEqual([3, 4])
  go('undo')
  set(9, 'new', 9000)
  expect(go('redo')).toBeUndefined()
  expect(go('undo')).toBe(3)
  history.clear()
  expect(history.depth).toEqual({ undo: 0, redo: 0 })
})
