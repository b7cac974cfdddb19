import * as v from 'valibot'
import { BANDS } from '../../colour/spectrum'
import { cautions } from '../../paint/cautions'
import type { HazardKey } from '../../paint/paint'
import { SPREAD_LENGTH } from '../../paint/uncertainty/spread'
import { id, text, within } from '../fields'

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
export const ownPaintSchema = v.object({
  id,
  name: v.pipe(text(80), v.minLength(1, 'is empty')),
  kind: v.picklist(paintKinds, `is no kind; allowed is ${paintKinds.join(', ')}`),
  pigments: v.pipe(v.array(text(20)), v.maxLength(12, 'has more than 12 pigments')),
  opacity: v.picklist(opacityClasses, `is no class; allowed is ${opacityClasses.join(', ')}`),
  hazards: v.array(v.picklist(hazardKeys, `is no hazard; allowed is ${hazardKeys.join(', ')}`)),
  origin: v.picklist(['calibrated', 'estimated', 'mixed'], 'is no origin'),
  /** mm⁻¹, 36 numbers each, 380–730 nm by 10. */
  K: numbers(BANDS, 0, 1e6),
  S: numbers(BANDS, 0, 1e6),
  /** Packed lower factor of the covariance of its ten coefficients. */
  spread: numbers(SPREAD_LENGTH, -100, 100),
})

/** What is known of a bottle; for starter paints too. */
export const bottleSchema = v.object({
  ml: v.optional(within([0.1, 5000])),
  dropsPerMl: v.optional(within([1, 200])),
  leftMl: v.optional(within([0, 5000])),
  /** What was left when it was last looked at, and drops taken since. */
  countedMl: v.optional(within([0, 5000])),
  dropsSince: v.optional(within([0, 1e6])),
  price: v.optional(within([0, 100000])),
  place: v.optional(text(80)),
  notes: v.optional(text(2000)),
})

export type OwnPaint = v.InferOutput<typeof ownPaintSchema>
export type Bottle = v.InferOutput<typeof bottleSchema>

/** Drops in a millilitre when the painter has not counted; common practice, no source. */
export const USUAL_DROPS_PER_ML = 20
