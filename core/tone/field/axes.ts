import { clamp } from '../../numbers/clamp'
import { skinLimits } from '../skin'

/** The skin field runs over melanin (down) and blood (across), both logarithmic. */
export const fieldAxes = {
  melanin: skinLimits.melanin,
  blood: [0.001, 0.1],
} as const
export type FieldAxis = keyof typeof fieldAxes

const share = (place: number): number => clamp(place, [0, 1])

/**
 * Place 0–1 of a value on its axis; beyond the ends it is held.
 * @example placeOnAxis('melanin', fieldAxes.melanin[0]) // 0
 */
export function placeOnAxis(axis: FieldAxis, value: number): number {
  const [least, most] = fieldAxes[axis]
  return share(Math.log(value / least) / Math.log(most / least))
}

/**
 * Value at a place 0–1 of its axis.
 * @example valueOnAxis('melanin', 1) === fieldAxes.melanin[1] // true
 */
export function valueOnAxis(axis: FieldAxis, place: number): number {
  const [least, most] = fieldAxes[axis]
  return least * (most / least) ** share(place)
}
