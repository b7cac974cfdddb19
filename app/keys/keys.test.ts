import { expect, it } from 'vitest'
import { rooms } from '../rooms'
import { helpOfRoom } from '../words/help'
import { keysOfRoom } from '../words/keys'
import { namedBy } from './useCommands'

it('a name goes by the beginnings of its words, in any order', () => {
  expect(namedBy('och', 'yellow ochre')).toBe(true)
  expect(namedBy('oc ye', 'yellow ochre')).toBe(true)
  expect(namedBy('chre', 'yellow ochre')).toBe(false)
  expect(namedBy('tun pil', 'Tunde, pilot')).toBe(true)
  expect(namedBy(' ', 'anything')).toBe(true)
})

it('every room has its help, and help and keys are of rooms that are there', () => {
  const names = rooms.map(({ name }) => name)
  expect(Object.keys(helpOfRoom).sort()).toEqual([...names].sort())
  for (const room of Object.keys(keysOfRoom)) expect(names).toContain(room)
})
