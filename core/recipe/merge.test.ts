import { expect, it } from 'vitest'
import { seeded } from '../numbers/seeded'
import { starterPaints } from '../paint/starter'
import { exhaustiveRecipes } from './exhaustive'
import { mergeRecipes } from './merge'
import type { Recipe } from './recipe'
import { RecipeSearch } from './search/recipeSearch'
import { sharedWork } from './search/turns'
import { variantRequests } from './variants'
import { wishedSearch } from './wishedSearch'

const random = seeded(16)
/** Boxes in which every paint has a twin: the same curves under another name. */
const twins = Array.from({ length: 12 }, () => {
  const some = [...starterPaints].sort(() => random() - 0.5).slice(0, 4)
  return [...some, ...some.map((paint) => ({ ...paint, id: `${paint.id}-twin` }))]
})
const limits = { maxPaints: 3, maxDrops: 6, limit: 12 }

/** Searches that take turns, a task or two at a time, until all are through; what each found. */
function inTurns(searches: readonly RecipeSearch[]): Recipe[][] {
  let time = 0
  const news = () => searches.map((search) => search.step(time + 2, () => time++))
  let told = news()
  while (told.some(({ proved }) => !proved)) told = news()
  // As they come from a worker: copies.
  return told.map(({ best }) => structuredClone(best))
}

it.each([
  ['each its part', () => undefined],
  ['sharing memory', sharedWork],
])('parts of a search, %s, merge to what one finds, ties included', (_, memoryOf) => {
  for (const paints of twins) {
    const target = { L: 20 + 60 * random(), a: 40 * random() - 10, b: 40 * random() - 5 }
    const of = 3
    const memory = memoryOf()
    const searches = Array.from(
      { length: of },
      (_, part) => new RecipeSearch({ ...limits, target, paints }, { part, of, memory }),
    )
    const lists = inTurns(searches)
    const named = (list: readonly Recipe[]): string[] =>
      list.map(({ parts }) => parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join(' + '))
    const whole = exhaustiveRecipes({ ...limits, target, paints })
    expect(named(mergeRecipes(lists, paints, limits.limit))).toEqual(named(whole))
    expect(named(mergeRecipes([...lists].reverse(), paints, limits.limit))).toEqual(named(whole))
  }
})

it('a list with a paint that is not in the box is refused by its name', () => {
  const stray = [
    { parts: [{ paint: starterPaints[0]!, drops: 1 }], lab: { L: 0, a: 0, b: 0 }, deltaE00: 0 },
  ]
  expect(() => mergeRecipes([stray], [], 1)).toThrow(starterPaints[0]!.id)
})

it('variants are simpler, smaller, safer or of other paints, and keep to what is wished', () => {
  const wanted = starterPaints[3]!.id
  const request = {
    ...limits,
    maxDrops: 12,
    target: { L: 62, a: 14, b: 20 },
    paints: [...starterPaints],
    white: starterPaints[0]!,
    lights: [],
    wholeCurve: false,
    touches: false,
    constraints: { required: [wanted] },
  }
  const best = wishedSearch(request).step(Infinity, () => 0).best[0]!
  const found = variantRequests(request, best).map(
    (one) => wishedSearch({ ...one, limit: 1 }).step(Infinity, () => 0).best[0]!,
  )
  for (const { parts, deltaE00 } of found) {
    expect(parts.map(({ paint }) => paint.id)).toContain(wanted)
    expect(deltaE00).toBeGreaterThanOrEqual(best.deltaE00 - 1e-9)
  }
  const [simpler, smaller, safer] = found
  expect(simpler!.parts.length).toBeLessThan(best.parts.length)
  expect(smaller!.parts.reduce((sum, { drops }) => sum + drops, 0)).toBeLessThanOrEqual(6)
  expect(safer!.parts.flatMap(({ paint }) => paint.hazards)).toEqual([])
  // A required paint with a hazard word leaves no safe kind.
  const hazard = starterPaints.find(({ hazards }) => hazards.length > 0)!
  const held = { ...request, constraints: { required: [hazard.id] } }
  expect(variantRequests(held, best).every(({ constraints }) => !constraints.noHazards)).toBe(true)
})
