import { isBottle, TOUCH } from '../../core'
import type { Ingredient, PlannedPuddle, PuddlePart } from '../../core'

const fractions: readonly (readonly [number, string])[] = [
  [0, ''],
  [0.25, '¼'],
  [0.5, '½'],
]
const near = (one: number, other: number): boolean => Math.abs(one - other) < 1e-6

/** How many touches an amount is, where it is less than a drop and not half of one. */
function touchesIn(drops: number): number | undefined {
  const many = Math.round(drops / TOUCH)
  return many > 0 && many < 10 && many !== 5 && near(many * TOUCH, drops) ? many : undefined
}

/** Drops as a painter counts them: “3”, “½”, “a touch”. */
export function countWords(drops: number): string {
  const touches = touchesIn(drops)
  if (touches) return touches === 1 ? 'a touch' : `${touches} touches`
  const whole = Math.floor(drops + 1e-6)
  const [, sign] = fractions.find(([part]) => near(part, drops - whole)) ?? [0, '']
  return `${whole || !sign ? whole : ''}${sign}`
}

/** … with what they are: “3 drops”, “a touch”. */
export function amountWords(drops: number): string {
  if (touchesIn(drops)) return countWords(drops)
  return `${countWords(drops)} ${drops > 1 + 1e-6 ? 'drops' : 'drop'}`
}

/** So much of something: “3 titanium white”, “a touch of carbon black”. */
export const partWords = (drops: number, name: string): string =>
  `${countWords(drops)}${touchesIn(drops) ? ' of' : ''} ${name}`

/** An amount that nobody counts out, to the nearest half drop: “about 2½ drops”. */
export function aboutWords(drops: number): string {
  const rounded = Math.round(2 * drops) / 2
  if (rounded === 0) return 'less than half a drop'
  return `${near(rounded, drops) ? '' : 'about '}${amountWords(rounded)}`
}

/** How often a mix is made, where one go would be too much to count. */
export const timesWords = (times: number): string =>
  times === 1 ? '' : times === 2 ? 'twice over' : `${times} times over`

/** What is put together: “3 base + 1 titanium white”. */
export const madeInWords = (
  parts: readonly PuddlePart[],
  nameOf: (of: Ingredient) => string,
): string => parts.map(({ of, drops }) => partWords(drops, nameOf(of))).join(' + ')

/** … in amounts that are given: “4½ titanium white + 1 yellow ochre, twice over”. */
export function givenInWords(
  { of, parts, given }: Pick<PlannedPuddle, 'of' | 'parts' | 'given'>,
  nameOf: (of: Ingredient) => string,
): string {
  const times = given.times > 1 ? `, ${timesWords(given.times)}` : ''
  if (isBottle(of)) return `${partWords(given.drops[0]!, nameOf(of))}${times}`
  const words = parts.map((part, i) => partWords(given.drops[i]!, nameOf(part.of)))
  return `${words.join(' + ')}${times}`
}
