import type { Lab, ViewingOptions } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import { MixEvaluator } from '../paint/mixEvaluator'
import type { Mixture } from '../paint/paint'
import { paintTree } from './search/paintTree'
import { instantiate } from './search/wasmModule'
import { meeting } from './meeting'

/** ΔE00 that two colours may be off together in single precision. */
export const ROUGH = 0.01
/** Mixes that are reckoned at once. */
export const BATCH = 4096
const PAGE = 65536
/** Paints a mix of the batch has room for at least. */
const LEAST = 3
/** f32 of room for L*, for a* and for b* of a batch: the kernel reads four at a time. */
const ROOM = BATCH + 4

/** What reckons a batch: by the SIMD kernel, or plainly. */
interface Reckoner {
  members: Uint16Array
  drops: Float32Array
  /** L*, a*, b* of all mixes that were reckoned. */
  planes: readonly [L: ArrayLike<number>, a: ArrayLike<number>, b: ArrayLike<number>]
  run(many: number): void
  /** Takes what was reckoned last to the targets. */
  meet(many: number, off: Float32Array, start: number): void
}

/**
 * Colours of many mixes at once: by the SIMD kernel in single precision (X, Y, Z off by less than 5e-6 of them,
 * docs/search.md), by the plain evaluator where it cannot run.
 * @example const batch = new MixBatch(box); batch.put(0, [0, 1, 1], [3, 1, 0]); batch.reckon(1); batch.lab(0) // of 3 : 1
 */
export class MixBatch {
  /** Place of each paint as the kernel counts them. */
  private readonly placeOf: Uint16Array
  private readonly width: number
  private readonly reckoner: Reckoner
  private many = 0

  /**
   * @param width paints of a mix at most, up to five.
   * @param targets that `meet` takes mixes to.
   */
  constructor(
    paints: readonly Mixture[],
    {
      width = LEAST,
      targets = [],
      ...viewing
    }: ViewingOptions & { width?: number; targets?: readonly Lab[] } = {},
  ) {
    this.width = Math.max(LEAST, width)
    this.placeOf = Uint16Array.from(paints, (_, i) => i)
    this.reckoner =
      this.byKernel(paints, viewing, targets) ?? this.plainly(paints, viewing, targets)
  }

  private byKernel(
    paints: readonly Mixture[],
    viewing: ViewingOptions,
    targets: readonly Lab[],
  ): Reckoner | undefined {
    const tree = paintTree(paints)
    const weights = weightsOf(viewing.illuminant, viewing.observer)
    const laid = instantiate(tree, [], weights, [1, 1], () => undefined)
    if (!laid) return undefined
    const { kernel } = laid
    tree.order.forEach((paint, place) => (this.placeOf[paint] = place))
    const { width } = this
    let at = (kernel.memory.buffer.byteLength + 15) & ~15
    const place = (bytes: number): number => (at += (bytes + 15) & ~15) - ((bytes + 15) & ~15)
    const members = place(2 * width * BATCH)
    const drops = place(4 * width * BATCH)
    const xyz = place(12 * ROOM)
    const lab = place(12 * ROOM)
    const aims = place(16 * targets.length)
    const least = place(4 * targets.length)
    kernel.memory.grow(Math.ceil((at - kernel.memory.buffer.byteLength) / PAGE) + 1)
    const { buffer } = kernel.memory
    new Float32Array(buffer, kernel.target.value as number, 8).set(weights.white, 4)
    new Float32Array(buffer, aims, 4 * targets.length).set(
      targets.flatMap(({ L, a, b }) => [L, a, b, Math.hypot(a, b)]),
    )
    const found = new Float32Array(buffer, least, targets.length)
    const plane = (axis: number) => new Float32Array(buffer, lab + 4 * axis * ROOM, BATCH)
    return {
      members: new Uint16Array(buffer, members, width * BATCH),
      drops: new Float32Array(buffer, drops, width * BATCH),
      planes: [plane(0), plane(1), plane(2)],
      run(many) {
        kernel.evaluateBatch(width, many, members, drops, xyz)
        kernel.labOfBatch(many, ROOM, xyz, lab)
      },
      meet(many, off, start) {
        found.set(off.subarray(start, start + targets.length))
        kernel.leastDifferences(many, ROOM, lab, aims, targets.length, least)
        off.set(found, start)
      },
    }
  }

  private plainly(
    paints: readonly Mixture[],
    viewing: ViewingOptions,
    targets: readonly Lab[],
  ): Reckoner {
    const { width } = this
    const evaluator = new MixEvaluator(paints, viewing)
    const members = new Uint16Array(width * BATCH)
    const drops = new Float32Array(width * BATCH)
    const planes = [0, 1, 2].map(() => new Float64Array(BATCH)) as [
      Float64Array,
      Float64Array,
      Float64Array,
    ]
    const lab = new Float64Array(3)
    return {
      members,
      drops,
      planes,
      run(many) {
        for (let i = 0; i < many; i++) {
          const [from, to] = [width * i, width * (i + 1)]
          evaluator.writeLab(members.subarray(from, to), drops.subarray(from, to), width, lab, 0)
          planes.forEach((plane, axis) => (plane[i] = lab[axis]!))
        }
      },
      meet: meeting(targets, planes),
    }
  }

  /** Lays a mix at a place of the batch: paints by their place in the box, and their drops; 0 for none. */
  put(at: number, paints: ArrayLike<number>, drops: ArrayLike<number>): void {
    this.putRun(at, { width: paints.length, members: paints, drops }, 0, 1)
  }

  /** Lays so many mixes of a list, from one of them on. */
  putRun(
    at: number,
    list: { width: number; members: ArrayLike<number>; drops: ArrayLike<number> },
    from: number,
    many: number,
  ): void {
    const { width, placeOf } = this
    const { members, drops: doses } = this.reckoner
    const own = list.width
    for (let i = 0; i < many; i++)
      for (let k = 0; k < width; k++) {
        const source = (from + i) * own + k
        members[width * (at + i) + k] = k < own ? placeOf[list.members[source]!]! : 0
        doses[width * (at + i) + k] = k < own ? list.drops[source]! : 0
      }
  }

  /** Reckons the first so many mixes. */
  reckon(many: number): void {
    this.many = many
    this.reckoner.run(many)
  }

  /** L*, a*, b* of a mix that was reckoned. */
  lab(at: number): [L: number, a: number, b: number] {
    const [L, a, b] = this.reckoner.planes
    return [L[at]!, a[at]!, b[at]!]
  }

  /** L*, a*, b* of all mixes that were reckoned, each at three times its place. */
  writeLabs(out: Float32Array, places: ArrayLike<number>): void {
    const [L, a, b] = this.reckoner.planes
    for (let i = 0; i < this.many; i++) {
      const at = 3 * places[i]!
      out[at] = L[i]!
      out[at + 1] = a[i]!
      out[at + 2] = b[i]!
    }
  }

  /**
   * Takes the mixes that were reckoned to the targets: each difference that is less than the one that stands takes its place.
   * @param off ΔE00 that stand, target after target, from `start`.
   */
  meet(off: Float32Array, start: number): void {
    this.reckoner.meet(this.many, off, start)
  }
}
