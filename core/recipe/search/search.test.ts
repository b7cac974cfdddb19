import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { exhaustiveRecipes } from '../exhaustive'
import type { Recipe } from '../recipe'
import { colourObjective, spectralObjective } from './objective'
import { plainKernel } from './plainKernel'
import { RecipeSearch } from './recipeSearch'
import { seeded } from '../../numbers/seeded'
import { many } from '../../../tests/thorough'

const random = seeded(20261125)
const upTo = (most: number): number => Math.floor(random() * most)
const boxOf = (size: number) => {
  const rest = [...starterPaints]
  return Array.from({ length: size }, () => rest.splice(upTo(rest.length), 1)[0]!)
}
const inWords = (recipes: readonly Recipe[]): string =>
  recipes
    .map(
      ({ deltaE00, parts }) =>
        `${deltaE00.toFixed(8)} ${parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join('+')}`,
    )
    .join(' | ')
const whole = (search: RecipeSearch) => search.step(Infinity, () => 0)

describe('the search with bounds', () => {
  it('equals trying everything, in and out of gamut, ties and order included', () => {
    for (let n = 0; n < many(500, 35); n++) {
      const paints = boxOf(5 + upTo(n % 25 === 0 ? 8 : 4))
      // A twin of a paint makes ties that only the order of the box can break.
      if (n % 7 === 0) paints.push({ ...paints[0]!, id: 'twin' })
      const request = {
        paints,
        maxPaints: 1 + upTo(4),
        maxDrops: 4 + upTo(n % 25 === 0 ? 9 : 5),
        limit: 1 + upTo(4),
        target: { L: 8 + 88 * random(), a: 90 * (random() - 0.5), b: 90 * (random() - 0.5) },
      }
      const kernel = n % 5 === 0 ? plainKernel : undefined
      // Bounds of large searches are tried on small ones, too: those can be gone through.
      const options = { kernel, closeBounds: n % 2 === 0 }
      const { best, proved, lowerBound } = whole(new RecipeSearch(request, options))
      expect(inWords(best), `case ${n}`).toBe(inWords(exhaustiveRecipes(request)))
      expect(proved).toBe(true)
      expect(lowerBound).toBe(best[0]!.deltaE00)
    }
  })

  it('equals trying everything at the corners of the limits', () => {
    for (const [size, maxPaints, maxDrops] of [
      [many(5, 3), 5, 30],
      [12, 1, 1],
      [1, 5, 30],
      [6, 5, 9],
      [4, 2, 30],
    ] as const)
      for (const target of [
        { L: 45, a: 20, b: 25 },
        { L: 30, a: -60, b: -70 },
      ]) {
        const request = { paints: boxOf(size), maxPaints, maxDrops, limit: 3, target }
        const { best } = whole(new RecipeSearch(request, { closeBounds: true }))
        expect(inWords(best), `${size} ${maxDrops}`).toBe(inWords(exhaustiveRecipes(request)))
      }
  })

  it('parts share one search without missing or needing anything', () => {
    const request = {
      paints: boxOf(12),
      maxPaints: 3,
      maxDrops: 8,
      target: { L: 52, a: 14, b: 15 },
    }
    const found = [0, 1].map(
      (part) => whole(new RecipeSearch(request, { part, of: 2 })).best[0]!.deltaE00,
    )
    expect(Math.min(...found)).toBeCloseTo(exhaustiveRecipes(request)[0]!.deltaE00, 10)
  })

  it('stopped early it has a good recipe and a lower bound that holds', () => {
    const request = {
      paints: starterPaints.slice(0, 16),
      maxPaints: 3,
      maxDrops: 12,
      target: { L: 60, a: -70, b: 60 },
    }
    let clock = 0
    const search = new RecipeSearch(request)
    const exact = whole(new RecipeSearch(request))
    for (let step = 0; step < 6; step++) {
      const { best, lowerBound, done } = search.step((clock += 3), () => clock++)
      expect(best[0]!.deltaE00).toBeGreaterThanOrEqual(exact.best[0]!.deltaE00 - 1e-9)
      expect(lowerBound).toBeLessThanOrEqual(exact.best[0]!.deltaE00)
      expect(done).toBeGreaterThanOrEqual(0)
    }
    expect(search.progress().best[0]!.deltaE00).toBeLessThan(exact.best[0]!.deltaE00 + 1)
  })

  it('tells a lower bound before the proof where most mixes have to be looked at, too', () => {
    const paints = starterPaints.slice(0, 24)
    const target = { L: 40, a: -20, b: 12 }
    let clock = 0
    const search = new RecipeSearch({ paints, maxPaints: 4, maxDrops: 12, target })
    const told: number[] = []
    for (let now = search.progress(); !now.proved; now = search.step(clock + 1, () => clock++))
      if (now.lowerBound > 0) told.push(now.lowerBound)
    expect(told.length).toBeGreaterThan(0)
    expect(Math.max(...told)).toBeLessThanOrEqual(search.progress().best[0]!.deltaE00)
  })

  it('matches over several lights and whole reflectances as exactly', () => {
    for (let n = 0; n < 12; n++) {
      const paints = boxOf(6)
      const parts = [0, 1, 2].map((i) => ({ paint: starterPaints[upTo(36)]!, drops: 1 + i }))
      const target = opaqueReflectance(mixPaints(parts))
      const request = { paints, maxPaints: 3, maxDrops: 6, target }
      const lights = colourObjective(request, ['A', 'F11'])
      const all = exhaustiveRecipes({ ...request, limit: 1000 })
      const worst = (recipe: Recipe): number =>
        Math.max(
          ...(['D65', 'A', 'F11'] as const).map((illuminant) =>
            deltaE00(
              labOf(opaqueReflectance(mixPaints(recipe.parts)), { illuminant }),
              labOf(target, { illuminant }),
            ),
          ),
        )
      const spectral = (recipe: Recipe): number => {
        const R = opaqueReflectance(mixPaints(recipe.parts))
        return 100 * Math.sqrt(R.reduce((sum, r, i) => sum + (r - target[i]!) ** 2, 0) / 36)
      }
      const least = (score: (recipe: Recipe) => number): number => Math.min(...all.map(score))
      expect(whole(new RecipeSearch(request, { objective: lights })).best[0]!.deltaE00).toBeCloseTo(
        least(worst),
        8,
      )
      expect(
        whole(new RecipeSearch(request, { objective: spectralObjective(request) })).best[0]!
          .deltaE00,
      ).toBeCloseTo(least(spectral), 8)
    }
    expect(() =>
      colourObjective(
        { paints: boxOf(3), maxPaints: 2, maxDrops: 4, target: { L: 5, a: 0, b: 0 } },
        ['A'],
      ),
    ).toThrow('needs the reflectance')
  })
})
