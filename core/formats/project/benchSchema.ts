import * as v from 'valibot'
import { coatKindKeys } from '../../coats/dryFilm'
import { id, text, whole, within } from '../fields'
import { lab, oneOf, parts } from './common'

/** Where the painter stands at the bench. */
export const benchSchema = v.object({
  /** Figures like this one in rotation. */
  many: whole(1, 40),
  /** Other figures of the commission that are painted alongside, by id. */
  along: v.optional(v.pipe(v.array(id), v.maxLength(40, 'has more than 40 figures'))),
  /** Moves that are done, by id. */
  done: v.pipe(v.array(text(120)), v.maxLength(5000, 'has more than 5000 moves')),
  /** When each of them was done, ms since 1970, and which mixed their puddle. */
  doneAt: v.optional(
    v.pipe(v.array(whole(0, 1e14)), v.maxLength(5000, 'has more than 5000 moves')),
  ),
  mixed: v.optional(v.pipe(v.array(text(120)), v.maxLength(5000, 'has more than 5000 moves'))),
  /** Coats that dry: until when, ms since 1970. */
  timers: v.pipe(
    v.array(v.object({ move: text(120), words: text(300), endsAt: whole(0, 1e14) })),
    v.maxLength(100, 'has more than 100 timers'),
  ),
  /** Longer drying when humid or cold. */
  slower: v.optional(within([0.5, 4])),
  eveningMin: v.optional(within([15, 720])),
  /** Coats that were dry sooner or later than reckoned: minutes reckoned and taken. */
  dried: v.optional(
    v.pipe(
      v.array(
        v.object({
          kind: oneOf(coatKindKeys, 'kind of coat'),
          reckonedMin: within([0.1, 10000]),
          tookMin: within([0, 10000]),
        }),
      ),
      v.maxLength(300, 'has more than 300 coats'),
    ),
  ),
  /** Off by more than this, ΔE00, and putting right is offered. */
  tolerance: v.optional(within([0.5, 20])),
})

/** A mix that was painted: predicted and real. */
export const logEntrySchema = v.object({
  id: text(60),
  at: text(40),
  figure: text(120),
  what: text(300),
  parts,
  predicted: lab,
  real: v.optional(lab),
  /** 36 values where a reader gave them. */
  reflectance: v.optional(
    v.pipe(v.array(within([0, 2])), v.length(36, 'a reading has 36 values, 380–730 nm by 10')),
  ),
  note: v.optional(text(2000)),
  minutes: v.optional(within([0, 100000])),
  /** Kind of coat it was for. */
  kind: v.optional(oneOf(coatKindKeys, 'kind of coat')),
  /** Parts of thinner to one of paint, as it was. */
  thinner: v.optional(within([0, 40])),
  /** Picture of it, kept beside the project. */
  photo: v.optional(v.pipe(text(80), v.regex(/^[\w-]+$/, 'is no name of a picture'))),
})
