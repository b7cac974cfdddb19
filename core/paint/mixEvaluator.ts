import type { Mixture } from './mixture'
import { writeLab } from '../colour/lab'
import type { ViewingOptions } from '../colour/lab'
import { BANDS } from '../colour/spectrum'
import { weightsOf } from '../colour/weights'
import type { XYZ } from '../colour/white'
import { K1, K2 } from './surface'

const SIZE = 2 * BANDS
const ENTERS = (1 - K1) * (1 - K2)
const LEAVES = 1 - K2
/** A band with neither K nor S would divide nothing by nothing; with this it is black. */
const TRACE = 1e-150

/**
 * Colours of many mixes from the same paints: everything is laid out once, band by band so that the
 * loops walk straight through memory, then a mix costs one pass. Mirrors
 * `labOf(opaqueReflectance(mixPaints(…)))` for speed, without the objects; `core/recipe/sameMixing.test.ts` holds them together.
 * @example new MixEvaluator([white, ochre]).writeLab([0, 1], [3, 1], 2, new Float64Array(3), 0)
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
    const { curves, weights } = this
    // Three curves in one pass; a place that is empty adds no drops, more members are summed before.
    const more = count > 3
    const first = more ? this.summed(members, drops, count - 2) : curves[members[0]!]!
    const second = count > 1 ? curves[members[more ? count - 2 : 1]!]! : first
    const third = count > 2 ? curves[members[count - 1]!]! : first
    const a = more ? 1 : drops[0]!
    const b = count > 1 ? drops[more ? count - 2 : 1]! : 0
    const c = count > 2 ? drops[count - 1]! : 0
    let X = 0
    let Y = 0
    let Z = 0
    // Two bands a turn share one division, the slowest step: n/p and m/q are n·q and m·p over p·q.
    for (let i = 0, w = 0; i < SIZE; i += 4, w += 6) {
      const k = a * first[i]! + b * second[i]! + c * third[i]!
      const s = a * first[i + 1]! + b * second[i + 1]! + c * third[i + 1]!
      const l = a * first[i + 2]! + b * second[i + 2]! + c * third[i + 2]!
      const t = a * first[i + 3]! + b * second[i + 3]! + c * third[i + 3]!
      const p = LEAVES * s + k + Math.sqrt(k * (k + 2 * s)) + TRACE
      const q = LEAVES * t + l + Math.sqrt(l * (l + 2 * t)) + TRACE
      const shared = ENTERS / (p * q)
      const r = s * q * shared
      const v = t * p * shared
      X += weights[w]! * r + weights[w + 3]! * v
      Y += weights[w + 1]! * r + weights[w + 4]! * v
      Z += weights[w + 2]! * r + weights[w + 5]! * v
    }
    writeLab(X, Y, Z, this.white, out, at)
  }

  private summed(
    members: ArrayLike<number>,
    drops: ArrayLike<number>,
    count: number,
  ): Float64Array {
    const { sum } = this
    sum.fill(0)
    for (let m = 0; m < count; m++) {
      const curve = this.curves[members[m]!]!
      const amount = drops[m]!
      for (let i = 0; i < SIZE; i++) sum[i]! += amount * curve[i]!
    }
    return sum
  }
}
