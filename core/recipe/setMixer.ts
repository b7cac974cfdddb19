import type { Mixture } from '../paint/mixture'
import type { Lab, ViewingOptions } from '../colour/lab'
import { weightsOf } from '../colour/weights'
import { MixEvaluator } from '../paint/mixEvaluator'
import { meeting } from './meeting'
import type { Limits } from './recipe'
import { compositions } from './search/compositions'
import { looseTree } from './search/paintTree'
import { instantiate } from './search/wasmModule'

/** ΔE00 that two colours may be off together in single precision. */
export const ROUGH_LAB = 0.01
const PAGE = 65536
/** Colours are read and written four at a time. */
const FOUR = 4

/** L*, a*, b* of many mixes. */
export type LabPlanes = readonly [L: Float32Array, a: Float32Array, b: Float32Array]

/** What mixes a set, by the SIMD kernel or plainly. */
interface Way {
  planes: LabPlanes
  mix(members: ArrayLike<number>): void
  /** Takes so many mixes to the targets. */
  meet(many: number, off: Float32Array, start: number): void
}

/**
 * Colours of a set of paints at all ratios of its size, again and again for other sets of a box: by the SIMD kernel in single
 * precision (X, Y, Z off by less than 5e-6 of them, docs/search.md), by the plain evaluator where it cannot run. The kernel
 * (`kernel/assembly`) mirrors `labOf(opaqueReflectance(mixPaints(…)))`; `sameMixing.test.ts` holds them together.
 * @example const mixer = new SetMixer(box, { maxPaints: 2, maxDrops: 6 }); mixer.mix([0, 3]); mixer.planes[0][0] // L* of 1 : 1
 */
export class SetMixer {
  /** Drops of all ratios, of one paint, of two, and so on. */
  readonly ratios: readonly number[][][]
  private readonly way: Way
  private many = 0

  /** @param targets that `meet` takes mixes to. */
  constructor(
    paints: readonly Mixture[],
    { maxPaints, maxDrops }: Limits,
    { targets = [], ...viewing }: ViewingOptions & { targets?: readonly Lab[] } = {},
  ) {
    // Each paint in a mix has a drop at least.
    const slots = Math.min(maxPaints, paints.length, maxDrops)
    this.ratios = Array.from({ length: slots }, (_, i) => compositions(i + 1, maxDrops))
    this.way = this.byKernel(paints, viewing, targets) ?? this.plainly(paints, viewing, targets)
  }

  /** Colours of the set that was mixed last, in the order of its ratios. */
  get planes(): LabPlanes {
    return this.way.planes
  }

  /** Mixes a set of paints, by their places in the box; how many mixes it has. */
  mix(members: ArrayLike<number>): number {
    this.many = this.ratios[members.length - 1]?.length ?? 0
    if (this.many > 0) this.way.mix(members)
    return this.many
  }

  /**
   * Takes the mixes of the last set to the targets: each difference that is less than the one that stands takes its place.
   * @param off ΔE00 that stand, target after target, from `start`.
   */
  meet(off: Float32Array, start: number): void {
    if (this.many > 0) this.way.meet(this.many, off, start)
  }

  private get room(): number {
    return Math.max(...this.ratios.map(({ length }) => length)) + FOUR
  }

  private byKernel(
    paints: readonly Mixture[],
    viewing: ViewingOptions,
    targets: readonly Lab[],
  ): Way | undefined {
    const weights = weightsOf(viewing.illuminant, viewing.observer)
    const trees = this.ratios.map((ratios) => ({ ratios, cells: [] }))
    const laid = instantiate(looseTree(paints), trees, weights, [1, 1], () => undefined)
    if (!laid) return undefined
    const { kernel } = laid
    const { room } = this
    let at = (kernel.memory.buffer.byteLength + 15) & ~15
    const place = (bytes: number): number => (at += (bytes + 15) & ~15) - ((bytes + 15) & ~15)
    const lab = place(12 * room)
    const aims = place(16 * targets.length)
    const least = place(4 * targets.length)
    kernel.memory.grow(Math.ceil((at - kernel.memory.buffer.byteLength) / PAGE) + 1)
    const { buffer } = kernel.memory
    new Float32Array(buffer, kernel.target.value as number, 8).set(weights.white, 4)
    new Float32Array(buffer, aims, 4 * targets.length).set(
      targets.flatMap(({ L, a, b }) => [L, a, b, Math.hypot(a, b)]),
    )
    const chosen = new Int32Array(buffer, kernel.chosen.value as number, 5)
    const found = new Float32Array(buffer, least, targets.length)
    const plane = (axis: number) => new Float32Array(buffer, lab + 4 * axis * room, room)
    const planes = [plane(0), plane(1), plane(2)] as const
    let before = 0
    const ends = this.ratios.map(({ length }) => (before += length))
    return {
      planes,
      mix(members) {
        const size = members.length
        chosen.set(members)
        kernel.mixSet(size, ends[size - 2] ?? 0, ends[size - 1]!, lab, 4 * room)
      },
      meet(many, off, start) {
        // They are read four at a time: the last stands three times more.
        for (const one of planes) one.fill(one[many - 1]!, many, many + FOUR)
        found.set(off.subarray(start, start + targets.length))
        kernel.leastDifferences(many, room, lab, aims, targets.length, least)
        off.set(found, start)
      },
    }
  }

  private plainly(
    paints: readonly Mixture[],
    viewing: ViewingOptions,
    targets: readonly Lab[],
  ): Way {
    const { ratios, room } = this
    const evaluator = new MixEvaluator(paints, viewing)
    const planes = [0, 1, 2].map(() => new Float32Array(room)) as unknown as LabPlanes
    const lab = new Float64Array(3)
    return {
      planes,
      mix(members) {
        const size = members.length
        ratios[size - 1]!.forEach((drops, i) => {
          evaluator.writeLab(members, drops, size, lab, 0)
          planes.forEach((plane, axis) => (plane[i] = lab[axis]!))
        })
      },
      meet: meeting(targets, planes),
    }
  }
}
