import { expect, it } from 'vitest'
import { roomAt, rooms } from './rooms'

it('every address has its room, and what is unknown leads to the ladder', () => {
  for (const room of rooms.filter(({ path }) => !path.includes(':')))
    expect(roomAt(room.path)).toBe(room)
  const names = ['/tone', '/tone/hide', '/ladder/base', '/box/add', '/', '/nowhere', '/ladders']
  expect(names.map((address) => roomAt(address).name)).toEqual([
    'Tone',
    'Tone',
    'Recipe',
    'Add a paint',
    'Ladder',
    'Ladder',
    'Ladder',
  ])
})
