import type { Weights } from '../../colour/weights'
import { kernelBytes } from '../kernel/kernelBytes'
import type { SearchKernel, Take } from './kernel'
import { greatest, least, mergedBands } from './mergedBands'
import type { PaintTree } from './paintTree'
import type { RatioTree } from './ratioTree'
import type { Turn } from './targetBox'

/** Finds kept before they are handed over. */
const ROOM = 16384
const MOST_SLOTS = 5
/** Bands that bounds reckon with, merged from the 36; four at a time. */
const MERGED = 16
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
  prepare(
    paints: number,
    clusters: number,
    mergedGroups: number,
    ratios: number,
    cells: number,
    room: number,
  ): void
  begin(): void
  weightsAt(): number
  paintsAt(): number
  mergedWeightsAt(): number
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

interface LaidOut {
  /** Five drops a ratio. */
  drops: Float32Array
  /** First and last ratio, left and right half of each cell. */
  shapes: Int32Array
  /** Five corners and the middle of each cell, five shares each. */
  corners: Float32Array
}
const laid = new WeakMap<RatioTree, LaidOut>()

/** A tree of ratios as the kernel reads it; trees are few and are asked for again and again. */
function laidOut(tree: RatioTree): LaidOut {
  const known = laid.get(tree)
  if (known) return known
  const { ratios, cells } = tree
  const made = {
    drops: new Float32Array(5 * ratios.length),
    shapes: Int32Array.from(cells.flatMap(({ from, to, left, right }) => [from, to, left, right])),
    corners: new Float32Array(30 * cells.length),
  }
  ratios.forEach((drops, i) => made.drops.set(drops, 5 * i))
  cells.forEach(({ corners, middle }, i) => {
    corners.forEach((corner, c) => made.corners.set(corner, 30 * i + 5 * c))
    made.corners.set(middle, 30 * i + 25)
  })
  laid.set(tree, made)
  return made
}

/** A module with a tree and weights laid out in its memory. */
export function instantiate(
  tree: PaintTree,
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
  const { clusters, order } = tree
  kernel.prepare(
    order.length,
    clusters.length,
    MERGED / 4,
    total(({ ratios }) => ratios),
    total(({ cells }) => cells),
    ROOM,
  )
  const floats = new Float32Array(kernel.memory.buffer)
  const whole = new Int32Array(kernel.memory.buffer)
  const { x, y, z } = weights
  const u = x.map((w, i) => w - alpha * y[i]!)
  const v = z.map((w, i) => w - beta * y[i]!)
  const above = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, one))
  const below = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, -one))
  /** Curves laid out four bands at a time, one curve after the other. */
  const lay = (address: number, curves: readonly ArrayLike<number>[]): void => {
    const start = address >> 2
    curves.forEach((curve, c) => {
      for (let i = 0; i < curve.length; i++)
        floats[start + ((i >> 2) * curves.length + c) * 4 + (i & 3)] = curve[i]!
    })
  }
  lay(kernel.weightsAt(), [x, y, z])
  kernel.begin()
  const bands = mergedBands(tree, weights, MERGED)
  const summed = (curve: Float64Array): number[] =>
    bands.map(([from, to]) => curve.subarray(from, to).reduce((sum, one) => sum + one, 0))
  lay(kernel.mergedWeightsAt(), [x, y, z, above(u), below(u), above(v), below(v)].map(summed))
  floats.set([alpha, beta], (kernel.turn.value as number) >> 2)
  const ends = [least, greatest] as const
  clusters.forEach(({ curves, from, to, left, right, spread }, i) => {
    if (i < order.length) lay(kernel.paintsAt() + i * 288, [curves[0], curves[2]])
    lay(
      kernel.clustersAt() + i * MERGED * 24,
      curves.map((curve, c) => bands.map(([from, to]) => ends[c % 2]!(curve, from, to))),
    )
    whole.set([from, to, left, right], (kernel.shapesAt() >> 2) + 4 * i)
    floats[(kernel.spreadsAt() >> 2) + i] = spread
  })
  // The trees stand one behind the other.
  let [ratio, cell] = [0, 0]
  for (const tree of trees) {
    const { drops, shapes, corners } = laidOut(tree)
    floats.set(drops, (kernel.ratiosAt() >> 2) + 5 * ratio)
    floats.set(corners, (kernel.cornersAt() >> 2) + 30 * cell)
    const start = (kernel.cellsAt() >> 2) + 4 * cell
    for (let n = 0; n < shapes.length; n++)
      whole[start + n] = shapes[n]! + (n % 4 < 2 ? ratio : cell)
    ratio += tree.ratios.length
    cell += tree.cells.length
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
