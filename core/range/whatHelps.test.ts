import { expect, it } from 'vitest'
import { starterPaints } from '../paint/starter'
import { exhaustiveRecipes } from '../recipe/exhaustive'
import { whatHelps } from './whatHelps'

it('names the bottle that brings colours nearest, as trying every mix with it does', () => {
  const table = starterPaints.slice(0, 3)
  const others = starterPaints.slice(8, 16)
  const targets = [
    { L: 60, a: -20, b: 25 },
    { L: 35, a: 15, b: -25 },
  ]
  const limits = { maxPaints: 2, maxDrops: 5 }
  const found = [...whatHelps(targets, table, others, limits)].at(-1)!
  const meanOf = (paints: typeof table): number => {
    const off = targets.map(
      (target) => exhaustiveRecipes({ target, paints, ...limits, limit: 1 })[0]!.deltaE00,
    )
    return (off[0]! + off[1]!) / 2
  }
  const tried = others.map((paint) => ({
    id: paint.id,
    brings: meanOf(table) - meanOf([...table, paint]),
  }))
  tried.sort((one, other) => other.brings - one.brings)
  expect(found.map(({ paint }) => paint.id)).toEqual(tried.map(({ id }) => id))
  found.forEach(({ brings }, i) => expect(brings).toBeCloseTo(tried[i]!.brings, 9))
  expect(found[0]!.brings).toBeGreaterThan(1)
  expect(found.at(-1)!.brings).toBeGreaterThanOrEqual(0)
})
