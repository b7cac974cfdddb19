import type { Mixture } from './mixture'
import type { Spectrum } from '../colour/spectrum'
import { coated, groundOf, measuredOf } from './film'

/** One coat of a stack: what it is made of and how thick it dries, µm. */
export interface Coating {
  mixture: Mixture
  thicknessUm: number
}

/**
 * What any number of coats, first to last, make of a ground; measured reflectance in and out.
 * @example stackReflectance(flatSpectrum(0.02), [{ mixture: ochre, thicknessUm: 20 }])[0]
 */
export const stackReflectance = (ground: Spectrum, coats: readonly Coating[]): Spectrum =>
  measuredOf(
    coats.reduce(
      (under, { mixture, thicknessUm }) => coated(under, mixture, thicknessUm),
      groundOf(ground),
    ),
  )
