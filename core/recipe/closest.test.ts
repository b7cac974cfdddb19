import { describe, expect, it } from 'vitest'
import { starterPaints } from '../paint/starter'
import { planLadder } from '../ladder/planLadder'
import { skinReflectance } from '../tone/skin'
import { ClosestRecipes, MOST_IN_TABLE } from './closest'
import { exhaustiveRecipes } from './exhaustive'
import { findRecipes } from './findRecipes'
import { seeded } from '../numbers/seeded'
import { countRecipes } from './recipeList'
import { RecipeTable } from './recipeTable'
import { many } from '../../tests/thorough'

const box = starterPaints.filter((_, i) => i % 6 === 0).slice(0, 6)
const target = { L: 55, a: 15, b: 18 }
const mixOf = ({ parts }: { parts: { paint: { id: string }; drops: number }[] }): string =>
  parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join(' + ')

describe('every limit that is stated works', () => {
  for (const maxPaints of [1, 2, 3, 4, 5])
    for (const maxDrops of [1, 2, 4, 5, 9])
      it(`${maxPaints} paints of ${maxDrops} drops`, () => {
        const request = { target, paints: box, maxPaints, maxDrops, limit: 3 }
        const [found, all] = [findRecipes(request), exhaustiveRecipes(request)]
        expect(found.map(mixOf)).toEqual(all.map(mixOf))
        const { best, proved } = new ClosestRecipes().find(target, box, request)
        expect([mixOf(best), proved]).toEqual([mixOf(all[0]!), true])
      })
  it('five paints of thirty drops, from a box of one and of more', () => {
    const limits = { maxPaints: 5, maxDrops: 30 }
    const one = findRecipes({ target, paints: box.slice(0, 1), ...limits })
    expect(one[0]!.parts).toEqual([{ paint: box[0], drops: 1 }])
    const [whole] = findRecipes({ target, paints: box.slice(0, many(6, 4)), ...limits })
    const [fewer] = findRecipes({
      target,
      paints: box.slice(0, many(6, 4)),
      maxPaints: 4,
      maxDrops: 30,
    })
    expect(whole!.deltaE00).toBeLessThanOrEqual(fewer!.deltaE00)
  })
})

it('a table serves as long as box and limits stay, and not a moment longer', () => {
  const closest = new ClosestRecipes()
  const limits = { maxPaints: 2, maxDrops: 6 }
  const before = closest.find(target, box, limits).best
  // A copy, as it comes out of a message, is the same box; one band of one paint changed is another.
  const copied = box.map((paint) => ({ ...paint, K: paint.K.slice(), S: paint.S.slice() }))
  expect(mixOf(closest.find(target, copied, limits).best)).toBe(mixOf(before))
  for (const { K } of copied) for (let band = 0; band < K.length; band++) K[band]! *= 1.7
  const after = closest.find(target, copied, limits).best
  expect(after.deltaE00).not.toBe(before.deltaE00)
  expect(after.deltaE00).toBeCloseTo(
    exhaustiveRecipes({ target, paints: copied, ...limits })[0]!.deltaE00,
    9,
  )
})

it('a table serves boxes with some of its paints, and grows for others, as tables of their own would', () => {
  const random = seeded(11)
  const limits = { maxPaints: 3, maxDrops: 9 }
  const ten = starterPaints.slice(0, 10)
  const shared = new ClosestRecipes()
  shared.find(target, ten, limits)
  for (let n = 0; n < 40; n++) {
    // In every second box one stands that the table does not know, somewhere among the others.
    const some = ten.filter(() => random() < 0.75)
    if (n % 2 === 0)
      some.splice(Math.floor(random() * some.length), 0, starterPaints[12 + (n % 20)]!)
    const aim = { L: 10 + 80 * random(), a: 60 * random() - 30, b: 60 * random() - 30 }
    expect(shared.list(aim, some, limits, 5).best).toEqual(
      new RecipeTable(some, limits).nearest(aim, 5),
    )
  }
})

it('a ladder from a box too large for a table is searched, and as exact', () => {
  const paints = starterPaints.slice(0, 24)
  const limits = { maxPaints: 4, maxDrops: 12 }
  expect(countRecipes(paints.length, limits)).toBeGreaterThan(MOST_IN_TABLE)
  const base = skinReflectance({ melanin: 0.05, blood: 0.02, oxygenation: 0.75 })
  const { steps } = planLadder({ base, paints, ...limits, steps: 3 })
  for (const { target: aim, recipe } of steps)
    expect(mixOf(recipe)).toBe(mixOf(findRecipes({ target: aim, paints, ...limits })[0]!))
})
