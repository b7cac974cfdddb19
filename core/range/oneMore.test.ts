import { expect, it } from 'vitest'
import { starterPaints } from '../paint/starter'
import { whatEachIsWorth, whatNextBrings } from './oneMore'
import { SetTable } from './setTable'

const paints = starterPaints.slice(0, 9)
const targets = [
  { L: 30, a: 14, b: 12 },
  { L: 55, a: 18, b: 20 },
  { L: 80, a: 8, b: 14 },
]
const table = new SetTable(paints.length, targets.length)
for (const _ of table.fill(paints, targets, 5)) continue
const mean = (set: number[]): number => table.best(set).reduce((sum, off) => sum + off, 0) / 3

it('says of each further bottle what the mean is with it, the best first', () => {
  const brings = whatNextBrings(table, [0, 3], [5])
  expect(brings.map(({ bottle }) => bottle).sort()).toEqual([1, 2, 4, 6, 7, 8])
  for (const { bottle, mean: with_ } of brings) expect(with_).toBeCloseTo(mean([0, 3, bottle]), 9)
  brings.slice(1).forEach((one, i) => expect(one.mean).toBeGreaterThanOrEqual(brings[i]!.mean))
})

it('says of each bottle what the mean is without it, that which is worth least first', () => {
  const worth = whatEachIsWorth(table, [0, 3, 6, 7])
  for (const { bottle, mean: without } of worth)
    expect(without).toBeCloseTo(mean([0, 3, 6, 7].filter((one) => one !== bottle)), 9)
  worth.slice(1).forEach((one, i) => expect(one.mean).toBeGreaterThanOrEqual(worth[i]!.mean))
  // Taking away never helps.
  expect(worth[0]!.mean).toBeGreaterThanOrEqual(mean([0, 3, 6, 7]) - 1e-9)
})

it('refuses a table of nothing', () => {
  expect(() => new SetTable(3, 0)).toThrow('no target to mix for')
  expect(() => new SetTable(0, 3)).toThrow('no paint to mix from')
})
