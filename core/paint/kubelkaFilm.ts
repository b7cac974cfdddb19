import { infiniteReflectance } from './opaque'

/**
 * What a film of thickness X does between two diffuse fluxes, apart from its backing: τ = tanh(αX)/α with
 * α = √(K(K + 2S)); X for α → 0, 1/α for X → ∞.
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
 * its backing shows. Right for light that is diffuse throughout; what lies under a paint surface is
 * not, so coats of paint are computed by `fourFluxes`.
 * @param thicknessMm mm, so that K and S in mm⁻¹ make pure numbers.
 */
export function filmInside(K: number, S: number, thicknessMm: number, backing: number): number {
  if (thicknessMm === Infinity) return K > 0 || S > 0 ? infiniteReflectance(K, S) : backing
  return throughFilm(filmTau(K, S, thicknessMm), K, S, backing)
}
