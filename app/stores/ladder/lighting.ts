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

/** Fields of a plan that move what its ladder aims at; how it is mixed and how much of it moves nothing. */
const AIMING = [
  'steps',
  'contrast',
  'warmth',
  'turn',
  'sheen',
  'shadow',
  'light',
  'lift',
  'bounce',
  'softness',
  'spacing',
  'seenFrom',
  'shadowPaint',
  'lightPaint',
  'otherWarmth',
  'key',
  'moved',
] as const satisfies readonly (keyof FigurePlan)[]

/** What a ladder aims at. */
export interface Aims extends Pick<FigurePlan, (typeof AIMING)[number]> {
  size: FigureSize
}
export const aimsOf = ({ plan, size }: Pick<Figure, 'plan' | 'size'>): Aims => ({
  ...(Object.fromEntries(AIMING.map((field) => [field, plan[field]])) as Omit<Aims, 'size'>),
  size,
})

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
