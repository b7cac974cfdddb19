import type { Turn } from './turn'
import type { Weights } from '../../colour/weights'
import type { XYZ } from '../../colour/white'

/** A direction of tristimulus values. */
export interface Direction {
  x: number
  y: number
  z: number
}

/** A half-space: x·X + y·Y + z·Z ≤ most. */
export interface Face extends Direction {
  most: number
}

/** Least of x·X + y·Y + z·Z over a box of tristimulus values. */
export const leastAlong = (
  { x, y, z }: Direction,
  low: Readonly<XYZ>,
  high: Readonly<XYZ>,
): number =>
  x * (x > 0 ? low[0] : high[0]) + y * (y > 0 ? low[1] : high[1]) + z * (z > 0 ? low[2] : high[2])

/** Greatest of it. */
export const mostAlong = (direction: Direction, low: Readonly<XYZ>, high: Readonly<XYZ>): number =>
  leastAlong(direction, high, low)

/** Weights of the bands along a direction. */
export const weightsAlong = ({ x, y, z }: Direction, weights: Weights): Float64Array =>
  weights.x.map((w, i) => x * w + y * weights.y[i]! + z * weights.z[i]!)

/** The directions of X, Y, Z and of the turned axes U = X − αY and V = Z − βY. */
export const boxAxes = ([alpha, beta]: Turn): Direction[] => [
  { x: 1, y: 0, z: 0 },
  { x: 0, y: 1, z: 0 },
  { x: 0, y: 0, z: 1 },
  { x: 1, y: -alpha, z: 0 },
  { x: 0, y: -beta, z: 1 },
]

/** The other way. */
export const reversed = ({ x, y, z }: Direction): Direction => ({ x: -x, y: -y, z: -z })
