/** One slab over an endless medium, both scattering isotropically, lengths in cm. */
export interface Layers {
  depthCm: number
  scattering: number
  epidermis: number
  dermis: number
}

const INDEX = 1.4
/** Share reflected where skin of index 1.4 meets air, at normal incidence. */
const ENTERING = ((INDEX - 1) / (INDEX + 1)) ** 2

/** Fresnel's reflectance of unpolarised light from inside, by the cosine to the normal. */
function fresnel(cos: number): number {
  const sinOut = INDEX * Math.sqrt(1 - cos * cos)
  if (sinOut >= 1) return 1
  const cosOut = Math.sqrt(1 - sinOut * sinOut)
  const s = (INDEX * cos - cosOut) / (INDEX * cos + cosOut)
  const p = (INDEX * cosOut - cos) / (INDEX * cosOut + cos)
  return (s * s + p * p) / 2
}

/**
 * Diffuse reflectance by following photons (albedo weights, Russian roulette below 0.01; the method of
 * Wang, Jacques & Zheng 1995, doi:10.1016/0169-2607(95)01640-F, with isotropic scattering of µs').
 */
export function diffuseReflectance(
  { depthCm, scattering, epidermis, dermis }: Layers,
  photons: number,
  random: () => number,
): number {
  let out = 0
  for (let n = 0; n < photons; n++) {
    let weight = 1
    let z = 0
    let cos = 1
    for (;;) {
      const above = z < depthCm || (z === depthCm && cos < 0)
      const absorbing = above ? epidermis : dermis
      const step = -Math.log(1 - random()) / (scattering + absorbing)
      const next = z + step * cos
      const wall = above ? (cos > 0 ? depthCm : 0) : cos < 0 ? depthCm : Infinity
      if (cos > 0 ? next >= wall : next <= wall) {
        z = wall
        if (wall !== 0) continue
        const back = fresnel(-cos)
        out += weight * (1 - back)
        weight *= back
        cos = -cos
      } else {
        z = next
        weight *= scattering / (scattering + absorbing)
        cos = 2 * random() - 1
      }
      if (weight < 0.01) {
        if (random() > 0.1) break
        weight *= 10
      }
    }
  }
  return ((1 - ENTERING) * out) / photons
}
