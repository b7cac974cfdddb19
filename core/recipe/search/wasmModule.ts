import type { Turn } from './turn'
import type { Weights } from '../../colour/weights'
import { kernelBytes } from '../kernel/kernelBytes'
import { greatest, least, mergedBands } from './mergedBands'
import type { MergedBand } from './mergedBands'
import type { PaintTree } from './paintTree'
import type { RatioTree } from './ratioTree'

/** Finds kept before they are handed over. */
const ROOM = 512
/** Shares of a cell, five and one and five. */
const SHARES = 11
/** Bands that bounds reckon with, merged from the 36; four at a time. */
export const MERGED = 20

export interface KernelModule {
  memory: WebAssembly.Memory
  box: WebAssembly.Global
  turn: WebAssembly.Global
  target: WebAssembly.Global
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
  faceWeightsAt(): number
  facesAt(): number
  setFaceCount(count: number): void
  setMostLeaf(mixes: number): void
  clustersAt(): number
  shapesAt(): number
  extentsAt(): number
  ratiosAt(): number
  ratioStrideBytes(): number
  cellsAt(): number
  sharesAt(): number
  foundAt(): number
  foundCount(): number
  clearFound(): void
  takeWork(): number
  search(slots: number, cell: number, work: number): number
  chosen: WebAssembly.Global
  mixSet(slots: number, first: number, last: number, to: number, plane: number): void
  leastDifferences(
    many: number,
    room: number,
    at: number,
    targets: number,
    count: number,
    least: number,
  ): void
}

/** The module, and the bands that its bounds reckon with. */
interface LaidKernel {
  kernel: KernelModule
  bands: MergedBand[]
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
  /** Drops of all ratios, slot by slot. */
  drops: Float32Array[]
  /** First and last ratio, left and right half of each cell. */
  shapes: Int32Array
  /** Least shares and step of each cell, then its middle. */
  shares: Float32Array
}
const laid = new WeakMap<RatioTree, LaidOut>()

/** A tree of ratios as the kernel reads it; trees are few and are asked for again and again. */
function laidOut(tree: RatioTree): LaidOut {
  const known = laid.get(tree)
  if (known) return known
  const { ratios, cells } = tree
  const made = {
    drops: [0, 1, 2, 3, 4].map((slot) => Float32Array.from(ratios, (drops) => drops[slot] ?? 0)),
    shapes: Int32Array.from(cells.flatMap(({ from, to, left, right }) => [from, to, left, right])),
    shares: new Float32Array(SHARES * cells.length),
  }
  cells.forEach(({ least, step, middle }, i) => {
    made.shares.set(least, SHARES * i)
    made.shares[SHARES * i + 5] = step
    made.shares.set(middle, SHARES * i + 6)
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
): LaidKernel | undefined {
  const module = kernelModule()
  if (!module) return undefined
  const kernel = new WebAssembly.Instance(module, {
    search: { drain },
    env: { abort: () => undefined },
  }).exports as unknown as KernelModule
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
  clusters.forEach(({ curves, from, to, left, right, extent }, i) => {
    if (i < order.length) lay(kernel.paintsAt() + i * 288, [curves[0], curves[2]])
    lay(
      kernel.clustersAt() + i * MERGED * 24,
      curves.map((curve, c) => bands.map(([from, to]) => ends[c % 2]!(curve, from, to))),
    )
    whole.set([from, to, left, right], (kernel.shapesAt() >> 2) + 4 * i)
    floats.set(extent, (kernel.extentsAt() >> 2) + 4 * i)
  })
  // The trees stand one behind the other.
  let [ratio, cell] = [0, 0]
  for (const tree of trees) {
    const { drops, shapes, shares } = laidOut(tree)
    drops.forEach((own, slot) =>
      floats.set(own, (kernel.ratiosAt() + slot * kernel.ratioStrideBytes()) / 4 + ratio),
    )
    floats.set(shares, (kernel.sharesAt() >> 2) + SHARES * cell)
    const start = (kernel.cellsAt() >> 2) + 4 * cell
    for (let n = 0; n < shapes.length; n++)
      whole[start + n] = shapes[n]! + (n % 4 < 2 ? ratio : cell)
    ratio += tree.ratios.length
    cell += tree.cells.length
  }
  return { kernel, bands }
}
