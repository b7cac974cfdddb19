import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { findRecipes } from '../findRecipes'
import { RecipeSearch } from '../search/recipeSearch'
import { alternatives } from './alternatives'
import { constrained, FAMILY_ID } from './constraints'
import { bestAddition, wayInWords, whatPaintsBring } from './explain'
import { differenceInWords, nearestPaints, standIns, substituteRecipe } from './likeness'
import { DROP_SIGMA, steadinessOf } from './steadiness'
import { meets } from './preferences'
import { touchOf, withTouches } from './touches'
import { box, of } from '../../../tests/fixtures/advice'
import { seeded } from '../../numbers/seeded'

const flesh: Lab = { L: 64, a: 16, b: 18 }
const patience = { until: Infinity, now: () => 0 }
const seen = (parts: { paint: Paint; drops: number }[]): Lab =>
  labOf(opaqueReflectance(mixPaints(parts)))

describe('constraints', () => {
  const limits = { maxPaints: 3, maxDrops: 10, limit: 5 }
  const search = (constraints: Parameters<typeof constrained>[1], paints = box) => {
    const { paints: left, allows } = constrained(paints, constraints)
    return new RecipeSearch({ ...limits, target: flesh, paints: left }, { allows }).step(
      Infinity,
      () => 0,
    ).best
  }

  it('required, forbidden, at most and hazards hold in every recipe, and the rest is still the best', () => {
    const all = findRecipes({ ...limits, limit: 1000, target: flesh, paints: box })
    const uses = (id: string) => (recipe: (typeof all)[number]) =>
      recipe.parts.some(({ paint }) => paint.id === id)
    const required = search({ required: ['ultramarine'] })
    expect(required.every(uses('ultramarine'))).toBe(true)
    expect(required[0]!.deltaE00).toBeCloseTo(all.find(uses('ultramarine'))!.deltaE00, 9)
    expect(search({ forbidden: ['red-iron-oxide'] }).some(uses('red-iron-oxide'))).toBe(false)
    expect(
      search({ noHazards: true }).every(({ parts }) =>
        parts.every(({ paint }) => paint.hazards.length === 0),
      ),
    ).toBe(true)
    expect(
      search({ atMost: { 'titanium-white': 3 } }).every(
        ({ parts }) => (parts.find(({ paint }) => paint.id === 'titanium-white')?.drops ?? 0) <= 3,
      ),
    ).toBe(true)
    expect(() => constrained(box, { required: ['gold'] })).toThrow('"gold"')
  })

  it('a family mix keeps its share, and touches of strong paints count as less than drops', () => {
    const parts = [
      { paint: of('burnt-umber'), drops: 2 },
      { paint: of('yellow-ochre'), drops: 1 },
    ]
    for (const recipe of search({ family: { parts, share: 0.3 } })) {
      const kept = recipe.parts.find(({ paint }) => paint.id === FAMILY_ID)!.drops
      expect(kept / recipe.parts.reduce((sum, { drops }) => sum + drops, 0)).toBeGreaterThanOrEqual(
        0.3,
      )
    }
    const black = of('carbon-black')
    const touched = seen([
      { paint: of('titanium-white'), drops: 9 },
      { paint: touchOf(black, 0.1), drops: 2 },
    ])
    expect(
      deltaE00(
        touched,
        seen([
          { paint: of('titanium-white'), drops: 9 },
          { paint: black, drops: 0.2 },
        ]),
      ),
    ).toBeLessThan(1e-9)
    const strong = withTouches(box, of('titanium-white'))
      .slice(box.length)
      .map(({ id }) => id)
    expect(strong).toContain('carbon-black@0.1')
    expect(strong).toContain('carbon-black@0.5')
    // White is never too much, a drop of ochre in five of it is.
    expect(strong).toContain('yellow-ochre@0.1')
    expect(strong.some((id) => id.startsWith('titanium-white'))).toBe(false)
  })
})

