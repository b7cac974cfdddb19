import type { Bottle, Paint } from '../../../core'

/** What may be wished of the bottles, besides that they serve. */
export const fewWishes = {
  care: 'without what needs care',
  opaque: 'that cover well',
  full: 'that are not nearly empty',
  cheap: 'that cost little',
} as const
export type FewWish = keyof typeof fewWishes
/** What a wish is worth, ΔE00 of the mean; a bottle with less than this is nearly empty, ml. */
const WISH = 0.3
const LITTLE_ML = 3

/** ΔE00 of the mean that each bottle has to bring for the wishes it goes against, by its id. */
export function costsOf(
  wishes: readonly FewWish[],
  paints: readonly Paint[],
  known: Readonly<Record<string, Bottle>>,
): Record<string, number> {
  const dearest = Math.max(1e-9, ...paints.map(({ id }) => known[id]?.price ?? 0))
  const against: Record<FewWish, (paint: Paint) => number> = {
    care: ({ hazards }) => (hazards.length > 0 ? 1 : 0),
    opaque: ({ opacity }) => (opacity === 'opaque' || opacity === 'semi-opaque' ? 0 : 1),
    full: ({ id }) => ((known[id]?.leftMl ?? LITTLE_ML) < LITTLE_ML ? 1 : 0),
    cheap: ({ id }) => (known[id]?.price ?? 0) / dearest,
  }
  return Object.fromEntries(
    paints.map((paint) => [
      paint.id,
      wishes.reduce((sum, wish) => sum + WISH * against[wish](paint), 0),
    ]),
  )
}
