import type { Turn } from './turn'
import type { Lab } from '../../colour/lab'
import type { Weights } from '../../colour/weights'
import type { PaintTree } from './paintTree'
import { plainKernel } from './plainKernel'
import type { RatioTree } from './ratioTree'
import { wasmKernel } from './wasmKernel'
import type { SearchKernel } from './searchKernel'

/** The SIMD kernel where WebAssembly can be had, else its plain twin. */
export function searchKernel(
  tree: PaintTree,
  ratios: readonly RatioTree[],
  weights: Weights,
  turn: Turn,
  target?: Lab,
): SearchKernel {
  return wasmKernel(tree, ratios, weights, turn, target) ?? plainKernel(tree, ratios, weights, turn)
}