describe('alternatives and steadiness', () => {
  const found = findRecipes({ target: flesh, paints: box, maxPaints: 4, maxDrops: 12, limit: 200 })

  it('a preference picks the best of its kind among the nearly as close', () => {
    const near = found.filter(({ deltaE00 }) => deltaE00 <= found[0]!.deltaE00 + 1)
    const stock = new Map(
      box.map(({ id }, i) => [id, { ml: 17, leftMl: i % 3 === 0 ? 2 : 15, price: 3 + (i % 4) }]),
    )
    for (const preference of ['opaque', 'nearly empty', 'cheapest'] as const) {
      const list = alternatives(found, undefined, { preference, stock })
      const best = Math.max(...near.map((recipe) => meets(recipe, preference, stock)))
      const shown = list.slice(0, 2).map(({ recipe }) => meets(recipe, preference, stock))
      expect(Math.max(...shown)).toBeCloseTo(best, 9)
    }
    const half = found[0]!
    const own = new Map(half.parts.map(({ paint }) => [paint.id, { ml: 10, leftMl: 5, price: 2 }]))
    expect(meets(half, 'nearly empty', own)).toBeCloseTo(0.5, 12)
    expect(meets(half, 'cheapest', own)).toBeCloseTo(-0.2, 12)
  })

  it('steadiness is what a simulation of uneven drops gives', () => {
    const random = seeded(5)
    const normal = (): number =>
      Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
    for (const { parts } of [found[0]!, found[60]!, found[150]!]) {
      const { uneven, oneDrop } = steadinessOf(parts)
      let squares = 0
      for (let n = 0; n < 3000; n++) {
        const bottles = parts.map(({ paint, drops }) => ({
          paint,
          drops: drops * (1 + DROP_SIGMA * normal()),
        }))
        squares += deltaE00(seen(parts), seen(bottles)) ** 2
      }
      expect(uneven / Math.sqrt(squares / 3000)).toBeGreaterThan(0.9)
      expect(uneven / Math.sqrt(squares / 3000)).toBeLessThan(1.1)
      expect(oneDrop).toBeGreaterThan(0)
    }
  })

  it('alternatives differ, say why, and a steadier one is steadier', () => {
    const target = opaqueReflectance(mixPaints([{ paint: of('warm-flesh'), drops: 1 }]))
    const list = alternatives(found, target)
    expect(list[0]!.kind).toBe('closest')
    expect(list.length).toBeGreaterThan(1)
    expect(new Set(list.map(({ recipe }) => recipe)).size).toBe(list.length)
    const simpler = list.find(({ kind }) => kind === 'simpler')
    if (simpler) expect(simpler.recipe.parts.length).toBeLessThan(list[0]!.recipe.parts.length)
    expect(list.every(({ underLamp }) => underLamp !== undefined)).toBe(true)
    expect(alternatives([])).toEqual([])
    // Within 2 ΔE00 of the closest, bottles that are open anyway win over a tenth nearer.
    const open = new Set(['titanium-white', 'yellow-ochre', 'pyrrole-red', 'phthalo-green'])
    const [shared, ...others] = alternatives(found, target, undefined, open)
    const anew = ({ recipe }: (typeof list)[number]): number =>
      recipe.parts.filter(({ paint }) => !open.has(paint.id)).length
    expect(shared!.recipe.deltaE00).toBeLessThanOrEqual(found[0]!.deltaE00 + 2)
    for (const other of others)
      if (other.recipe.deltaE00 <= found[0]!.deltaE00 + 2)
        expect(anew(shared!)).toBeLessThanOrEqual(anew(other))
    const least = Math.min(...[shared!, ...others].map(anew))
    const closest = [shared!, ...others].find(({ kind }) => kind === 'closest')!
    expect(shared!.kind).toBe(anew(closest) > least ? 'shared' : 'closest')
  })
})

describe('explaining', () => {
  it('says what each paint brings and which paint is missing', () => {
    const bring = whatPaintsBring({
      parts: [
        { paint: of('titanium-white'), drops: 6 },
        { paint: of('red-iron-oxide'), drops: 2 },
      ],
    })
    expect(bring[0]!.words).toContain('lighter')
    expect(bring[1]!.words).toContain('redder')
    expect(wayInWords({ L: 50, a: 0, b: 0 }, { L: 50.5, a: 9, b: 0 })).toContain('redder')
    const violet: Lab = { L: 38, a: 30, b: -32 }
    const request = { target: violet, paints: box, maxPaints: 3, maxDrops: 8 }
    const best = findRecipes(request)[0]!.deltaE00
    const candidates = ['raw-umber', 'dioxazine-violet', 'bismuth-vanadate'].map(of)
    const wish = bestAddition(request, candidates, best, patience)!
    expect(wish.paint.id).toBe('dioxazine-violet')
    expect(wish.gain).toBeCloseTo(
      best - findRecipes({ ...request, paints: [...box, wish.paint] })[0]!.deltaE00,
      9,
    )
  })

  it('finds what a paint is like and what stands in for it', () => {
    const like = nearestPaints(of('burnt-umber'), starterPaints)
    expect(like[0]!.deltaE00).toBeLessThan(like[2]!.deltaE00)
    expect(differenceInWords(of('burnt-umber'), of('titanium-white'))).toContain('lighter')
    const [first] = standIns(of('warm-flesh'), box, patience)
    expect(first!.deltaE00).toBeLessThan(4)
    const recipe = findRecipes({ target: flesh, paints: box, maxPaints: 3, maxDrops: 10 })[0]!
    const missing = recipe.parts.find(({ paint }) => paint.id !== 'titanium-white')!.paint.id
    const other = substituteRecipe(
      recipe.lab,
      missing,
      box,
      { maxPaints: 3, maxDrops: 10 },
      patience,
    )!
    expect(other.parts.some(({ paint }) => paint.id === missing)).toBe(false)
  })
})
