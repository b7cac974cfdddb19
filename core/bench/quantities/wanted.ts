import type { CoatKind } from '../../project/coat'
import { coatKinds } from '../../coats/coatKinds'
import { shareOfPlace, PLACE_OF_LIFE } from '../../place/spots'
import type { SpotShares } from '../../place/spots'
import type { Place } from '../../project/place'
import type { Wanted } from '../../puddle/palettePlan'
import { ingredientKey } from '../../puddle/puddle'
import type { Ingredient } from '../../puddle/puddle'
import { coatDrops, keptDrops } from './needed'
import type { AmountsRequest } from './needed'

/** What is painted on a figure, as far as its amounts go. */
export interface Painted {
  amounts: AmountsRequest
  /** Kinds of spots that its form has. */
  spots: SpotShares
  /** The undercoat: one colour, or a dark and what is sprayed over it from above. */
  under: readonly Ingredient[]
  coats: readonly {
    of: Ingredient
    kind: CoatKind
    thinner: number
    passes: number
    place: Place
  }[]
  /** Glazes of places of life, and what eyes, teeth and claws are painted with. */
  accents: readonly { of: Ingredient; thinner: number; passes: number }[]
  details: readonly Ingredient[]
}

/**
 * Drops of every puddle that a figure, and all that are painted like it, take: what is laid of it, in coats, glazes, eyes
 * and the undercoat. Nothing is poured for a step that no coat lays. The one amount that ladder, card, bench and stock go
 * by.
 * @example wantedDrops({ amounts: { ...usualAmounts, sizeMm: 75 }, spots: { spots: [] }, under: [{ bottle: 'raw-umber' }], coats: [], accents: [], details: [] }).length // 1
 */
export function wantedDrops(painted: Painted): Wanted[] {
  const { amounts, spots, under, coats, accents, details } = painted
  const wanted = new Map<string, Wanted>()
  const add = (of: Ingredient, drops: number, thinner: number): void => {
    const key = ingredientKey(of)
    const had = wanted.get(key)
    wanted.set(key, {
      of,
      drops: (had?.drops ?? 0) + drops,
      kept: Math.max(had?.kept ?? 0, keptDrops(thinner, drops)),
    })
  }
  under.forEach((of, i) =>
    add(of, coatDrops(amounts, { share: 1 / (1 + i), coats: 1, thinner: 1, wicked: false }), 1),
  )
  for (const { of, kind, thinner, passes, place } of coats) {
    const { pigmented, wicked } = coatKinds[kind]
    const coat = { share: shareOfPlace(place, spots), coats: passes, thinner, wicked }
    if (pigmented) add(of, coatDrops(amounts, coat), thinner)
  }
  const life = { share: PLACE_OF_LIFE, wicked: true }
  for (const { of, thinner, passes } of accents)
    add(of, coatDrops(amounts, { ...life, coats: passes, thinner }), thinner)
  for (const of of details)
    add(of, coatDrops(amounts, { ...life, coats: 1, thinner: 1, wicked: false }), 1)
  return [...wanted.values()]
}
