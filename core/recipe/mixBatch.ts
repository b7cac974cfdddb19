import { writeLab } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import type { XYZ } from '../colour/white'
import { MixEvaluator } from '../paint/mixEvaluator'
import type { Paint } from '../paint/paint'
import { paintTree } from './search/paintTree'
import { instantiate } from './search/wasmModule'

/** Mixes that are reckoned at once. */
export const BATCH = 4096
const PAGE = 65536

/**
 * Colours of many mixes of at most three paints at once, D65, 2°: by the SIMD kernel in single precision (X, Y, Z off by
 * less than 5e-6 of them, docs/search.md), by the plain evaluator where it cannot run.
 * @example const batch = new MixBatch(box); batch.put(0, [0, 1, 1], [3, 1, 0]); batch.reckon(1); batch.lab[0] // L* of 3 : 1
 */
export class MixBatch {
  /** L*, a*, b* of every mix that was reckoned. */
  readonly lab = new Float64Array(3 * BATCH)
  private readonly white: XYZ
  private readonly members: Uint16Array
  private readonly drops: Float32Array
  /** Place of each paint as the kernel counts them. */
  private readonly placeOf: Uint16Array
  private readonly run: (many: number) => void

  constructor(paints: readonly Paint[]) {
    const weights = weightsOf()
    this.white = weights.white
    const tree = paintTree(paints)
    this.placeOf = new Uint16Array(paints.length)
    const kernel = instantiate(tree, [], weights, [1, 1], () => undefined)
    if (!kernel) {
      this.placeOf.forEach((_, i) => (this.placeOf[i] = i))
      this.members = new Uint16Array(3 * BATCH)
      this.drops = new Float32Array(3 * BATCH)
      this.run = this.plainly(paints)
      return
    }
    tree.order.forEach((paint, place) => (this.placeOf[paint] = place))
    const start = (kernel.memory.buffer.byteLength + 15) & ~15
    const amounts = start + 6 * BATCH
    const out = amounts + 12 * BATCH
    kernel.memory.grow(Math.ceil((30 * BATCH + 16) / PAGE))
    const { buffer } = kernel.memory
    this.members = new Uint16Array(buffer, start, 3 * BATCH)
    this.drops = new Float32Array(buffer, amounts, 3 * BATCH)
    const xyz = new Float32Array(buffer, out, 3 * BATCH)
    this.run = (many) => {
      kernel.evaluateThree(many, start, amounts, out)
      for (let i = 0; i < 3 * many; i += 3)
        writeLab(xyz[i]!, xyz[i + 1]!, xyz[i + 2]!, this.white, this.lab, i)
    }
  }

  private plainly(paints: readonly Paint[]): (many: number) => void {
    const evaluator = new MixEvaluator(paints)
    return (many) => {
      for (let i = 0; i < 3 * many; i += 3)
        evaluator.writeLab(
          this.members.subarray(i, i + 3),
          this.drops.subarray(i, i + 3),
          3,
          this.lab,
          i,
        )
    }
  }

  /** Lays a mix at a place of the batch: three paints by their place in the box, and their drops; 0 for none. */
  put(at: number, paints: ArrayLike<number>, drops: ArrayLike<number>): void {
    for (let k = 0; k < 3; k++) {
      this.members[3 * at + k] = this.placeOf[paints[k]!]!
      this.drops[3 * at + k] = drops[k]!
    }
  }

  /** Reckons the first so many mixes. */
  reckon(many: number): void {
    this.run(many)
  }
}
