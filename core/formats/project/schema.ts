import { shaped } from './shaped'
import * as v from 'valibot'
import { bottleSchema, ownPaintSchema } from '../box/schema'
import { id } from '../fields'
import { doneSchema, mixedSchema, logEntrySchema, timerSchema } from './benchSchema'
import { atMost, named } from './common'
import { figureSchema } from './figureSchema'
import { longest, mostOf } from '../../project/limits'
import { puddleSchema } from './puddleSchema'
import { keptToneSchema } from './toneSchema'
import type { FigureGroup, Project } from '../../project/commission'
import { VERSION } from '../../project/commission'

/** Figures that belong together: a people, a warband, a pack. */
const groupSchema = shaped<FigureGroup>()(v.object({ id, name: named(longest.shortName) }))

/** The project file: one commission; docs/project-file.md describes it. */
export const projectSchema = shaped<Project>()(
  v.object({
    format: v.literal('cobaltfinch-project'),
    version: v.literal(VERSION),
    /** Made once; the commission's address in the application. */
    id,
    name: named(longest.name),
    /** The figure that is open, where there is one. */
    figure: v.optional(id),
    /** Paints that stay out of every plan, by id. */
    out: v.pipe(v.array(id), atMost(mostOf.paintsOut, 'paints')),
    /** Only bottles that are marked as owned are mixed from. */
    ownedOnly: v.optional(v.boolean()),
    /** The few bottles on the table; any that is in when not given. */
    palette: v.optional(v.pipe(v.array(id), atMost(mostOf.palette, 'bottles on the table'))),
    figures: v.pipe(v.array(figureSchema), atMost(mostOf.figures, 'figures')),
    groups: v.optional(v.pipe(v.array(groupSchema), atMost(mostOf.groups, 'groups'))),
    /** Mixes on the palettes: of one figure each, or of the whole commission. */
    puddles: v.optional(v.pipe(v.array(puddleSchema), atMost(mostOf.puddles, 'puddles'))),
    /** The painter's own paints, and what is known of bottles, by paint id. */
    box: v.optional(v.pipe(v.array(ownPaintSchema), atMost(mostOf.paints, 'paints'))),
    bottles: v.optional(v.record(id, bottleSchema)),
    log: v.optional(v.pipe(v.array(logEntrySchema), atMost(mostOf.log, 'entries'))),
    /** Tones put by under a name. */
    tones: v.optional(v.pipe(v.array(keptToneSchema), atMost(mostOf.tones, 'tones'))),
    /** Where the painter stands at the bench. */
    done: v.optional(v.pipe(v.array(doneSchema), atMost(mostOf.done, 'moves'))),
    mixed: v.optional(v.pipe(v.array(mixedSchema), atMost(mostOf.mixed, 'wells'))),
    timers: v.optional(v.pipe(v.array(timerSchema), atMost(mostOf.timers, 'timers'))),
  }),
)
