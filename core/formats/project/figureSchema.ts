import { shaped } from './shaped'
import * as v from 'valibot'
import { id, text, whole, within } from '../fields'
import { benchSchema } from './benchSchema'
import { atMost, named, oneOf } from './common'
import { longest, mostOf, range } from '../../project/limits'
import { critiqueSchema } from './critiqueSchema'
import { ingredient, pouredTone } from './puddleSchema'
import { planSchema, versionSchema } from './planSchema'
import { stackSchema } from './stackSchema'
import { toneSchema } from './toneSchema'
import type { Figure, FigureAccent, FigureDetail } from '../../project/figure'
import { detailKeys, figureKinds, saidOfFigure } from '../../project/figure'

const bottleIds = v.optional(v.pipe(v.array(id), atMost(mostOf.paintsOut, 'bottles')))

/** A place of life: the glaze that is found for it, or one of the painter's own. */
const accentSchema = shaped<FigureAccent>()(
  v.object({
    id,
    place: text(longest.id),
    of: v.optional(ingredient),
    thinner: v.optional(within(range.thinner)),
    passes: v.optional(whole(...range.passes)),
  }),
)

/** Eyes, teeth, claws: each tone found for it, or one of the painter's own. */
const detailSchema = shaped<FigureDetail>()(
  v.object({
    id,
    key: oneOf(detailKeys, 'small part'),
    shadow: v.optional(ingredient),
    middle: v.optional(ingredient),
    light: v.optional(ingredient),
    poured: v.optional(v.pipe(v.array(pouredTone), atMost(3, 'tones'))),
  }),
)

/** One figure of a commission, or several that are painted alike. */
export const figureSchema = shaped<Figure>()(
  v.object({
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
    /** What its painter chose for it, and no change of kind exchanges. */
    said: v.optional(
      v.pipe(v.array(oneOf(saidOfFigure, 'choice')), atMost(saidOfFigure.length, 'choices')),
    ),
    stack: v.optional(stackSchema),
    bench: v.optional(benchSchema),
    /** Places of life that are painted on this figure. */
    accents: v.optional(v.pipe(v.array(accentSchema), atMost(mostOf.accents, 'places'))),
    /** Eyes, teeth and claws that are painted. */
    details: v.optional(v.pipe(v.array(detailSchema), atMost(mostOf.details, 'small parts'))),
    /** Photographs of it as they were judged, oldest first. */
    critiques: v.optional(v.pipe(v.array(critiqueSchema), atMost(mostOf.critiques, 'critiques'))),
    versions: v.optional(v.pipe(v.array(versionSchema), atMost(mostOf.versions, 'versions'))),
  }),
)
