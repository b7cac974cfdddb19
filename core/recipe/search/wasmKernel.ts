import type { Turn } from './turn'
import type { SearchKernel, Take } from './searchKernel'
import type { Lab } from '../../colour/lab'
import type { Weights } from '../../colour/weights'
import { weightsAlong } from './faces'
import type { MergedBand } from './mergedBands'
import type { PaintTree } from './paintTree'
import type { RatioTree } from './ratioTree'
import type { Bounds } from './targetBox'
import { instantiate, MERGED } from './wasmModule'
import type { KernelModule } from './wasmModule'

const MOST_SLOTS = 5
const MOST_WORK = 2 ** 31 - 1
/** Beyond this difference bounds keep out little, and leaves may grow: to so many mixes before and after. */
const FAR = 3
const LEAVES = [16, 8192] as const
/** Bytes of a find: its paints, its ratio, then X, Y, Z. */
const ENTRY = 28
/**
 * Single precision is off by less than 80 · 2⁻²⁴ of a tristimulus value (docs/search.md); bounds are set
 * wider than that by four times.
 */
export const SLACK = 2e-5
/** How far a difference in single precision may be off, ΔE00; it is off by less than a tenth of this. */
export const ROUGH_KERNEL = 0.02
/** A sum of the merged bands is off by less than this share of all that is added. */
const SUMS = 1e-6

/** Lays bounds in the kernel's memory, weights merged as the clusters' bands are. */
function boundsLayer(
  kernel: KernelModule,
  bands: readonly MergedBand[],
  weights: Weights,
): (bounds: Bounds) => void {
  const floats = new Float32Array(kernel.memory.buffer)
  const box = new Float32Array(kernel.memory.buffer, kernel.box.value as number, 10)
  return (wanted) => {
    for (let k = 0; k < 10; k++) {
      // A turned axis is a difference: it errs as its two parts do.
      const size = k < 6 ? Math.abs(wanted.box[k]!) : 2 * Math.max(wanted.box[1], wanted.box[5])
      const slack = SLACK * (1 + Math.min(size, 200))
      box[k] = wanted.box[k]! + (k % 2 === 0 ? -slack : slack)
    }
    const [, X, , Y, , Z] = wanted.box.map((most) => Math.min(most, 200))
    wanted.across.forEach(({ x, y, z, most }, f) => {
      const whole = weightsAlong({ x, y, z }, weights)
      const size = Math.abs(x) * (1 + X!) + Math.abs(y) * (1 + Y!) + Math.abs(z) * (1 + Z!)
      const limit = most + SLACK * size + SUMS * whole.reduce((sum, w) => sum + Math.abs(w), 0)
      floats.set([x, y, z, limit], kernel.facesAt() / 4 + 4 * f)
      const at = kernel.faceWeightsAt() / 4 + 2 * MERGED * f
      bands.forEach(([from, to], band) => {
        const run = whole.subarray(from, to)
        const place = at + (band >> 2) * 8 + (band & 3)
        floats[place] = run.reduce((sum, w) => sum + Math.max(0, w), 0)
        floats[place + 4] = run.reduce((sum, w) => sum + Math.max(0, -w), 0)
      })
    })
    kernel.setFaceCount(wanted.across.length)
  }
}

/** The SIMD kernel; nothing where it cannot run. */
export function wasmKernel(
  tree: PaintTree,
  trees: readonly RatioTree[],
  weights: Weights,
  turn: Turn,
  target?: Lab,
): SearchKernel | undefined {
  let take: Take = () => undefined
  let count = 0
  let ratioBase = 0
  let ratios: number[][] = []
  const drain = (): void => {
    const many = kernel.foundCount()
    const at = kernel.foundAt()
    const ids = new Uint16Array(kernel.memory.buffer, at, many * (ENTRY / 2))
    const places = new Uint32Array(kernel.memory.buffer, at, many * (ENTRY / 4))
    const values = new Float32Array(kernel.memory.buffer, at, many * (ENTRY / 4))
    for (let n = 0; n < many; n++) {
      for (let k = 0; k < count; k++) members[k] = ids[(n * ENTRY) / 2 + k]!
      const v = (n * ENTRY) / 4 + 3
      take(members, ratios[places[v]! - ratioBase]!, values[v + 1]!, values[v + 2]!, values[v + 3]!)
    }
    kernel.clearFound()
  }
  const members = new Uint16Array(MOST_SLOTS)
  const laid = instantiate(tree, trees, weights, turn, drain)
  if (!laid) return undefined
  const { kernel, bands } = laid
  const slots = new Int32Array(kernel.memory.buffer, kernel.slots.value as number, MOST_SLOTS)
  const sought = new Float32Array(kernel.memory.buffer, kernel.target.value as number, 8)
  const { L, a, b } = target ?? { L: 0, a: 0, b: 0 }
  sought.set([L, a, b, Math.hypot(a, b), ...weights.white, Infinity])
  const lay = boundsLayer(kernel, bands, weights)
  const before = (count: number, part: (tree: RatioTree) => readonly unknown[]): number =>
    trees.slice(0, count - 1).reduce((sum, one) => sum + part(one).length, 0)
  return {
    seek(bounds, difference) {
      if (target) sought[7] = (difference + ROUGH_KERNEL) ** 2
      kernel.setMostLeaf(LEAVES[difference > FAR ? 1 : 0])
      lay(bounds)
    },
    search(clusters, cell, into, work = MOST_WORK) {
      take = into
      count = clusters.length
      ratios = trees[count - 1]!.ratios
      ratioBase = before(count, (one) => one.ratios)
      slots.set(clusters)
      const whole = kernel.search(count, before(count, (one) => one.cells) + cell, work)
      drain()
      return whole === 1
    },
    takeWork: () => kernel.takeWork(),
  }
}
