/** What is put into a mix: a bottle, or another puddle. */
export type Ingredient = { bottle: string } | { puddle: string }

/** So many drops of an ingredient. Less than a drop is a half, a quarter or a touch. */
export interface PuddlePart {
  of: Ingredient
  drops: number
}

/** A mix on the palette: an id that is made once and never read, what the painter calls it, what is in it. */
export interface Puddle {
  id: string
  name?: string
  parts: readonly PuddlePart[]
}

/** What is in a puddle by its id; nothing where there is no such puddle, or it is not found yet. */
export type PartsOf = (puddle: string) => readonly PuddlePart[] | undefined

/** @example isBottle({ bottle: 'yellow-ochre' }) // true */
export const isBottle = (of: Ingredient): of is { bottle: string } => 'bottle' in of

/**
 * A text by which one ingredient is told from every other. It is only ever compared, never read.
 * @example ingredientKey({ bottle: 'yellow-ochre' }) === ingredientKey({ puddle: 'yellow-ochre' }) // false
 */
export const ingredientKey = (of: Ingredient): string =>
  isBottle(of) ? `bottle ${of.bottle}` : `puddle ${of.puddle}`

/**
 * Whether two stand for the same bottle or puddle.
 * @example sameIngredient({ bottle: 'ultramarine' }, { puddle: 'ultramarine' }) // false
 */
export const sameIngredient = (one: Ingredient, other: Ingredient): boolean =>
  ingredientKey(one) === ingredientKey(other)

/**
 * Whether two mixes hold the same, drop by drop and in the same order.
 * @example sameParts([{ of: { bottle: 'yellow-ochre' }, drops: 1 }], []) // false
 */
export const sameParts = (one: readonly PuddlePart[], other: readonly PuddlePart[]): boolean =>
  one.length === other.length &&
  one.every(({ of, drops }, i) => drops === other[i]!.drops && sameIngredient(of, other[i]!.of))
