import { writeLab } from '../colour/lab'
import type { ViewingOptions } from '../colour/lab'
import { BANDS } from '../colour/spectrum'
import { weightsOf } from '../colour/weights'
import type { XYZ } from '../colour/white'
import type { Mixture } from './paint'
import { K1, K2 } from './surface'

const SIZE = 2 * BANDS
const ENTERS = (1 - K1) * (1 - K2)
const LEAVES = 1 - K2

/**
 * Colours of many mixes from the same paints: everything is laid out once, band by band so that the
 * loops walk straight through memory, then a mix costs one pass. Same model as
 * `labOf(opaqueReflectance(mixPaints(…)))`, without the objects.
 */
export class MixEvaluator {
  /** Per paint K, S of the first band, K, S of the second … */
  private readonly curves: Float64Array[]
  /** x, y, z of the first band, then of the second … */
  private readonly weights = new Float64Array(3 * BANDS)
  private readonly sum = new Float64Array(SIZE)
  private readonly white: XYZ

  constructor(paints: readonly Mixture[], viewing: ViewingOptions = {}) {
    const { x, y, z, white } = weightsOf(viewing.illuminant, viewing.observer)
    this.white = white
    for (let i = 0; i < BANDS; i++) this.weights.set([x[i]!, y[i]!, z[i]!], 3 * i)
    this.curves = paints.map(({ K, S }) =>
      Float64Array.from({ length: SIZE }, (_, i) => (i % 2 === 0 ? K : S)[i >> 1]!),
    )
  }

  /**
   * Writes L*, a*, b* of a mix to `out` at `at`. `members` are places in the box, `drops` their
   * amounts; the first `count` of each are read, one at least.
   */
  writeLab(
    members: ArrayLike<number>,
    drops: ArrayLike<number>,
    count: number,
    out: Float64Array,
    at: number,
  ): void {
    const { curves, sum, weights } = this
    // Three at a time: most mixes have no more, and a place that is empty adds no drops.
    const first = curves[members[0]!]!
    const second = count > 1 ? curves[members[1]!]! : first
    const third = count > 2 ? curves[members[2]!]! : first
    const a = drops[0]!
    const b = count > 1 ? drops[1]! : 0
    const c = count > 2 ? drops[2]! : 0
    for (let i = 0; i < SIZE; i++) sum[i] = a * first[i]! + b * second[i]! + c * third[i]!
    for (let m = 3; m < count; m++) {
      const more = curves[members[m]!]!
      const d = drops[m]!
      for (let i = 0; i < SIZE; i++) sum[i] = sum[i]! + d * more[i]!
    }
    let X = 0
    let Y = 0
    let Z = 0
    for (let i = 0, w = 0; i < SIZE; i += 2, w += 3) {
      const k = sum[i]!
      const s = sum[i + 1]!
      // K = S = 0 would divide nothing by nothing; such a band is black.
      const r = (ENTERS * s) / (LEAVES * s + k + Math.sqrt(k * (k + 2 * s)) + 1e-300)
      X += weights[w]! * r
      Y += weights[w + 1]! * r
      Z += weights[w + 2]! * r
    }
    writeLab(X, Y, Z, this.white, out, at)
  }
}
