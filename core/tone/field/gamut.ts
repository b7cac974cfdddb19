import type { Mixture } from '../../paint/mixture'
import { MixEvaluator } from '../../paint/mixEvaluator'

/** Cells of the table of reachable chroma: lightness by 2, hue by 5°. */
const L_CELLS = 51
const HUE_CELLS = 72

/** The most chroma that mixes of the paints reach, per lightness and hue; 0 where nothing is reached. */
export interface Gamut {
  chroma: Float64Array
}

/** Shares on a logarithmic scale, 1:512 to 512:1: a drop of a strong paint does what many of a weak one do. */
const ratios = (count: number): number[] =>
  Array.from({ length: count }, (_, i) => 2 ** ((18 * i) / (count - 1) - 9))
const PAIRS = ratios(49)
/** About so many mixes of three are looked at; larger boxes go in coarser steps. */
const MIXES_OF_THREE = 400_000

/**
 * What all mixes of one, two and three paints reach, found by mixing them in fine steps. More paints
 * in a mix only grey it: the rim of the gamut is made of mixes of few paints.
 * @param progress called with 0–1 along the way; return false to stop.
 * @returns undefined when stopped.
 * @example mixGamut(box)
 */
export function mixGamut(
  paints: readonly Mixture[],
  progress: (done: number) => boolean = () => true,
): Gamut | undefined {
  const chroma = new Float64Array(L_CELLS * HUE_CELLS)
  const evaluator = new MixEvaluator(paints)
  const lab = new Float64Array(3)
  const members = [0, 0, 0]
  const drops = [1, 0, 0]
  const take = (count: number): void => {
    evaluator.writeLab(members, drops, count, lab, 0)
    const [L, a, b] = lab as unknown as [number, number, number]
    const C = Math.hypot(a, b)
    const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360
    const row = Math.max(0, Math.min(L_CELLS - 1, Math.round(L / 2)))
    const at = row * HUE_CELLS + (Math.round(hue / 5) % HUE_CELLS)
    if (C > chroma[at]!) chroma[at] = C
  }
  const n = paints.length
  const triples = (n * (n - 1) * (n - 2)) / 6
  const side = Math.sqrt(MIXES_OF_THREE / Math.max(1, triples))
  const threes = ratios(Math.round(Math.min(37, Math.max(9, side))))
  for (let i = 0; i < n; i++) {
    if (!progress(i / n)) return undefined
    members[0] = i
    take(1)
    for (let j = i + 1; j < n; j++) {
      members[1] = j
      for (const ratio of PAIRS) {
        drops[1] = ratio
        take(2)
      }
      for (let k = j + 1; k < n; k++) {
        members[2] = k
        for (const b of threes)
          for (const c of threes) {
            drops[1] = b
            drops[2] = c
            take(3)
          }
      }
    }
  }
  return { chroma: closed(closed(closed(chroma))) }
}

/** Cells that no sampled mix met, between ones that were, take the mean of their neighbours. */
function closed(chroma: Float64Array): Float64Array {
  const next = chroma.slice()
  for (let row = 0; row < L_CELLS; row++)
    for (let h = 0; h < HUE_CELLS; h++) {
      const cell = (r: number, c: number): number =>
        r < 0 || r >= L_CELLS ? 0 : chroma[r * HUE_CELLS + ((c + HUE_CELLS) % HUE_CELLS)]!
      const pairs = [
        [cell(row - 1, h), cell(row + 1, h)],
        [cell(row, h - 1), cell(row, h + 1)],
      ] as const
      for (const [one, other] of pairs)
        if (one > 0 && other > 0)
          next[row * HUE_CELLS + h] = Math.max(next[row * HUE_CELLS + h]!, (one + other) / 2)
    }
  return next
}

/** Most chroma at a lightness and hue, between the cells linearly. */
export function reachableChroma({ chroma }: Gamut, L: number, hue: number): number {
  const down = Math.max(0, Math.min(L_CELLS - 1.001, L / 2))
  const across = (((hue % 360) + 360) % 360) / 5
  const [row, column] = [Math.floor(down), Math.floor(across)]
  const [t, u] = [down - row, across - column]
  const at = (r: number, c: number): number => chroma[r * HUE_CELLS + (c % HUE_CELLS)]!
  return (
    (1 - t) * ((1 - u) * at(row, column) + u * at(row, column + 1)) +
    t * ((1 - u) * at(row + 1, column) + u * at(row + 1, column + 1))
  )
}

/**
 * Whether mixes of the paints come to a colour within a chroma of 1.
 * @example reaches(mixGamut(box), { L: 60, a: 100, b: 0 }) // false
 */
export const reaches = (gamut: Gamut, lab: { L: number; a: number; b: number }): boolean =>
  Math.hypot(lab.a, lab.b) <=
  reachableChroma(gamut, lab.L, (Math.atan2(lab.b, lab.a) * 180) / Math.PI) + 1

/**
 * The rim of a gamut as it is seen from above: for every 5° of hue the most chroma at any lightness, as a* and b*.
 * @example gamutRim(mixGamut(box)).length // 72
 */
export const gamutRim = ({ chroma }: Gamut): { a: number; b: number }[] =>
  Array.from({ length: HUE_CELLS }, (_, h) => {
    let most = 0
    for (let row = 0; row < L_CELLS; row++) most = Math.max(most, chroma[row * HUE_CELLS + h]!)
    const angle = (h * 5 * Math.PI) / 180
    return { a: most * Math.cos(angle), b: most * Math.sin(angle) }
  })
