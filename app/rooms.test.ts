import { expect, it } from 'vitest'
import { entrance, roomAt, rooms } from './rooms'

it('every address has its room, and what is unknown within a commission leads to the ladder', () => {
  for (const room of rooms.filter(({ path }) => !path.includes(':'))) {
    expect(roomAt(room.path)).toBe(room)
    expect(roomAt(`/c/marsh-patrol${room.path}`)).toBe(room)
  }
  for (const room of entrance) expect(roomAt(room.path)).toBe(room)
  const names = ['/c/a/tone', '/tone/hide', '/c/a/ladder/base', '/box/add', '/c/a', '/nowhere']
  expect(names.map((address) => roomAt(address).name)).toEqual([
    'Tone',
    'Tone',
    'Recipe',
    'Add a paint',
    'Ladder',
    'Ladder',
  ])
})
