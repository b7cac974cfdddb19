import { LEAST_RT, SL, mostRT } from '../colour/differenceBounds'
import type { Lab } from '../colour/lab'
import type { LabPlanes } from './setMixer'

/** Edges of a cell in L*, a* and b*: some hundreds of cells hold what paints mix. */
const EDGE = { L: 4, ab: 8 } as const
const LOW = -160
const SIDE = 320 / 8
const LAYERS = 26
/** S_H and S_C of CIEDE2000 are at most 1 + 0.045 C̄'. */
const PER_CHROMA = 0.045
/** 1 + G is 1 to 1.5. */
const MOST_STRETCH = 1.5

/** Which of some parts of equal length, the first from 0 on; what lies outside is in the nearest. */
const partOf = (at: number, parts: number): number =>
  at <= 0 ? 0 : at >= parts ? parts - 1 : at | 0

/** Cells of CIELAB with something in them: cell c holds the places from starts[c] up to before starts[c + 1]. */
export interface LabCells {
  starts: Uint32Array
  /** The colours' places in the order the cells count them. */
  order: Uint32Array
  /** L*, a*, b*, C* of each in that order. */
  colours: Float32Array
  /** Cells in the order of `least`, the least ΔE00 of anything in each (a little less for the rounding). */
  nearestFirst(target: Lab): { cells: Uint32Array; least: Float64Array }
}

/** How far a number lies outside an interval. */
const outside = (value: number, low: number, high: number): number =>
  Math.max(0, low - value, value - high)

/** Stretched chroma at most. */
const chromaOf = (a: number, b: number): number => {
  const stretched = MOST_STRETCH * a
  return Math.sqrt(stretched * stretched + b * b)
}

/** ΔE00 is told apart by so much when cells are put in order. */
const FINE = 1e-5
/** More cells than there can be, so that a cell and its ΔE00 are one number. */
const CELLS = 1 << 16

/**
 * Sorts colours into cells.
 * @param planes L*, a* and b* of all colours.
 * @example labCells([new Float32Array([50]), new Float32Array(1), new Float32Array(1)]).order // Uint32Array [0]
 */
export function labCells([Ls, as, bs]: LabPlanes): LabCells {
  const size = Ls.length
  const cellOf = new Uint16Array(size)
  const counts = new Uint32Array(LAYERS * SIDE * SIDE + 1)
  for (let i = 0; i < size; i++) {
    const layer = partOf(Ls[i]! / EDGE.L, LAYERS)
    const a = partOf((as[i]! - LOW) / EDGE.ab, SIDE)
    const b = partOf((bs[i]! - LOW) / EDGE.ab, SIDE)
    const cell = (layer * SIDE + a) * SIDE + b
    cellOf[i] = cell
    counts[cell + 1]!++
  }
  const filled: number[] = []
  for (let cell = 1; cell < counts.length; cell++) {
    if (counts[cell]! > 0) filled.push(cell - 1)
    counts[cell]! += counts[cell - 1]!
  }
  const next = counts.slice()
  const order = new Uint32Array(size)
  const colours = new Float32Array(4 * size)
  for (let i = 0; i < size; i++) {
    const at = next[cellOf[i]!]!++
    const a = as[i]!
    const b = bs[i]!
    order[at] = i
    colours[4 * at] = Ls[i]!
    colours[4 * at + 1] = a
    colours[4 * at + 2] = b
    colours[4 * at + 3] = Math.sqrt(a * a + b * b)
  }
  const starts = new Uint32Array([...filled.map((cell) => counts[cell]!), size])
  // What a cell holds is bounded by its own colours, not by its edges: none is outside, and the bound is closer.
  const low = new Float64Array(3 * filled.length).fill(Infinity)
  const high = new Float64Array(3 * filled.length).fill(-Infinity)
  for (let cell = 0; cell < filled.length; cell++) {
    let [L1, L2, a1, a2, b1, b2] = [Infinity, -Infinity, Infinity, -Infinity, Infinity, -Infinity]
    for (let at = starts[cell]!; at < starts[cell + 1]!; at++) {
      const L = colours[4 * at]!
      const a = colours[4 * at + 1]!
      const b = colours[4 * at + 2]!
      if (L < L1) L1 = L
      if (L > L2) L2 = L
      if (a < a1) a1 = a
      if (a > a2) a2 = a
      if (b < b1) b1 = b
      if (b > b2) b2 = b
    }
    low.set([L1, a1, b1], 3 * cell)
    high.set([L2, a2, b2], 3 * cell)
  }
  const far = (place: number): number => Math.max(-low[place]!, high[place]!)
  const farthest = Float64Array.from(filled, (_, cell) =>
    chromaOf(far(3 * cell + 1), far(3 * cell + 2)),
  )
  /**
   * The least ΔE00 of anything in a cell: gaps with the weights at their most, proof in docs/search.md. Δa' ≥ Δa, as both
   * are stretched alike by at least 1.
   */
  function leastOf(cell: number, { L, a, b }: Lab, targetC: number): number {
    const at = 3 * cell
    const light = Math.max(SL((L + low[at]!) / 2), SL((L + high[at]!) / 2))
    const dL = outside(L, low[at]!, high[at]!) / light
    const da = outside(a, low[at + 1]!, high[at + 1]!)
    const db = outside(b, low[at + 2]!, high[at + 2]!)
    const chroma = (farthest[cell]! + targetC) / 2
    const SC = 1 + PER_CHROMA * chroma
    // The turn term lives round blue, below the red-green axis; above it 1.1e-6 is all there is.
    const turn = b < 0 || low[at + 2]! < 0 ? mostRT(chroma) : LEAST_RT
    return Math.sqrt(dL * dL + ((1 - turn / 2) * (da * da + db * db)) / (SC * SC))
  }
  return {
    starts,
    order,
    colours,
    nearestFirst(target) {
      const targetC = chromaOf(target.a, target.b)
      const many = filled.length
      const keys = new Float64Array(many)
      for (let cell = 0; cell < many; cell++)
        keys[cell] = Math.floor(leastOf(cell, target, targetC) / FINE) * CELLS + cell
      keys.sort()
      const cells = new Uint32Array(many)
      const least = new Float64Array(many)
      for (let n = 0; n < many; n++) {
        const whole = Math.floor(keys[n]! / CELLS)
        cells[n] = keys[n]! - whole * CELLS
        least[n] = whole * FINE
      }
      return { cells, least }
    },
  }
}
