import { opaqueReflectance } from '../../../core'
import type { Figure, FigurePlan, FigureSize, Lighting, Spectrum } from '../../../core'
import { paintOf } from '../paints'

const tintOf = (id: string | undefined): Spectrum | undefined => {
  try {
    return id === undefined ? undefined : opaqueReflectance(paintOf(id))
  } catch {
    // The bottle has gone from the box; the school falls back to none.
    return undefined
  }
}

/** What a ladder aims at, without how it is mixed: as much of a plan as moves a target, and the figure's size. */
export interface Aims extends Omit<
  FigurePlan,
  'maxPaints' | 'maxDrops' | 'way' | 'bottles' | 'family' | 'runLight' | 'runShade'
> {
  size: FigureSize
}
export function aimsOf({ plan, size }: Pick<Figure, 'plan' | 'size'>): Aims {
  const { maxPaints: _paints, maxDrops: _drops, way: _way, ...rest } = plan
  const { bottles: _bottles, family: _family, runLight: _light, runShade: _shade, ...aims } = rest
  return { ...aims, size }
}

/** The light and taste of a plan, its chosen paints as reflectances. */
export function lightingOf(aims: Aims): Lighting {
  const { steps, contrast, warmth, turn, sheen, shadow, light, lift } = aims
  const { bounce, softness, spacing, seenFrom } = aims
  const sizeMm = aims.size.heightMm
  return {
    ...{ steps, contrast, warmth, turn, sheen, shadow, light, lift },
    ...{ bounce, softness, spacing, sizeMm, seenFrom },
    shadowTint: shadow === 'paint' ? tintOf(aims.shadowPaint) : undefined,
    lightTint: light === 'paint' ? tintOf(aims.lightPaint) : undefined,
  }
}
