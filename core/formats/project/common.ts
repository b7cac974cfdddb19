import * as v from 'valibot'
import { id, whole, within } from '../fields'

export const part = v.object({ paint: id, drops: whole(1, 99) })

/** One of some words; what it is stands in the message. */
export const oneOf = <T extends string>(keys: readonly T[], what: string) =>
  v.picklist(keys, `is no ${what}; allowed is ${keys.join(', ')}`)
/** Drops of paints. */
export const parts = v.pipe(
  v.array(part),
  v.minLength(1, 'is empty'),
  v.maxLength(40, 'has more than 40 parts'),
)
/** A colour, or a difference of two. */
export const lab = v.object({
  L: within([-200, 200]),
  a: within([-256, 256]),
  b: within([-256, 256]),
})
