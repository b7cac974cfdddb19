import type { Paint } from '../../paint/paint'
import { tintingStrength } from '../../paint/strength'
import type { Ingredient, PuddlePart } from '../../puddle/puddle'

const named = (paints: readonly Paint[], hue: RegExp): Paint[] =>
  paints.filter(({ pigments }) => pigments.some((pigment) => hue.test(pigment)))

/**
 * What painters mix for a place of life, where there is a usual mix: stubble is equal parts of a blue and the flesh with
 * a spot of black (T16, common practice, no source). Nothing where there is none, or the box lacks a blue or a black.
 * @param flesh the figure's own base.
 * @param white what tints are made with, for the weakest blue.
 * @example usualMix('stubble', paints, { puddle: 'flesh' }, white).length // 3
 */
export function usualMix(
  place: string,
  paints: readonly Paint[],
  flesh: Ingredient,
  white: Paint,
): PuddlePart[] | undefined {
  if (place !== 'stubble') return undefined
  const [blue] = named(paints, /^PB\d/).sort(
    (one, other) => tintingStrength(one, white) - tintingStrength(other, white),
  )
  const [black] = named(paints, /^PBk/)
  if (!blue || !black) return undefined
  return [
    { of: flesh, drops: 4 },
    { of: { bottle: blue.id }, drops: 4 },
    { of: { bottle: black.id }, drops: 0.25 },
  ]
}
