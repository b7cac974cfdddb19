import { shaped } from './shaped'
import { thinners, coatKindKeys } from '../../project/coat'
import * as v from 'valibot'
import { lightPlaces, reliefPlaces, sides } from '../../project/place'
import { finishes } from '../../paint/surface'
import { id, text, whole, within } from '../fields'
import { atMost, oneOf } from './common'
import { longest, mostOf, range } from '../../project/limits'
import { ingredient } from './puddleSchema'
import type { FigureStack } from '../../project/stack'

const zoneKeys = v.optional(
  v.pipe(
    v.array(v.pipe(text(longest.id), v.regex(/^[a-z -]{1,40}$/, 'is no place of life'))),
    atMost(mostOf.accents, 'places'),
  ),
)
const placeSchema = v.pipe(
  v.array(
    v.object({
      relief: v.optional(
        v.pipe(v.array(oneOf(reliefPlaces, 'relief')), atMost(reliefPlaces.length, 'reliefs')),
      ),
      light: v.optional(
        v.pipe(v.array(oneOf(lightPlaces, 'light')), atMost(lightPlaces.length, 'lights')),
      ),
      side: v.optional(oneOf(sides, 'side')),
      down: v.optional(v.boolean()),
      zones: zoneKeys,
      but: zoneKeys,
    }),
  ),
  v.minLength(1, 'is empty'),
  atMost(mostOf.wheres, 'places'),
)

const coatSchema = v.object({
  /** Made once; what is done at the bench is remembered by it. */
  id,
  kind: oneOf(coatKindKeys, 'kind of coat'),
  /** What is laid. */
  of: ingredient,
  thinner: v.optional(within(range.thinner)),
  passes: v.optional(whole(...range.passes)),
  /** Wherever one of these holds; everywhere when not given. */
  place: v.optional(placeSchema),
  thinnedWith: v.optional(oneOf(thinners, 'thinner')),
  /** Taken off flats and pools while it is wet. */
  lifted: v.optional(v.boolean()),
  finish: v.optional(oneOf(finishes, 'finish')),
})

/** A stack of coats that follows the ladder. */
export const stackSchema = shaped<FigureStack>()(
  v.object({
    /** The method it was started from. */
    method: v.optional(text(longest.id)),
    /** Puddles and accents that came with it and were not changed since. */
    brought: v.optional(v.pipe(v.array(id), atMost(mostOf.coats + mostOf.accents, 'ids'))),
    under: v.variant('kind', [
      v.object({ kind: v.literal('flat'), of: ingredient }),
      v.object({
        kind: v.literal('sketch'),
        dark: ingredient,
        light: ingredient,
        strength: within([0, 1]),
        elevation: within([0, 90]),
      }),
    ]),
    coats: v.pipe(v.array(coatSchema), atMost(mostOf.coats, 'coats')),
    /** Kinds of coat that this painter lays otherwise than usual: film on each relief against the flat. */
    films: v.optional(
      v.record(
        oneOf(coatKindKeys, 'kind of coat'),
        v.object({ recess: within([0, 5]), flat: within([0, 5]), ridge: within([0, 5]) }),
      ),
    ),
  }),
)
