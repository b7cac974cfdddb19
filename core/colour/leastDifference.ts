import { chromaTerm } from './chromaTerm'
import { LEAST_RT, SL } from './differenceBounds'
import type { Lab } from './lab'

/** Least and greatest L*, a*, b*, in turn. */
export type LabBox = readonly [
  leastL: number,
  mostL: number,
  leastA: number,
  mostA: number,
  leastB: number,
  mostB: number,
]

const DEGREE = Math.PI / 180
/** T of CIEDE2000 by mean hue, in radians. */
const weightT = (h: number): number =>
  1 -
  0.17 * Math.cos(h - 30 * DEGREE) +
  0.24 * Math.cos(2 * h) +
  0.32 * Math.cos(3 * h + 6 * DEGREE) -
  0.2 * Math.cos(4 * h - 63 * DEGREE)
/** T at most, and how fast it changes at most. */
const MOST_T = 1 + 0.17 + 0.24 + 0.32 + 0.2
const MOST_SLOPE = 0.17 + 2 * 0.24 + 3 * 0.32 + 4 * 0.2
/** Sums are off by far less than this. */
const ROUNDING = 1 - 1e-9

const long = (x: number, y: number): number => Math.sqrt(x * x + y * y)
const gap = (value: number, least: number, most: number): number =>
  Math.max(0, least - value, value - most)
const nearest = (least: number, most: number): number => gap(0, least, most)
const farthest = (least: number, most: number): number => Math.max(-least, most)

/** What is known of the hues of a box beside the hue of a target, in radians. */
interface Hues {
  /** |Δh| at least. */
  apart: number
  /** Whether Δh may be above or below nought. */
  above: boolean
  below: boolean
  /** Mean hue, and by how much it may be off either way. */
  mean: number
  aside: number
}

/** Nothing is known. */
const ANY_HUE: Hues = { apart: 0, above: true, below: true, mean: 0, aside: Math.PI }

/** Hues of a rectangle of a', b' beside a target whose a' lies between two values. */
function huesOf(
  least: number,
  most: number,
  leastB: number,
  mostB: number,
  targetA: readonly [number, number],
  targetB: number,
): Hues {
  if (least <= 0 && most >= 0 && leastB <= 0 && mostB >= 0) return ANY_HUE
  const one = Math.atan2(targetB, targetA[0])
  const other = Math.atan2(targetB, targetA[1])
  const h = (one + other) / 2
  const own = Math.abs(one - other) / 2
  // A target near the neutral axis has no hue to speak of.
  if (own > 1) return ANY_HUE
  const cos = Math.cos(h)
  const sin = Math.sin(h)
  const turn = (a: number, b: number): number => Math.atan2(b * cos - a * sin, a * cos + b * sin)
  const corner1 = turn(least, leastB)
  const corner2 = turn(least, mostB)
  const corner3 = turn(most, leastB)
  const corner4 = turn(most, mostB)
  const low = Math.min(corner1, corner2, corner3, corner4)
  const high = Math.max(corner1, corner2, corner3, corner4)
  // Seen from without, a rectangle spans less than half a turn: more means that it lies across 180°.
  if (high - low > Math.PI) {
    const near = (one: number, other: number): number => Math.min(Math.abs(one), Math.abs(other))
    const apart = Math.min(near(corner1, corner2), near(corner3, corner4)) - own
    return { ...ANY_HUE, apart: Math.max(0, apart) }
  }
  return {
    apart: Math.max(0, low - own, -high - own),
    above: high + own > 0,
    below: low - own < 0,
    mean: h + (low + high) / 4,
    aside: (high - low) / 4 + own,
  }
}

/** −R_T at most, over mean hues. */
function turnOf(mean: number, aside: number, meanC: number): number {
  const degrees = (((mean / DEGREE) % 360) + 360) % 360
  const wide = aside / DEGREE
  if (degrees >= wide && degrees + wide <= 180) return LEAST_RT
  const off = Math.max(0, Math.min(Math.abs(degrees - 275), Math.abs(degrees + 85)) - wide)
  return 2 * chromaTerm(meanC) * Math.sin(60 * DEGREE * Math.exp(-((off / 25) ** 2))) + LEAST_RT
}

/**
 * No colour of a box of CIELAB differs from the target by less than this (CIEDE2000). Each term is taken at the end
 * of its interval that makes it least; the smaller the box, the closer to the truth. Proof in docs/search.md.
 * @example leastDifference({ L: 50, a: 0, b: 0 }, [60, 70, -5, 5, -5, 5]) // 9.3, as from 50 to 60
 */
export function leastDifference(target: Lab, box: LabBox): number {
  const [leastL, mostL, leastA, mostA, leastB, mostB] = box
  const { L, a, b } = target
  const light = Math.max(SL((L + leastL) / 2), SL((L + mostL) / 2))
  const dL = gap(L, leastL, mostL) / light
  const targetC = Math.sqrt(a * a + b * b)
  const low = (targetC + long(nearest(leastA, mostA), nearest(leastB, mostB))) / 2
  const high = (targetC + long(farthest(leastA, mostA), farthest(leastB, mostB))) / 2
  // 1 + G falls with chroma.
  const [less, more] = [1.5 - 0.5 * chromaTerm(high), 1.5 - 0.5 * chromaTerm(low)]
  const leastP = leastA * (leastA > 0 ? less : more)
  const mostP = mostA * (mostA > 0 ? more : less)
  const C1 = long(a * less, b)
  const C2 = long(a * more, b)
  const least = long(nearest(leastP, mostP), nearest(leastB, mostB))
  const most = long(farthest(leastP, mostP), farthest(leastB, mostB))
  const meanC = (C2 + most) / 2
  const u = Math.max(0, least - C2, C1 - most) / (1 + 0.045 * meanC)
  const mostU = Math.max(most - C1, C2 - least) / (1 + (0.045 * (C1 + least)) / 2)
  const hues = huesOf(leastP, mostP, leastB, mostB, [a * less, a * more], b)
  const T = Math.min(MOST_T, weightT(hues.mean) + MOST_SLOPE * hues.aside)
  const SH = 1 + 0.015 * meanC * T
  const v = (2 * Math.sqrt(C1 * least) * Math.sin(Math.min(hues.apart, Math.PI) / 2)) / SH
  // The turn term takes away only where chroma and hue differ in the same sense.
  const same = (most > C1 && hues.above) || (least < C2 && hues.below)
  const rho = same ? turnOf(hues.mean, hues.aside, meanC) : 0
  const form = (x: number, y: number): number => x * x + y * y - rho * x * y
  const colour = Math.min(
    form(u, Math.max(v, (rho * u) / 2)),
    form(Math.min(mostU, Math.max(u, (rho * v) / 2)), v),
  )
  return ROUNDING * Math.sqrt(dL * dL + colour)
}
