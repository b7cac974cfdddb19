import * as v from 'valibot'
import { id, text, whole, within } from '../fields'
import { benchSchema } from './benchSchema'
import { atMost, named, oneOf } from './common'
import { longest, mostOf, range } from './limits'
import { planSchema, versionSchema } from './planSchema'
import { stackSchema } from './stackSchema'
import { toneSchema } from './toneSchema'

export const figureKinds = ['person', 'creature', 'dead'] as const

const bottleIds = v.optional(v.pipe(v.array(id), atMost(mostOf.paintsOut, 'bottles')))

/** One figure of a commission, or several that are painted alike. */
export const figureSchema = v.object({
  id,
  name: named(longest.name),
  note: text(longest.note),
  kind: oneOf(figureKinds, 'kind of figure'),
  size: v.object({ heightMm: within(range.sizeMm), bust: v.optional(v.boolean()) }),
  /** How many of it are painted. */
  many: whole(1, mostOf.copies),
  /** The people, warband or pack it belongs to. */
  group: v.optional(id),
  /** A picture of what it is painted after, kept beside the project, and its file's name. */
  picture: v.optional(v.object({ photo: id, name: text(longest.name) })),
  /** The painter's own sculpt of it, kept beside the project. */
  sculpt: v.optional(id),
  /** Bottles that this figure has beside those of the commission, or does without. */
  bottles: v.optional(v.object({ more: bottleIds, without: bottleIds })),
  tone: toneSchema,
  plan: planSchema,
  stack: v.optional(stackSchema),
  bench: v.optional(benchSchema),
  /** Places of life that are painted on this figure. */
  accents: v.optional(
    v.pipe(v.array(v.object({ id, place: text(longest.id) })), atMost(mostOf.accents, 'places')),
  ),
  versions: v.optional(v.pipe(v.array(versionSchema), atMost(mostOf.versions, 'versions'))),
})
export type Figure = v.InferOutput<typeof figureSchema>
