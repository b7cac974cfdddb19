import type { Turn } from './turn'
import type { Mixture } from '../../paint/mixture'
import { deltaE00Of } from '../../colour/deltaE00'
import { labOfXyz, xyzOfLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Weights } from '../../colour/weights'
import type { XYZ } from '../../colour/white'
import { opaqueReflectance } from '../../paint/opaque'
import { DifferenceBall } from './ball'
import { boxAxes, reversed, weightsAlong } from './faces'
import type { Direction, Face } from './faces'
import { targetBox } from './targetBox'
import type { Bounds, TargetBox } from './targetBox'

/** Up to here the formulas of the target box are as close as cells, and much sooner there. */
const CLOSE = 2
/** By so much directions are turned aside from the one of the miss. */
const TILTS = [0.3, 0.8]

/** Half-spaces that hold every mix of some paints: band by band a mix reflects no less and no more than they do. */
function hullOf(paints: readonly Mixture[], weights: Weights): Face[] {
  const curves = paints.map((paint) => opaqueReflectance(paint))
  const low = curves[0]!.map((_, i) => Math.min(...curves.map((R) => R[i]!)))
  const high = curves[0]!.map((_, i) => Math.max(...curves.map((R) => R[i]!)))
  const [X, Y, Z] = weights.white
  const steps = [-1, 0, 1]
  const around = steps.flatMap((x) => steps.flatMap((y) => steps.map((z) => [x, y, z] as const)))
  return [...around, [1, -2, 1] as const, [-1, 2, -1] as const].map(([x, y, z]) => {
    const direction = { x: x / X, y: y / Y, z: z / Z }
    const most = weightsAlong(direction, weights).reduce(
      (sum, w, i) => sum + (w > 0 ? w * high[i]! : w * low[i]!),
      0,
    )
    return { ...direction, most: most + 1e-9 }
  })
}

const turned = (one: readonly number[], other: readonly number[]): XYZ => [
  one[1]! * other[2]! - one[2]! * other[1]!,
  one[2]! * other[0]! - one[0]! * other[2]!,
  one[0]! * other[1]! - one[1]! * other[0]!,
]
const unit = (v: readonly number[]): number[] => v.map((one) => one / Math.hypot(...v))

/**
 * Directions in which a colour lies away from the target: that in which the difference grows fastest there, and some
 * about it. Whatever is nearer than that colour lies on one side of it, all mixes there on the other.
 */
function directionsOfMiss(target: Lab, miss: Lab, white: XYZ): Direction[] {
  const at = xyzOfLab(miss, white)
  const off = (axis: number, by: number): number => {
    const { L, a, b } = labOfXyz(at.map((v, k) => (k === axis ? v * (1 + by) : v)) as XYZ, white)
    return deltaE00Of(L, a, b, target.L, target.a, target.b)
  }
  // Reckoned in shares of X, Y, Z, which are alike in size.
  const slope = [0, 1, 2].map((axis) => off(axis, 1e-3) - off(axis, -1e-3))
  if (!(Math.hypot(...slope) > 0) || at.some((v) => !(v > 0))) return []
  const main = unit(slope)
  const aside = unit(turned(main, [1, 1, 1]))
  const across = turned(main, aside)
  const tilts = TILTS.flatMap((by) =>
    [0, 1, 2, 3, 4, 5, 6, 7].map((eighth): [number, number] => [
      by * Math.cos((eighth * Math.PI) / 4),
      by * Math.sin((eighth * Math.PI) / 4),
    ]),
  )
  return [[0, 0] as const, ...tilts].map(([p, q]) => {
    const [x, y, z] = main.map((v, k) => (v + p * aside[k]! + q * across[k]!) / at[k]!)
    return { x: x!, y: y!, z: z! }
  })
}

/**
 * What holds every mix of some paints within a difference of the target. Where the difference is large, cells are
 * asked instead of formulas, and if the nearest mix so far is told, across the directions of its miss, too.
 */
export function boundsRound(
  target: Lab,
  turn: Turn,
  weights: Weights,
  paints: readonly Mixture[],
): (difference: number, miss?: Lab) => Bounds {
  const { white } = weights
  let hull: Face[] | undefined
  let ball: DifferenceBall | undefined
  return (difference, miss) => {
    if (!miss || difference <= CLOSE || !(difference < 100))
      return { box: targetBox(target, white, difference, turn), across: [] }
    hull ??= hullOf(paints, weights)
    if (!ball || difference > ball.reach) ball = new DifferenceBall(target, white, hull, difference)
    const most = (direction: Direction): number => ball!.face(direction, difference).most
    const box = boxAxes(turn).flatMap((axis) => [-most(reversed(axis)), most(axis)])
    return {
      box: box as TargetBox,
      across: directionsOfMiss(target, miss, white).map((one) => ball!.face(one, difference)),
    }
  }
}
