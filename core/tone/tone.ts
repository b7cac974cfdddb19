import { smoothestReflectance } from '../colour/smoothest'
import type { Spectrum } from '../colour/spectrum'
import { skinReflectance } from './skin'
import type { Skin } from './skin'

/** What a figure's base aims at: living skin, or a hide given by its colour (Lab, D65, 2°). */
export type Tone =
  ({ kind: 'skin' } & Skin) | { kind: 'hide'; lab: { L: number; a: number; b: number } }

/**
 * Reflectance of a tone, 36 values 0–1.
 * @throws RangeError when a skin parameter is out of range or no surface has the hide's colour.
 */
export function baseReflectance(tone: Tone): Spectrum {
  if (tone.kind === 'skin') return skinReflectance(tone)
  return smoothestReflectance({ ...tone.lab, white: 'D65/2' })
}
