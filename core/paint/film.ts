import type { Mixture } from './mixture'
import { checkSpectrum } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { infiniteReflectance } from './opaque'
import { inside, outside } from './surface'

/** A dry coat: its thickness in µm (Infinity allowed) and the measured reflectance under it. */
export interface Film {
  thicknessUm: number
  over: Spectrum
}

/**
 * What a film of thickness X does, apart from its backing: τ = tanh(αX)/α with α = √(K(K + 2S)); X for
 * α → 0, 1/α for X → ∞.
 */
export function filmTau(K: number, S: number, thicknessMm: number): number {
  const alpha = Math.sqrt(K * (K + 2 * S))
  const depth = alpha * thicknessMm
  return depth < 1e-8 ? thicknessMm : Math.tanh(depth) / alpha
}

/** Reflectance inside a film with its τ over a backing, all below the surface. */
export const throughFilm = (tau: number, K: number, S: number, backing: number): number =>
  (backing + tau * (S - backing * (K + S))) / (1 + tau * (K + S - backing * S))

/**
 * Reflectance inside a film of thickness X over a backing Rg, all seen below the surface.
 * Kubelka 1948, eq. for R with a backing, divided through so that only τ remains: no overflow for
 * thick or strong films. An endless film is opaque, whatever lies under it, unless it is clear: then
 * its backing shows.
 * @param thicknessMm mm, so that K and S in mm⁻¹ make pure numbers.
 */
export function filmInside(K: number, S: number, thicknessMm: number, backing: number): number {
  if (thicknessMm === Infinity) return K > 0 || S > 0 ? infiniteReflectance(K, S) : backing
  return throughFilm(filmTau(K, S, thicknessMm), K, S, backing)
}

/**
 * Reflectance of a film as an instrument would measure it, `over` measured likewise, so that films
 * stack by calling again. A film of no thickness gives back what is under it. A backing brighter
 * than 0.96, the limit under a paint surface, counts as 0.96.
 * @throws RangeError when the thickness is negative or not a number, or `over` is not 36 values 0–1.
 * @example filmReflectance(ochre, { thicknessUm: 2, over: base })
 */
export function filmReflectance(mixture: Mixture, film: Film): Spectrum {
  const { thicknessUm, over } = film
  if (!(thicknessUm >= 0))
    throw new RangeError(`thicknessUm is ${thicknessUm}; allowed is 0 or more, in µm`)
  checkSpectrum(over, 'over', 0, 1)
  if (thicknessUm === 0) return Float64Array.from(over)
  const { K, S } = mixture
  const thicknessMm = thicknessUm / 1000
  return over.map((seen, i) => outside(filmInside(K[i]!, S[i]!, thicknessMm, inside(seen))))
}
