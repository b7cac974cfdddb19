/** From where a figure is judged, cm; common practice, no source. */
export const distances = {
  hand: { name: 'in the hand', cm: 35 },
  table: { name: 'on the table', cm: 60 },
  shelf: { name: 'on a shelf', cm: 150 },
} as const
export type SeenFrom = keyof typeof distances
