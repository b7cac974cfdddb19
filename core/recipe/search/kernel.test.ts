import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { xyzOfLab } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import { whitePoint } from '../../colour/white'
import { seeded } from '../../numbers/seeded'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { kernelSource } from '../kernel/kernelBytes'
import { compositions } from './compositions'
import { paintTree } from './paintTree'
import { plainKernel } from './plainKernel'
import { ratioTree } from './ratioTree'
import { EVERYTHING, targetBox } from './targetBox'
import { SLACK, wasmKernel } from './wasmKernel'

const random = seeded(20261127)
const upTo = (most: number): number => Math.floor(random() * most)

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
    const kernel = wasmKernel(
      tree,
      [1, 2, 3].map((n) => ratioTree(n, 12)),
      weights,
      [1, 1],
    )!
    kernel.seek({ box: EVERYTHING, across: [] }, Infinity)
    let looked = 0
    kernel.search([tree.root, tree.root, tree.root], 0, (members, drops, ...xyz) => {
      if (upTo(1500) > 0) return
      looked++
      const parts = drops.map((of, k) => ({ paint: paints[tree.order[members[k]!]!]!, drops: of }))
      const R = opaqueReflectance(mixPaints(parts))
      const exact = [weights.x, weights.y, weights.z].map((w) =>
        w.reduce((sum, v, i) => sum + v * R[i]!, 0),
      )
      exact.forEach((value, k) =>
        expect(Math.abs(xyz[k]! - value)).toBeLessThan(0.2 * SLACK * (1 + value)),
      )
    })
    expect(looked).toBeGreaterThan(500)
  })

  it('both kernels hand over the same mixes', () => {
    const paints = starterPaints.slice(7, 16)
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
