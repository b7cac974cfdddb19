import { expect, it } from 'vitest'
import { entrance, roomAt, rooms } from './rooms'
import { helpOfRoom, tour } from './words/help'

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

it('the tour goes through rooms that stand in the bar, and each has its help', () => {
  const bar = rooms.filter(({ under }) => !under).map(({ name }) => name)
  expect(tour.length).toBeGreaterThan(4)
  for (const { room } of tour) {
    expect(bar).toContain(room)
    expect(helpOfRoom[room]).toBeTruthy()
  }
  expect(new Set(tour.map(({ room }) => room)).size).toBe(tour.length)
})
