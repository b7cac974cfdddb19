import { opaqueReflectance } from '../../../core'
import type { FigurePlan, Mood, Spectrum } from '../../../core'
import { paintOf } from '../paints'

const tintOf = (id: string | undefined): Spectrum | undefined => {
  try {
    return id === undefined ? undefined : opaqueReflectance(paintOf(id))
  } catch {
    // The bottle has gone from the box; the school falls back to none.
    return undefined
  }
}

/** The light and taste of a plan, its chosen paints as reflectances. */
export function moodOf(plan: FigurePlan): Mood {
  const { steps, contrast, warmth, turn, sheen, shadow, light, lift } = plan
  const { bounce, softness, spacing, sizeMm, seenFrom } = plan
  return {
    ...{ steps, contrast, warmth, turn, sheen, shadow, light, lift },
    ...{ bounce, softness, spacing, sizeMm, seenFrom },
    shadowTint: shadow === 'paint' ? tintOf(plan.shadowPaint) : undefined,
    lightTint: light === 'paint' ? tintOf(plan.lightPaint) : undefined,
  }
}
