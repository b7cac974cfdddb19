import * as v from 'valibot'
import { BANDS } from '../../colour/spectrum'
import { cautions } from '../../paint/cautions'
import type { HazardKey } from '../../paint/paint'
import { finishes } from '../../paint/surface'
import { strengthKinds } from '../../paint/strengthKinds'
import { SPREAD_LENGTH } from '../../paint/uncertainty/spread'
import type { Bottle, LearntOfBottle, OwnPaint } from '../../project/bottle'
import { id, text, within } from '../fields'
import { shaped } from '../project/shaped'
import { longest, mostOf, range } from '../../project/limits'

/** So many numbers in one text, parted by spaces; kept as text so that a large box stays light. */
const numbers = (count: number, least: number, most: number) =>
  v.pipe(
    v.string('is not text'),
    v.check((given) => {
      const values = given.split(' ').map(Number)
      return values.length === count && values.every((n) => n >= least && n <= most)
    }, `is not ${count} numbers from ${least} to ${most}, parted by single spaces`),
  )

export const paintKinds = ['paint', 'translucent', 'ink', 'medium', 'thinner', 'varnish'] as const
export const opacityClasses = ['opaque', 'semi-opaque', 'semi-transparent', 'transparent'] as const
const hazardKeys = Object.keys(cautions) as HazardKey[]

/** A paint of the painter's own. */
export const ownPaintSchema = shaped<OwnPaint>()(
  v.object({
    id,
    name: v.pipe(text(longest.shortName), v.minLength(1, 'is empty')),
    kind: v.picklist(paintKinds, `is no kind; allowed is ${paintKinds.join(', ')}`),
    pigments: v.pipe(
      v.array(text(longest.pigment)),
      v.maxLength(mostOf.pigments, `has more than ${mostOf.pigments} pigments`),
    ),
    opacity: v.picklist(opacityClasses, `is no class; allowed is ${opacityClasses.join(', ')}`),
    hazards: v.array(v.picklist(hazardKeys, `is no hazard; allowed is ${hazardKeys.join(', ')}`)),
    /** How it dries, where that was told. */
    finish: v.optional(v.picklist(finishes, `is no finish; allowed is ${finishes.join(', ')}`)),
    origin: v.picklist(['calibrated', 'estimated', 'mixed'], 'is no origin'),
    /** mm⁻¹, 36 numbers each, 380–730 nm by 10. */
    K: numbers(BANDS, 0, 1e6),
    S: numbers(BANDS, 0, 1e6),
    /** Packed lower factor of the covariance of its ten coefficients. */
    spread: numbers(SPREAD_LENGTH, -100, 100),
  }),
)

/** What readings taught of a bottle, over what it was told to be. */
const learntSchema = shaped<LearntOfBottle>()(
  v.object({
    K: numbers(BANDS, 0, 1e6),
    S: numbers(BANDS, 0, 1e6),
    spread: numbers(SPREAD_LENGTH, -100, 100),
    at: text(longest.shortName),
    readings: v.pipe(v.array(id), v.maxLength(mostOf.log, `has more than ${mostOf.log} readings`)),
  }),
)

/** What is known of a bottle; for starter paints too. */
export const bottleSchema = shaped<Bottle>()(
  v.object({
    learnt: v.optional(learntSchema),
    /** The painter has this bottle; own paints are owned unless this says no. */
    owned: v.optional(v.boolean()),
    /** What a starter paint's bottle is filled as; a hobby bottle when not given. */
    strength: v.optional(
      v.picklist(strengthKinds, `is no filling; allowed is ${strengthKinds.join(', ')}`),
    ),
    ml: v.optional(within(range.ml)),
    dropsPerMl: v.optional(within(range.dropsPerMl)),
    leftMl: v.optional(within(range.leftMl)),
    /** What was left when it was last looked at, and drops taken since. */
    countedMl: v.optional(within(range.leftMl)),
    dropsSince: v.optional(within([0, 1e6])),
    price: v.optional(within(range.price)),
    place: v.optional(text(longest.shortName)),
    notes: v.optional(text(longest.note)),
  }),
)
