import type { Weights } from '../../colour/weights'
import type { PaintTree } from './paintTree'
import { plainKernel } from './plainKernel'
import type { TargetBox, Turn } from './targetBox'
import { wasmKernel } from './wasmKernel'

/** A find: paints of a mix in rising tree order, valid only while they are handed over, and its X, Y, Z. */
export type Take = (paints: ArrayLike<number>, X: number, Y: number, Z: number) => void

/**
 * The hot part of a search, with a tree of paints laid out once. All mixes below the given clusters
 * whose X, Y, Z may lie in the box are handed to `take`; some that lie just outside may be, too.
 */
export interface SearchKernel {
  setBox(box: TargetBox): void
  /** Mixes of these clusters, one a slot in rising tree order, with these drops. */
  search(clusters: readonly number[], drops: readonly number[], take: Take): void
  /** Clusters bounded and mixes evaluated since the last asking. */
  takeWork(): number
}

/** The SIMD kernel where WebAssembly can be had, else its plain twin. */
export function searchKernel(tree: PaintTree, weights: Weights, turn: Turn): SearchKernel {
  return wasmKernel(tree, weights, turn) ?? plainKernel(tree, weights, turn)
}
