import type { Finish } from '../paint/surface'
import type { HazardKey, OpacityClass, PaintKind } from '../paint/paint'
import type { StrengthKind } from '../paint/strengthKinds'

/**
 * What readings of its mixes taught of a bottle: a layer over what it was told to be, taken back at any time. Curves as
 * an own paint has them.
 */
export interface LearntOfBottle extends Pick<OwnPaint, 'K' | 'S' | 'spread'> {
  /** When, ISO 8601; empty where an older file does not say. */
  at: string
  /** Entries of the log that it was learnt from. */
  readings: string[]
}

/** What is known of a bottle; of starter paints too. */
export interface Bottle {
  learnt?: LearntOfBottle
  /** The painter has this bottle; own paints are owned unless this says no. */
  owned?: boolean
  /** What a starter paint's bottle is filled as; a hobby bottle when not given. */
  strength?: StrengthKind
  ml?: number
  dropsPerMl?: number
  leftMl?: number
  /** What was left when it was last looked at, and drops taken since. */
  countedMl?: number
  dropsSince?: number
  price?: number
  place?: string
  notes?: string
}

/** A paint of the painter's own, as it is kept; `paintOfRecord` makes a `Paint` of it. */
export interface OwnPaint {
  id: string
  name: string
  kind: PaintKind
  pigments: string[]
  opacity: OpacityClass
  hazards: HazardKey[]
  /** How it dries, where that was told. */
  finish?: Finish
  origin: 'calibrated' | 'estimated' | 'mixed'
  /** mm⁻¹, 36 numbers each, 380–730 nm by 10, parted by spaces. */
  K: string
  S: string
  /** Packed lower factor of the covariance of its ten coefficients. */
  spread: string
}

/** Drops in a millilitre when the painter has not counted; common practice, no source. */
export const USUAL_DROPS_PER_ML = 20
