import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import { kernelBytes } from '../kernel/kernelBytes'
import type { SearchKernel, Take } from './kernel'
import type { PaintTree } from './paintTree'
import type { RatioTree } from './ratioTree'
import type { Turn } from './targetBox'

/** Finds kept before they are handed over. */
const ROOM = 16384
const MOST_SLOTS = 5
/** Bytes of a find: its paints, its ratio, then X, Y, Z. */
const ENTRY = 28
/**
 * Single precision is off by less than 80 · 2⁻²⁴ of a tristimulus value (docs/search.md); the box is
 * wider than that by four times.
 */
export const SLACK = 2e-5

interface Exports {
  memory: WebAssembly.Memory
  box: WebAssembly.Global
  turn: WebAssembly.Global
  slots: WebAssembly.Global
  prepare(clusters: number, ratios: number, cells: number, room: number): void
  weightsAt(): number
  clustersAt(): number
  shapesAt(): number
  spreadsAt(): number
  ratiosAt(): number
  cellsAt(): number
  cornersAt(): number
  foundAt(): number
  foundCount(): number
  clearFound(): void
  takeWork(): number
  search(slots: number, cell: number): void
  evaluateThree(many: number, paints: number, amounts: number, out: number): void
}

let compiled: WebAssembly.Module | undefined | null

/** The compiled module, or nothing where WebAssembly or SIMD cannot be had. */
function kernelModule(): WebAssembly.Module | undefined {
  if (compiled === undefined)
    try {
      const bytes = Uint8Array.from(atob(kernelBytes), (letter) => letter.charCodeAt(0))
      compiled = new WebAssembly.Module(bytes)
    } catch {
      compiled = null
    }
  return compiled ?? undefined
}

/** A module with a tree and weights laid out in its memory. */
export function instantiate(
  { clusters }: PaintTree,
  trees: readonly RatioTree[],
  weights: Weights,
  [alpha, beta]: Turn,
  drain: () => void,
): Exports | undefined {
  const module = kernelModule()
  if (!module) return undefined
  const kernel = new WebAssembly.Instance(module, {
    search: { drain },
    env: { abort: () => undefined },
  }).exports as unknown as Exports
  const total = (part: (tree: RatioTree) => readonly unknown[]): number =>
    trees.reduce((sum, tree) => sum + part(tree).length, 0)
  kernel.prepare(
    clusters.length,
    total(({ ratios }) => ratios),
    total(({ cells }) => cells),
    ROOM,
  )
  const floats = new Float32Array(kernel.memory.buffer)
  const whole = new Int32Array(kernel.memory.buffer)
  const at = kernel.weightsAt() >> 2
  const { x, y, z } = weights
  const u = x.map((w, i) => w - alpha * y[i]!)
  const v = z.map((w, i) => w - beta * y[i]!)
  const above = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, one))
  const below = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, -one))
  ;[x, y, z, above(u), below(u), above(v), below(v)].forEach((w, k) =>
    floats.set(w, at + k * BANDS),
  )
  floats.set([alpha, beta], (kernel.turn.value as number) >> 2)
  clusters.forEach(({ curves, from, to, left, right, spread }, i) => {
    curves.forEach((curve, c) =>
      floats.set(curve, (kernel.clustersAt() >> 2) + (6 * i + c) * BANDS),
    )
    whole.set([from, to, left, right], (kernel.shapesAt() >> 2) + 4 * i)
    floats[(kernel.spreadsAt() >> 2) + i] = spread
  })
  // The trees stand one behind the other.
  let [ratio, cell] = [0, 0]
  for (const { ratios, cells } of trees) {
    ratios.forEach((drops, i) => floats.set(drops, (kernel.ratiosAt() >> 2) + 5 * (ratio + i)))
    cells.forEach(({ from, to, left, right, corners, middle }, i) => {
      const place = cell + i
      whole.set(
        [from + ratio, to + ratio, left + cell, right + cell],
        (kernel.cellsAt() >> 2) + 4 * place,
      )
      const at = (kernel.cornersAt() >> 2) + 30 * place
      corners.forEach((corner, c) => floats.set(corner, at + 5 * c))
      floats.set(middle, at + 25)
    })
    ratio += ratios.length
    cell += cells.length
  }
  return kernel
}

/** The SIMD kernel; nothing where it cannot run. */
export function wasmKernel(
  tree: PaintTree,
  trees: readonly RatioTree[],
  weights: Weights,
  turn: Turn,
): SearchKernel | undefined {
  let take: Take = () => undefined
  let count = 0
  let ratioBase = 0
  let ratios: number[][] = []
  const drain = (): void => {
    const many = kernel!.foundCount()
    const at = kernel!.foundAt()
    const ids = new Uint16Array(kernel!.memory.buffer, at, many * (ENTRY / 2))
    const places = new Uint32Array(kernel!.memory.buffer, at, many * (ENTRY / 4))
    const values = new Float32Array(kernel!.memory.buffer, at, many * (ENTRY / 4))
    for (let n = 0; n < many; n++) {
      for (let k = 0; k < count; k++) members[k] = ids[(n * ENTRY) / 2 + k]!
      const v = (n * ENTRY) / 4 + 3
      take(members, ratios[places[v]! - ratioBase]!, values[v + 1]!, values[v + 2]!, values[v + 3]!)
    }
    kernel!.clearFound()
  }
  const members = new Uint16Array(MOST_SLOTS)
  const kernel = instantiate(tree, trees, weights, turn, drain)
  if (!kernel) return undefined
  const box = new Float32Array(kernel.memory.buffer, kernel.box.value as number, 10)
  const slots = new Int32Array(kernel.memory.buffer, kernel.slots.value as number, MOST_SLOTS)
  const before = (count: number, part: (tree: RatioTree) => readonly unknown[]): number =>
    trees.slice(0, count - 1).reduce((sum, one) => sum + part(one).length, 0)
  return {
    setBox(wanted) {
      for (let k = 0; k < 10; k++) {
        // A turned axis is a difference: it errs as its two parts do.
        const size = k < 6 ? Math.abs(wanted[k]!) : 2 * Math.max(wanted[1]!, wanted[5]!)
        const slack = SLACK * (1 + Math.min(size, 200))
        box[k] = wanted[k]! + (k % 2 === 0 ? -slack : slack)
      }
    },
    search(clusters, cell, into) {
      take = into
      count = clusters.length
      ratios = trees[count - 1]!.ratios
      ratioBase = before(count, (one) => one.ratios)
      slots.set(clusters)
      kernel.search(count, before(count, (one) => one.cells) + cell)
      drain()
    },
    takeWork: () => kernel.takeWork(),
  }
}
