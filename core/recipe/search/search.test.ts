import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import { whitePoint } from '../../colour/white'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { exhaustiveRecipes } from '../exhaustive'
import { kernelSource } from '../kernel/kernelBytes'
import type { Recipe } from '../recipe'
import { compositions } from './compositions'
import { colourObjective, spectralObjective } from './objective'
import { paintTree } from './paintTree'
import { plainKernel } from './plainKernel'
import { ratioTree } from './ratioTree'
import { RecipeSearch } from './recipeSearch'
import { targetBox } from './targetBox'
import { SLACK, wasmKernel } from './wasmKernel'
import { instantiate } from './wasmModule'
import { xyzOfLab } from '../../colour/lab'
import { EVERYTHING } from './targetBox'
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
    for (let n = 0; n < many(500, 200); n++) {
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
      [5, 5, 30],
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

describe('what the search stands on', () => {
  it('the target box holds every colour within the difference', () => {
    const white = whitePoint()
    for (let n = 0; n < 4000; n++) {
      const target = { L: 5 + 90 * random(), a: 120 * (random() - 0.5), b: 120 * (random() - 0.5) }
      const reach = [0.3, 2, 8][n % 3]!
      const other = {
        L: target.L + 3 * reach * (random() - 0.5),
        a: target.a + 6 * reach * (random() - 0.5),
        b: target.b + 6 * reach * (random() - 0.5),
      }
      const off = deltaE00(target, other)
      const [X, Y, Z] = xyzOfLab(target, white)
      const turn: [number, number] = [X / Y, Z / Y]
      const box = targetBox(target, white, off * (1 + 1e-9), turn)
      const [x, y, z] = xyzOfLab(other, white)
      ;[x, y, z, x - turn[0] * y, z - turn[1] * y].forEach((value, k) => {
        expect(value).toBeGreaterThanOrEqual(box[2 * k]! - 1e-9)
        expect(value).toBeLessThanOrEqual(box[2 * k + 1]! + 1e-9)
      })
    }
  })

  it('single precision stays within the slack that was proved, from faint to very strong paints', () => {
    const paints = [
      ...starterPaints,
      ...[1e-4, 1e4].map((gain, i) => ({
        ...starterPaints[11]!,
        id: `x${i}`,
        K: starterPaints[11]!.K.map((k) => k * gain),
        S: starterPaints[11]!.S.map((s) => s * gain),
      })),
    ]
    const tree = paintTree(paints)
    const weights = weightsOf()
    const kernel = instantiate(tree, [], weights, [1, 1], () => undefined)!
    const start = (kernel.memory.buffer.byteLength + 15) & ~15
    kernel.memory.grow(1)
    const members = [0, 0, 0].map(() => upTo(paints.length))
    for (let n = 0; n < 500; n++) {
      members.forEach((_, k) => (members[k] = upTo(paints.length)))
      const drops = members.map(() => 1 + upTo(12))
      new Uint16Array(kernel.memory.buffer, start, 3).set(members)
      new Float32Array(kernel.memory.buffer, start + 16, 3).set(drops)
      kernel.evaluateBatch(3, 1, start, start + 16, start + 32)
      const xyz = new Float32Array(kernel.memory.buffer, start + 32, 3)
      const R = opaqueReflectance(
        mixPaints(members.map((m, k) => ({ paint: paints[tree.order[m]!]!, drops: drops[k]! }))),
      )
      const exact = [weights.x, weights.y, weights.z].map((w) =>
        w.reduce((sum, v, i) => sum + v * R[i]!, 0),
      )
      exact.forEach((value, k) =>
        expect(Math.abs(xyz[k]! - value)).toBeLessThan(0.2 * SLACK * (1 + value)),
      )
    }
  })

  it('both kernels hand over the same mixes', () => {
    const paints = boxOf(9)
    const tree = paintTree(paints)
    const weights = weightsOf()
    const ratios = [1, 2, 3].map((slots) => ratioTree(slots, 6))
    const found = [wasmKernel, plainKernel]
      .map((make) => make(tree, ratios, weights, [1, 1])!)
      .map((kernel) => {
        kernel.seek({ box: EVERYTHING, across: [] }, Infinity)
        const list: string[] = []
        kernel.search([tree.root, tree.root, tree.root], 0, (members, drops) =>
          list.push(`${Array.from({ length: 3 }, (_, k) => members[k]).join()} ${drops.join()}`),
        )
        return list.sort()
      })
    expect(found[0]).toEqual(found[1])
    expect(found[0]).toHaveLength(((9 * 8 * 7) / 6) * compositions(3, 6).length)
  })

  it('ratios are complete and none is a multiple of another', () => {
    expect(compositions(1, 9)).toEqual([[1]])
    const three = compositions(3, 12)
    expect(
      new Set(three.map((drops) => drops.map((d) => d / Math.max(...drops)).join())).size,
    ).toBe(three.length)
    expect(compositions(2, 4)).toEqual([
      [1, 1],
      [1, 2],
      [2, 1],
      [1, 3],
      [3, 1],
    ])
  })

  it('the kernel that ships was made from the source beside it', () => {
    const folder = 'core/recipe/kernel/assembly/'
    const hash = createHash('sha256')
    for (const name of readdirSync(folder).sort()) hash.update(readFileSync(folder + name))
    expect(hash.digest('hex')).toBe(kernelSource)
  })
})
