import * as v from 'valibot'
import { id, text, whole, within } from '../fields'
import { longest } from '../../project/limits'

/** One of some words; what it is stands in the message. */
export const oneOf = <T extends string>(keys: readonly T[], what: string) =>
  v.picklist(keys, `is no ${what}; allowed is ${keys.join(', ')}`)

/** At most so many of something; how many is in the message. */
export const atMost = <T extends unknown[]>(most: number, what: string) =>
  v.maxLength<T, number, string>(most, `has more than ${most} ${what}`)

/** Text of at most so many letters that is not empty. */
export const named = (most: number) => v.pipe(text(most), v.minLength(1, 'is empty'))

/** A colour, or a difference of two. */
export const lab = v.object({
  L: within([-200, 200]),
  a: within([-256, 256]),
  b: within([-256, 256]),
})

/** What a move at the bench is of. */
export const moveOf = v.variant(
  'kind',
  [
    v.object({ kind: v.literal('undercoat') }),
    v.object({ kind: v.literal('sketch') }),
    v.object({ kind: v.literal('coat'), coat: id }),
    v.object({ kind: v.literal('accent'), place: text(longest.id) }),
    v.object({ kind: v.literal('detail'), detail: text(longest.id) }),
  ],
  'is no known kind; allowed is "undercoat", "sketch", "coat", "accent" or "detail"',
)

/** A time, ms since 1970. */
export const time = whole(0, 1e14)
