import { clamp } from '../numbers/clamp'
import { lchOf } from '../colour/lch'
import { possibleLab } from '../tone/possible'
import { skinLimits } from '../tone/skin'
import type { Tone } from '../tone/tone'

/** A hide of this height, mm, and taller goes bluer, a smaller one yellower; common practice, no source (T21). */
const LARGE_MM = 60
/** Hues that yellow and blue pull toward, degrees. */
const [YELLOW, BLUE] = [100, 250]
/** No hide is darker or lighter than matt paint is. */
const HIDE_L = [10, 94] as const
/** At its whole length a move takes so much lightness of a hide, and degrees of its hue. */
const MOST_L = 24
const MOST_HUE = 60
/** … and changes the melanin of a skin by so many times. */
const MOST_TIMES = 4
const HALVINGS = 18

const turnToward = (h: number, aim: number, by: number): number => {
  const way = ((aim - h + 540) % 360) - 180
  return h + Math.sign(way) * Math.min(Math.abs(way), by)
}

/**
 * A tone moved along the conventions of its kind: skin in its melanin, lighter or darker; a hide in lightness and toward
 * yellow where it is small, toward blue where it is large.
 * @param by −1 to 1, lighter where positive.
 */
function moved(tone: Tone, by: number, sizeMm: number): Tone {
  if (tone.kind === 'skin')
    return { ...tone, melanin: clamp(tone.melanin * MOST_TIMES ** -by, skinLimits.melanin) }
  const { L, C, h } = lchOf(tone.lab)
  const hue = turnToward(h, sizeMm < LARGE_MM ? YELLOW : BLUE, MOST_HUE * Math.abs(by))
  const lab = possibleLab({ L: clamp(L + MOST_L * by, HIDE_L), C, h: hue })
  return { ...tone, lab }
}

/** A tone that stands apart, and how far it had to go, 0–1. */
export interface SetApart {
  tone: Tone
  by: number
}

/**
 * Moves a tone until a figure reads apart from others, and no further (T27): lighter or darker, whichever is the shorter
 * way.
 * @param reads whether the figure with this tone is told apart from all others.
 * @returns nothing when no move along the convention is enough.
 * @example setRowApart(tone, { sizeMm: 54, reads: ({ melanin }) => melanin > 0.06 }).by > 0 // true
 */
export function setRowApart(
  tone: Tone,
  { sizeMm, reads }: { sizeMm: number; reads: (tone: Tone) => boolean },
): SetApart | undefined {
  if (reads(tone)) return { tone, by: 0 }
  const ways = [-1, 1].flatMap((way) => {
    const at = (by: number): Tone => moved(tone, way * by, sizeMm)
    // Further off is not always further apart from all: the first length that reads counts.
    const enough = Array.from({ length: 16 }, (_, i) => (i + 1) / 16).find((by) => reads(at(by)))
    if (enough === undefined) return []
    let [low, high] = [enough - 1 / 16, enough]
    for (let i = 0; i < HALVINGS; i++) {
      const half = (low + high) / 2
      if (reads(at(half))) high = half
      else low = half
    }
    return [{ tone: at(high), by: high }]
  })
  return ways.sort((one, other) => one.by - other.by)[0]
}
