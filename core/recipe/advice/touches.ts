import type { Paint } from '../../paint/paint'
import { tintingStrength } from '../../paint/strength'
import type { Mixture } from '../../paint/paint'

/** Less than a drop: what a strong paint is given in. */
const touchAmounts = [
  { share: 0.5, name: 'half a drop' },
  { share: 0.25, name: 'a quarter drop' },
  { share: 0.1, name: 'a toothpick’s tenth' },
] as const

/** Tinting strength from which a whole drop is much; ultramarine and red oxide are at about 12. */
const STRONG = 20

/** A paint's id with the part of a drop it stands for, and back. */
const touchId = (id: string, share: number): string => `${id}@${share}`
/** @example untouched('carbon-black@0.25') // "carbon-black" */
export const untouched = (id: string): string => id.split('@')[0]!

/**
 * A strong paint as it is given in less than drops: one "drop" of it is a share of a drop, so K and S
 * count by that share. It is also a drop of the paint thinned beforehand, 1 : (1/share − 1) with medium.
 */
export function touchOf(paint: Paint, share: number): Paint {
  const amount = touchAmounts.find((one) => one.share === share)
  if (!amount) throw new RangeError(`a touch of ${share}; allowed is 0.5, 0.25 or 0.1`)
  return {
    ...paint,
    id: touchId(paint.id, share),
    name: `${amount.name} of ${paint.name}`,
    K: paint.K.map((k) => k * share),
    S: paint.S.map((s) => s * share),
  }
}

/** The box with every strong paint also in halves, quarters and tenths; weak paints as they are. */
export const withTouches = (paints: readonly Paint[], white: Mixture): Paint[] => [
  ...paints,
  ...paints
    .filter((paint) => tintingStrength(paint, white) > STRONG)
    .flatMap((paint) => touchAmounts.map(({ share }) => touchOf(paint, share))),
]
