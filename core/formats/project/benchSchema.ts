import { shaped } from './shaped'
import { coatKindKeys } from '../../project/coat'
import * as v from 'valibot'
import { id, text, whole, within } from '../fields'
import { atMost, lab, moveOf, oneOf, time } from './common'
import { longest, mostOf, range } from '../../project/limits'
import { waysToRead } from '../../project/readBy'
import { bottleDrops, puddleId } from './puddleSchema'
import type { DoneMove, DryingTimer, FigureBench, LogEntry, MixedWell } from '../../project/bench'

const coatKind = oneOf(coatKindKeys, 'kind of coat')

/** How a figure is painted at the bench. */
export const benchSchema = shaped<FigureBench>()(
  v.object({
    /** So many of its like in rotation together; all of them when not given. */
    atOnce: v.optional(whole(1, mostOf.atOnce)),
    /** Other figures of the commission that are painted alongside, by id. */
    along: v.optional(v.pipe(v.array(id), atMost(mostOf.atOnce, 'figures'))),
    /** Longer drying when humid or cold. */
    slower: v.optional(within(range.slower)),
    eveningMin: v.optional(within(range.eveningMin)),
    /** Coats that were dry sooner or later than reckoned: minutes reckoned and taken. */
    dried: v.optional(
      v.pipe(
        v.array(
          v.object({
            kind: coatKind,
            reckonedMin: within([0.1, 10000]),
            tookMin: within([0, 10000]),
          }),
        ),
        atMost(mostOf.dried, 'coats'),
      ),
    ),
    /** Off by more than this, ΔE00, and putting right is offered. */
    tolerance: v.optional(within(range.tolerance)),
  }),
)

const ofFigure = { figure: id, copy: whole(1, mostOf.copies), of: moveOf }

/** A move that is done, when, and whether its puddle was mixed for it. */
export const doneSchema = shaped<DoneMove>()(
  v.object({
    ...ofFigure,
    at: time,
    mixed: v.optional(v.boolean()),
    /** What it took from the bottles. */
    taken: v.optional(bottleDrops),
  }),
)

/** A well that was mixed, of what, when, and what it took from the bottles. */
export const mixedSchema = shaped<MixedWell>()(
  v.object({ id, figure: id, well: text(longest.well), at: time, taken: v.optional(bottleDrops) }),
)

/** A coat that dries, and until when. */
export const timerSchema = shaped<DryingTimer>()(
  v.object({ ...ofFigure, words: text(longest.words), endsAt: time }),
)

/** A mix that was painted: predicted and real. */
export const logEntrySchema = shaped<LogEntry>()(
  v.object({
    id,
    at: text(longest.date),
    /** The figure it was painted on; nothing where that was never known. */
    figure: v.optional(id),
    /** What the figure was called when it was written down, for when it has gone. */
    who: text(longest.name),
    what: text(longest.words),
    of: v.optional(moveOf),
    /** The puddle it was, which may have changed or gone since. */
    puddle: v.optional(puddleId),
    /** What was put together, where that was not bottles alone. */
    poured: v.optional(
      v.pipe(
        v.array(v.object({ name: text(longest.name), drops: within(range.poured) })),
        atMost(mostOf.parts, 'parts'),
      ),
    ),
    /** Bottles that were in it; parts of drops where puddles were put together. */
    parts: bottleDrops,
    predicted: lab,
    real: v.optional(lab),
    /** 36 values where a reader gave them. */
    reflectance: v.optional(
      v.pipe(v.array(within([0, 2])), v.length(36, 'a reading has 36 values, 380–730 nm by 10')),
    ),
    /** Where that colour comes from. */
    readBy: v.optional(oneOf(waysToRead, 'way of reading')),
    note: v.optional(text(longest.note)),
    minutes: v.optional(within(range.minutes)),
    /** Kind of coat it was for. */
    kind: v.optional(coatKind),
    /** Parts of thinner to one of paint, as it was. */
    thinner: v.optional(within(range.thinner)),
    /** Picture of it, kept beside the project. */
    photo: v.optional(id),
  }),
)
