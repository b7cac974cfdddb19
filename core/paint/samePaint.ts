import type { Paint } from './paint'

const sameValues = (one: Float64Array, other: Float64Array): boolean =>
  one.length === other.length && one.every((value, i) => value === other[i])

/** Whether two paints are the same bottle with the same curves; copies count, as after a message to a worker. */
export const samePaint = (one: Paint, other: Paint): boolean =>
  one === other || (one.id === other.id && sameValues(one.K, other.K) && sameValues(one.S, other.S))

/**
 * The same of whole boxes, in their order.
 * @example sameBox([ochre], structuredClone([ochre])) // true
 */
export const sameBox = (one: readonly Paint[], other: readonly Paint[]): boolean =>
  one.length === other.length && one.every((paint, i) => samePaint(paint, other[i]!))
