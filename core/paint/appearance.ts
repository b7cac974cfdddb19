import { checkSpectrum } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { inside, outside } from './surface'
import type { Finish } from './surface'

/**
 * The same paint under another surface: what was measured with one finish, seen with another.
 * Matt scatters part of the surface reflection into the eye and so looks paler and greyer.
 * @example withFinish(base, 'gloss', 'matt')[0] > base[0] // true
 */
export function withFinish(reflectance: Spectrum, from: Finish, to: Finish): Spectrum {
  checkSpectrum(reflectance, 'reflectance', 0, 1)
  return reflectance.map((seen) => outside(inside(seen, from), to))
}

/** Share of light that the unformed film of a water-borne paint adds while it is milky; from memory. */
const MILK = 0.02

/**
 * How a coat looks before it is dry: a film of water fills the roughness, so the surface is glossy,
 * darker and more vivid, and the binder is still a little milky.
 * @param dry as measured, specular excluded, dry with the given finish.
 * @example wetLook(opaqueReflectance(ochre))[0] < 1 // true
 */
export function wetLook(dry: Spectrum, finish: Finish = 'matt'): Spectrum {
  return withFinish(dry, finish, 'gloss').map((r) => r + MILK * (1 - r) * r)
}
