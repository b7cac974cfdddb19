import { shaped } from './shaped'
import * as v from 'valibot'
import { canBeSaid, MOST_OF_ONE, TOUCH } from '../../puddle/dispense'
import { id, text, within } from '../fields'
import { atMost, named } from './common'
import { longest, mostOf, range } from '../../project/limits'
import type { PouredTone } from '../../project/figure'
import type { StoredPuddle } from '../../project/storedPuddle'

/** A puddle's id: made once, or that of a step of a figure's ladder. */
export const puddleId = v.pipe(
  text(longest.puddleId),
  v.regex(/^[\w-]+(\.[\w-]+)?$/, 'may hold letters, digits, - and _ only'),
)

const allowed = `allowed is a whole number from ${range.drops.join(' to ')}, with a half or a quarter up to ${MOST_OF_ONE}, or ${TOUCH} to ${4 * TOUCH} by touches`
const drops = v.pipe(
  v.number(`is not a number; ${allowed}`),
  v.check(
    (n) => canBeSaid(n) || (Number.isInteger(n) && n >= range.drops[0] && n <= range.drops[1]),
    ({ input }) => `is ${String(input)}; ${allowed}`,
  ),
)

/** What is laid or mixed: a bottle as it is, or a puddle. */
export const ingredient = v.union(
  [v.strictObject({ bottle: id }), v.strictObject({ puddle: puddleId })],
  'is neither { "bottle": id } nor { "puddle": id }',
)

export const puddleParts = v.pipe(
  v.array(v.object({ of: ingredient, drops })),
  v.minLength(1, 'is empty'),
  atMost(mostOf.parts, 'parts'),
)

const oneBottle = v.object({ paint: id, drops: within(range.poured) })

/** Drops of bottles; parts of drops where puddles were put together. */
export const bottleDrops = v.pipe(
  v.array(oneBottle),
  v.minLength(1, 'is empty'),
  atMost(mostOf.parts, 'parts'),
)

/** A tone of a small part as it stood when painting began: of bottles, or of its middle and one bottle more. */
export const pouredTone = shaped<PouredTone>()(
  v.object({
    parts: bottleDrops,
    ofMiddle: v.optional(v.object({ middle: within(range.poured), bottle: oneBottle })),
  }),
)

/** A mix on the palette of one figure, or of all where none is named. */
export const puddleSchema = shaped<StoredPuddle>()(
  v.object({
    id: puddleId,
    name: v.optional(named(longest.shortName)),
    figure: v.optional(id),
    letDown: v.optional(v.literal(true, 'is not true; leave it out where it is not let down')),
    held: v.optional(v.literal(true, 'is not true; leave it out where it is not held')),
    parts: puddleParts,
  }),
)
