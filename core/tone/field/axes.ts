import { skinLimits } from '../skin'

/** The skin field runs over melanin (down) and blood (across), both logarithmic. */
export const fieldAxes = {
  melanin: skinLimits.melanin,
  blood: [0.001, 0.1],
} as const
export type FieldAxis = keyof typeof fieldAxes

const held = (place: number): number => Math.min(1, Math.max(0, place))

/**
 * Place 0–1 of a value on its axis; beyond the ends it is held.
 * @example placeOnAxis('melanin', fieldAxes.melanin[0]) // 0
 */
export function placeOnAxis(axis: FieldAxis, value: number): number {
  const [least, most] = fieldAxes[axis]
  return held(Math.log(value / least) / Math.log(most / least))
}

/**
 * Value at a place 0–1 of its axis.
 * @example valueOnAxis('melanin', 1) === fieldAxes.melanin[1] // true
 */
export function valueOnAxis(axis: FieldAxis, place: number): number {
  const [least, most] = fieldAxes[axis]
  return least * (most / least) ** held(place)
}
