import { chain, spot, taper } from '../../../../core/ladder/form/distance'
import type { Distance } from '../../../../core/ladder/form/distance'
import type { Move, Vec } from './face'

export const move = (at: Vec, within: number, ...by: [number, number, number]): Move => ({
  at,
  within,
  by,
})

export const BROW: Vec = [2.8, 3.9, 4.6]
export const JAW: Vec = [6.7, -4.8, -1.7]
export const CHIN: Vec = [0, -9.2, 4.5]
export const TIP: Vec = [0, -0.8, 7.5]
export const BRIDGE: Vec = [0, 2, 6]
export const WING: Vec = [1.7, -1.1, 5.3]
export const UPPER: Vec = [0, -3.6, 5.8]
export const LOWER: Vec = [0, -5, 5.6]
export const CHEEK: Vec = [4.7, -2.6, 3.4]
export const BONE: Vec = [5.2, 0.8, 2.6]
export const TEMPLE: Vec = [6.6, 3.8, 1]
export const BAG: Vec = [3.1, 1.4, 4.1]
export const JOWL: Vec = [4.6, -6.9, 2.2]

/** Lines of age: across the brow, at the eyes, from the wings of the nose to the corners of the mouth; cm. */
export function lines(age: number): Distance {
  const brow = spot([0, 6, 4.5], 5)
  const crow = spot([5, 2.6, 2.6], 1.7)
  const fold = chain(0.01, [2, -1.2, 4.9, 0.02], [2.9, -3, 4.4, 0.02], [3.1, -4.6, 3.8, 0.02])
  const marionette = taper([2.75, -5.2, 4], [2.9, -6.9, 3.7], 0.02, 0.02)
  const near = (d: number, width: number): number => {
    const t = Math.max(0, 1 - d / width)
    return t * t * (3 - 2 * t)
  }
  return (x, y, z) => {
    if (z < 0) return 0
    const bow = y - 0.012 * x * x + 0.12 * Math.cos(0.9 * x)
    return (
      age *
      (0.07 * brow(x, y, z) * Math.cos(4.6 * bow) +
        0.05 * crow(x, y, z) * Math.cos(8 * (y - 2.6) * (1 + 0.2 * (x - 4))) -
        0.12 * near(fold(x, y, z), 0.5) -
        0.07 * near(marionette(x, y, z), 0.45))
    )
  }
}
