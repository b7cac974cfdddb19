import { expect, it } from 'vitest'
import { History } from './history'

it('goes back and forth, joins one drag, forgets the future on a new change', () => {
  const history = new History<number[]>()
  history.note([1], 'drag', 0)
  history.note([2], 'drag', 500)
  history.note([3], 'other', 600)
  expect(history.depth).toEqual({ undo: 2, redo: 0 })
  expect(history.undo([4])).toEqual([3])
  expect(history.undo([3])).toEqual([1])
  expect(history.undo([1])).toBeUndefined()
  expect(history.redo([1])).toEqual([3])
  history.note([3], 'new', 9000)
  expect(history.redo([5])).toBeUndefined()
})
