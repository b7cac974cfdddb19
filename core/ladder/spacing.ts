import { rangeOf } from './light/overstatement'
import { crossing } from '../numbers/crossing'
import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { CEILING_L, FLOOR_L } from './light/paintedLight'
import type { LightPath } from './light/paintedLight'
import type { Lighting } from '../project/lighting'
import { MOST_ON_A_SIDE } from '../project/steps'

/** Gaps shrink by this share from the darkest to the lightest: light mixes cover more (common practice). */
const TAPER = 0.06
const SAMPLES = 16
/** How far down to black and up to white a ladder goes at range 1 (from memory). */
const DOWN = 0.66
const UP = 1

/**
 * Where the shadows of a box with a matt black end, L* (measured on the starters; from memory of hobby paints). How many
 * steps lie on either side of a base is told by this, whatever is in the box: another bottle moves steps, and makes none.
 */
const USUAL_DARK = 18

/** A gap is told, and kept to, by this share of itself. */
const CLOSE = 1e-8

/** One side of the base as a chain of colours, base first. */
interface Side {
  Ls: number[]
  labs: Lab[]
}

const sideOf = (path: LightPath, end: number): Side => {
  const from = path.baseLab.L
  const Ls = Array.from({ length: SAMPLES + 1 }, (_, i) => from + ((end - from) * i) / SAMPLES)
  return { Ls, labs: Ls.map((L) => path.labAt(L)) }
}

type Measure = (one: Lab, other: Lab) => number
const measures: Record<'difference' | 'lightness', Measure> = {
  difference: deltaE00,
  lightness: (one, other) => Math.abs(one.L - other.L),
}

/** Colour at a place (in samples) along a side. */
function along({ labs }: Side, place: number): Lab {
  const i = Math.min(labs.length - 2, Math.floor(place))
  const [one, next] = [labs[i]!, labs[i + 1]!]
  const t = place - i
  const mix = (a: number, b: number): number => a + t * (b - a)
  return { L: mix(one.L, next.L), a: mix(one.a, next.a), b: mix(one.b, next.b) }
}

/**
 * Steps of a side, each in the first place that is its gap away from the one before, or at the end when none is; and
 * the room that is left behind the last, below nought as far as the steps fall short of their gaps.
 */
function march(
  side: Side,
  gaps: readonly number[],
  measure: Measure,
): { places: number[]; room: number } {
  const end = side.labs.length - 1
  let from = 0
  let room = 0
  const places = gaps.map((gap, i) => {
    const start = along(side, from)
    const beyond = (place: number): number => measure(start, along(side, place)) - gap
    const left = beyond(end)
    room += i === gaps.length - 1 ? left : Math.min(0, left)
    from = left <= 0 ? end : crossing(from, end, beyond, CLOSE * gap, [-gap, left])
    return from
  })
  return { places, room }
}

/** The widest gap up to `most` at which all steps of a side fit, each as many of it as is given. */
function widest(side: Side, weights: readonly number[], most: number, measure: Measure): number {
  const over = (gap: number): number =>
    -march(
      side,
      weights.map((w) => w * gap),
      measure,
    ).room
  const ends = [-measure(side.labs[0]!, side.labs.at(-1)!), over(most)] as const
  return ends[1] <= 0 ? most : crossing(0, most, over, CLOSE * most, ends)
}

/** Lightness of the steps below and above the base, each from the base outward. */
export interface Spacing {
  below: number[]
  above: number[]
}

const lengthOf = ({ labs }: Side, measure: Measure): number =>
  labs.slice(1).reduce((sum, lab, i) => sum + measure(labs[i]!, lab), 0)

/**
 * Places the steps so that neighbours differ evenly to the eye (ΔE00 or L*), a little less near the
 * top. The range says how far the ladder goes; how many steps lie on either side of the base follows
 * from how much room there usually is, and the gap shrinks until both sides fit.
 * @param ends L* that the paint ends at.
 */
export function spaceSteps(
  path: LightPath,
  lighting: Lighting,
  { dark = FLOOR_L, light = CEILING_L }: { dark?: number; light?: number } = {},
): Spacing {
  const measure = measures[lighting.spacing ?? 'difference']
  const { L } = path.baseLab
  const range = rangeOf(lighting)
  const down = sideOf(path, Math.min(L - 0.5, Math.max(FLOOR_L, dark)))
  const up = sideOf(path, Math.max(L + 0.5, Math.min(CEILING_L, light)))
  const reach = 0.5 * Math.sqrt(Math.max(0, (96 - L) * L))
  // Wanted lengths: the part of each side that the range takes.
  const wanted = (side: Side, end: number): number => {
    const last = side.Ls.at(-1)!
    const share = Math.min(1, Math.abs(end - L) / Math.abs(last - L))
    const cut = Math.max(1, Math.round(share * SAMPLES))
    return lengthOf({ Ls: side.Ls, labs: side.labs.slice(0, cut + 1) }, measure)
  }
  const [lowest, highest] = [L - DOWN * range * (L - 4), L + UP * range * reach]
  const downLength = wanted(down, Math.max(FLOOR_L, lowest))
  const upLength = wanted(up, Math.min(CEILING_L, highest))
  const roomBelow = wanted(
    sideOf(path, Math.min(L - 0.5, USUAL_DARK)),
    Math.max(USUAL_DARK, lowest),
  )
  const roomAbove = wanted(sideOf(path, Math.max(L + 0.5, CEILING_L)), Math.min(CEILING_L, highest))
  const gaps = lighting.steps - 1
  let best: { below: number; above: number; skew: number } | undefined
  for (let below = 1; below < gaps; below++) {
    const above = gaps - below
    if (below > MOST_ON_A_SIDE || above > MOST_ON_A_SIDE) continue
    const skew = Math.abs(Math.log(roomBelow / below / (roomAbove / above)))
    if (!best || skew < best.skew) best = { below, above, skew }
  }
  const { below, above } = best!
  const weight = (k: number): number => 1 + TAPER * (0.5 - k / Math.max(1, gaps - 1))
  const downGaps = Array.from({ length: below }, (_, i) => weight(below - 1 - i))
  const upGaps = Array.from({ length: above }, (_, i) => weight(below + i))
  const even = (downLength + upLength) / gaps
  const both = widest(up, upGaps, widest(down, downGaps, even, measure), measure)
  // An end that the paint sets draws in its own side alone: the other keeps its reach, contrast before evenness.
  const drawnIn = dark > FLOOR_L || light < CEILING_L
  const places = (side: Side, weights: number[], length: number): number[] => {
    const gap = drawnIn ? widest(side, weights, length / weights.length, measure) : both
    const steps = weights.map((w) => w * gap)
    return march(side, steps, measure).places.map((place) => along(side, place).L)
  }
  return { below: places(down, downGaps, downLength), above: places(up, upGaps, upLength) }
}
