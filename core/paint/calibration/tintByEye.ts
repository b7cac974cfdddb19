import type { Mixture } from '../mixture'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../mix'
import { opaqueReflectance } from '../opaque'
import { titaniumWhite } from '../starter/titaniumWhite'
import { scaledSpread } from '../uncertainty/spread'
import type { Spread } from '../uncertainty/spread'

/** One part of paint in so many of paint and white together. */
export const TINT_SHARE = 0.1

/** Strengths that a painter compares a tint with, weak to strong: times what is believed (from our trials). */
export const tintSteps = [0.35, 0.6, 1, 1.7, 2.9] as const
/** Which of them looks most like it: 0 the weakest, 4 the strongest. */
export type TintStep = 0 | 1 | 2 | 3 | 4

/** A choice by eye is taken at a little less than its word. */
const TRUST = 0.85
/** What doubt of strength is left of it, as a share. */
const LEFT = 0.55

/**
 * What one part of the paint in nine of titanium white would look like at each strength.
 * @example tintPictures(ochre).length // 5
 */
export const tintPictures = (paint: Mixture): Lab[] =>
  tintSteps.map((times) =>
    labOf(
      opaqueReflectance(
        mixPaints([
          { paint, drops: TINT_SHARE * times },
          { paint: titaniumWhite, drops: 1 - TINT_SHARE },
        ]),
      ),
    ),
  )

/** A paint as strong as its tint looks. */
export function withTint<P extends Mixture & { spread: Spread }>(paint: P, step: TintStep): P {
  const times = tintSteps[step] ** TRUST
  return {
    ...paint,
    K: paint.K.map((k) => k * times),
    S: paint.S.map((s) => s * times),
    spread: scaledSpread(paint.spread, LEFT),
  }
}
