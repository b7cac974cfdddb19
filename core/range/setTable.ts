import type { Lab } from '../colour/lab'
import type { Paint } from '../paint/paint'
import { SetMixer } from '../recipe/setMixer'

/** A miss of more than this counts as this, ΔE00: nobody would mix it so. */
export const FAR = 20

const pairsOf = (n: number): number => (n * (n - 1)) / 2
const threesOf = (n: number): number => (n * (n - 1) * (n - 2)) / 6

/** A part of the work: every so-manieth set of three. */
export interface TablePart {
  part: number
  of: number
}

/**
 * The best ΔE00 to each of many targets that every set of at most three paints of a box can mix, subsets included. Laid
 * out once, it answers which few bottles serve all targets best.
 * @example new SetTable(16, 7).best([0, 4]).length // 7
 */
export class SetTable {
  /** Best differences, set after set by `place`, target after target. */
  readonly off: Float32Array

  /** @throws RangeError for no target or no paint. */
  constructor(
    readonly paints: number,
    readonly targets: number,
    off?: Float32Array,
  ) {
    if (targets < 1) throw new RangeError('no target to mix for')
    if (paints < 1) throw new RangeError('no paint to mix from')
    const sets = paints + pairsOf(paints) + threesOf(paints)
    this.off = off ?? new Float32Array(sets * targets).fill(FAR)
  }

  /** Where a set of one, two or three stands; members rising. */
  place(a: number, b = -1, c = -1): number {
    if (b < 0) return a
    if (c < 0) return this.paints + pairsOf(b) + a
    return this.paints + pairsOf(this.paints) + threesOf(c) + pairsOf(b) + a
  }

  /**
   * Mixes every set in every ratio of so many drops at most.
   * @param tell hears the share that is done, 0–1; returning true ends the work early.
   */
  *fill(
    paints: readonly Paint[],
    targets: readonly Lab[],
    maxDrops: number,
    { part, of }: TablePart = { part: 0, of: 1 },
  ): Generator<number, void> {
    const { off, targets: T } = this
    const mixer = new SetMixer(paints, { maxPaints: 3, maxDrops }, { targets })
    const take = (members: readonly number[], start: number): void => {
      mixer.mix(members)
      mixer.meet(off, start)
    }
    /** What a set can mix is at least what its subsets can. */
    const from = (start: number, place: number): void => {
      for (let t = 0; t < T; t++) off[start + t] = Math.min(off[start + t]!, off[place * T + t]!)
    }
    const n = paints.length
    for (let a = 0; a < n; a++) take([a], a * T)
    for (let b = 1; b < n; b++)
      for (let a = 0; a < b; a++) {
        const start = this.place(a, b) * T
        from(start, a)
        from(start, b)
        take([a, b], start)
      }
    let sets = 0
    const all = threesOf(n) / of
    for (let c = 2; c < n; c++)
      for (let b = 1; b < c; b++)
        for (let a = 0; a < b; a++) {
          const place = this.place(a, b, c)
          const start = place * T
          from(start, this.place(a, b))
          from(start, this.place(a, c))
          from(start, this.place(b, c))
          if (place % of !== part) continue
          take([a, b, c], start)
          if (++sets % 64 === 0) yield sets / all
        }
  }

  /** Takes in what another part of the work has found. */
  merge(other: Float32Array): void {
    for (let i = 0; i < other.length; i++) if (other[i]! < this.off[i]!) this.off[i] = other[i]!
  }

  /** Best differences of a set of any size, one a target. */
  best(set: readonly number[]): Float64Array {
    const into = new Float64Array(this.targets).fill(FAR)
    const sorted = [...set].sort((one, other) => one - other)
    sorted.forEach((paint, i) => this.take(sorted.slice(0, i), paint, into))
    return into
  }

  /** Takes in every mix of a paint with at most two of others; `others` rising. */
  take(others: readonly number[], paint: number, into: Float64Array): void {
    const { off, targets: T } = this
    const places = new Int32Array(1 + (others.length * (others.length + 1)) / 2)
    const many = this.placesWith(others, paint, places)
    for (let k = 0; k < many; k++) {
      const at = places[k]!
      for (let t = 0; t < T; t++) if (off[at + t]! < into[t]!) into[t] = off[at + t]!
    }
  }

  /**
   * Where the differences of a paint with others stand. Sets hold what their subsets can: only the largest are named.
   * @param others rising.
   * @returns how many there are.
   */
  placesWith(others: readonly number[], paint: number, places: Int32Array): number {
    const T = this.targets
    const n = others.length
    if (n < 2) {
      const other = others[0]
      const pair = other !== undefined && [Math.min(other, paint), Math.max(other, paint)]
      places[0] = T * (pair ? this.place(pair[0]!, pair[1]!) : this.place(paint))
      return 1
    }
    let many = 0
    for (let i = 1; i < n; i++) {
      const high = others[i]!
      for (let k = 0; k < i; k++) {
        const low = others[k]!
        const place =
          paint > high
            ? this.place(low, high, paint)
            : paint < low
              ? this.place(paint, low, high)
              : this.place(low, paint, high)
        places[many++] = T * place
      }
    }
    return many
  }
}
