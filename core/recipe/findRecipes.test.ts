import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { mixPaints } from '../paint/mix'
import { opaqueReflectance } from '../paint/opaque'
import type { Paint } from '../paint/paint'
import { starterPaints } from '../paint/starter'
import { exhaustiveRecipes } from './exhaustive'
import { findRecipes } from './findRecipes'
import type { Recipe } from './recipe'
import { countRecipes } from './recipeList'
import { RecipeTable } from './recipeTable'

/** Written apart from the search: every drop count for every paint, one after the other. */
function bestByBrute(target: Lab, paints: readonly Paint[], maxPaints: number, maxDrops: number) {
  let best = Infinity
  const drops = paints.map(() => 0)
  const go = (at: number, used: number, sum: number): void => {
    if (at === paints.length) {
      if (sum === 0) return
      const parts = paints.map((paint, i) => ({ paint, drops: drops[i]! }))
      best = Math.min(best, deltaE00(labOf(opaqueReflectance(mixPaints(parts))), target))
      return
    }
    for (let d = 0; sum + d <= maxDrops && (d === 0 || used < maxPaints); d++) {
      drops[at] = d
      go(at + 1, used + (d > 0 ? 1 : 0), sum + d)
    }
    drops[at] = 0
  }
  go(0, 0, 0)
  return best
}

const targets: Lab[] = [
  { L: 65, a: 18, b: 18 },
  { L: 25, a: 10, b: 8 },
  { L: 80, a: 70, b: -60 },
  { L: 50, a: -20, b: 5 },
  { L: 97, a: 0, b: 0 },
]

describe('the search', () => {
  it('is as close as trying everything, and the table agrees with it', () => {
    const boxes = [
      [0, 5, 11],
      [0, 2, 5, 9, 24, 30],
      [1, 7, 16, 22, 33],
    ].map((places) => places.map((i) => starterPaints[i]!))
    for (const paints of boxes)
      for (const maxPaints of [1, 2, 3]) {
        const table = new RecipeTable(paints, { maxPaints, maxDrops: 7 })
        for (const target of targets) {
          const request = { target, paints, maxPaints, maxDrops: 7, limit: 4 }
          const found = findRecipes(request)
          expect(found[0]!.deltaE00).toBeCloseTo(bestByBrute(target, paints, maxPaints, 7), 10)
          const listed = table.nearest(target, 4)
          expect(listed.map(({ parts }) => parts)).toEqual(found.map(({ parts }) => parts))
          listed.forEach(({ deltaE00 }, i) => expect(deltaE00).toBeCloseTo(found[i]!.deltaE00, 10))
        }
      }
  })

  it('gives ties to fewer paints, then fewer drops', () => {
    const white = starterPaints[0]!
    const twin = { ...white, id: 'twin' }
    const target = labOf(opaqueReflectance(white))
    const [best] = findRecipes({ target, paints: [white, twin], maxPaints: 2, maxDrops: 6 })
    expect(best!.parts).toEqual([{ paint: white, drops: 1 }])
  })

  it('a table breaks ties among twins as trying everything does, mixed anew, picked out or grown', () => {
    for (let n = 0; n < 12; n++) {
      const some = [n, n + 9, n + 20].map((i) => starterPaints[i]!)
      const twins = some.map((paint) => ({ ...paint, id: `${paint.id}-twin` }))
      const paints = [...some, ...twins]
      const limits = { maxPaints: 1 + (n % 4), maxDrops: 3 + (n % 5) }
      const target = targets[n % targets.length]!
      const partsOf = (recipes: readonly Recipe[]) => recipes.map(({ parts }) => parts)
      const all = partsOf(exhaustiveRecipes({ paints, target, ...limits, limit: 25 }))
      const tables = [
        new RecipeTable(paints, limits),
        new RecipeTable([...paints, starterPaints[38]!], limits).of(paints)!,
        new RecipeTable(paints.slice(1), limits).grown(paints)!,
      ]
      for (const table of tables) expect(partsOf(table.nearest(target, 25))).toEqual(all)
    }
  })

  it('aims at a reflectance through its colour under the light of the request', () => {
    const paints = starterPaints.slice(0, 6)
    const target = opaqueReflectance(paints[5]!)
    const [best] = findRecipes({ target, paints, maxPaints: 2, maxDrops: 4, illuminant: 'A' })
    expect(best!.parts[0]!.paint).toBe(paints[5])
    expect(best!.lab.white).toBe('A/2')
  })

  it('names what is out of range', () => {
    const request = { target: targets[0]!, paints: starterPaints, maxPaints: 3, maxDrops: 12 }
    expect(() => findRecipes({ ...request, paints: [] })).toThrow('no paint to mix from')
    expect(() => findRecipes({ ...request, maxPaints: 6 })).toThrow('maxPaints is 6')
    expect(() => findRecipes({ ...request, maxDrops: 2.5 })).toThrow('maxDrops is 2.5')
    expect(() => findRecipes({ ...request, target: { L: NaN, a: 0, b: 0 } })).toThrow(
      'not a colour',
    )
    const lamp: Lab = { ...targets[0]!, white: 'A/2' }
    expect(() => findRecipes({ ...request, target: lamp })).toThrow('adapt the target')
  })

  it('counts recipes', () => {
    expect(countRecipes(3, { maxPaints: 2, maxDrops: 4 })).toBe(3 * 4 + 3 * 6)
  })
})
