import type { Paint } from '../../paint/paint'
import type { Ingredient, PuddlePart } from '../../puddle/puddle'

const named = (paints: readonly Paint[], hue: RegExp): Paint[] =>
  paints.filter(({ pigments }) => pigments.some((pigment) => hue.test(pigment)))

/**
 * What painters mix for a place of life, where there is a usual mix, once with every blue there is: stubble is equal parts
 * of a blue and the flesh with a spot of black (T16, common practice, no source). None where there is no such mix, or the
 * box lacks a blue or a black.
 * @param flesh the figure's own base.
 * @example usualMixes('stubble', paints, { puddle: 'flesh' })[0].length // 3
 */
export function usualMixes(
  place: string,
  paints: readonly Paint[],
  flesh: Ingredient,
): PuddlePart[][] {
  const [black] = named(paints, /^PBk/)
  if (place !== 'stubble' || !black) return []
  return named(paints, /^PB\d/).map((blue) => [
    { of: flesh, drops: 4 },
    { of: { bottle: blue.id }, drops: 4 },
    { of: { bottle: black.id }, drops: 0.25 },
  ])
}
