import type { Mixture } from './mixture'
import { BANDS, checkSpectrum } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { FILM, GROUND, seenOver, writeCoated, writeFilm, writeOpaque } from './fourFluxes'
import { opaqueReflectance } from './opaque'

/** A dry coat: its thickness in µm (Infinity allowed) and the measured reflectance under it. */
export interface Film {
  thicknessUm: number
  over: Spectrum
}

/**
 * Coats as they lie on one another under one surface: binders of one index leave no border between them, so light
 * that was scattered below is still scattered above. Stacks are laid on this, not on what is seen of it.
 */
export type Ground = Float64Array & { readonly ground: true }

/** An opaque paint that is measured so, to lay coats on. */
export function groundOf(seen: Spectrum): Ground {
  const ground = new Float64Array(GROUND * BANDS)
  for (let i = 0; i < BANDS; i++) writeOpaque(seen[i]!, ground, GROUND * i)
  return ground as Ground
}

/**
 * A ground with a film over it; of no thickness, the ground itself.
 * @throws RangeError when the thickness is negative or not a number.
 */
export function coated(ground: Ground, mixture: Mixture, thicknessUm: number): Ground {
  if (!(thicknessUm >= 0))
    throw new RangeError(`thicknessUm is ${thicknessUm}; allowed is 0 or more, in µm`)
  if (thicknessUm === 0) return ground
  if (thicknessUm === Infinity) return groundOf(opaqueReflectance(mixture))
  const { K, S } = mixture
  const film = new Float64Array(FILM)
  const over = new Float64Array(GROUND * BANDS)
  for (let i = 0; i < BANDS; i++) {
    writeFilm(K[i]!, S[i]!, thicknessUm / 1000, film)
    writeCoated(film, 0, ground, GROUND * i, over, GROUND * i)
  }
  return over as Ground
}

/** What an instrument would measure of a ground, specular excluded. */
export function measuredOf(ground: Ground): Spectrum {
  const seen = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) seen[i] = seenOver(ground, GROUND * i)
  return seen
}

/**
 * Reflectance of a film over an opaque paint as an instrument would measure it, `over` measured likewise. A film of
 * no thickness gives back what is under it, an endless one is opaque. A backing brighter than 0.96, the limit under
 * a paint surface, counts as 0.96. Films on films: `stackReflectance`.
 * @throws RangeError when the thickness is negative or not a number, or `over` is not 36 values 0–1.
 * @example filmReflectance(ochre, { thicknessUm: 2, over: base })
 */
export function filmReflectance(mixture: Mixture, { thicknessUm, over }: Film): Spectrum {
  checkSpectrum(over, 'over', 0, 1)
  if (thicknessUm === 0) return Float64Array.from(over)
  return measuredOf(coated(groundOf(over), mixture, thicknessUm))
}
