import { BANDS } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { filmInside } from '../paint/film'
import { infiniteReflectance } from '../paint/opaque'
import * as chromophores from './chromophores'

/** What a patch of living skin is made of. */
export interface Skin {
  /** Melanosome share of the epidermis, 0.003–0.45. */
  melanin: number
  /** Blood share of the dermis, 0.001–0.1 (up to 0.3 where it pools). */
  blood: number
  /** Share of the blood that carries oxygen, 0–0.98. */
  oxygenation: number
  /** Carotene equivalent in the dermis, µM; 10 when not given. */
  carotene?: number
  /** Biliverdin in the dermis, µM, as in an old bruise; 0 when not given. */
  biliverdin?: number
  /** Depth of the epidermis, µm; 60 when not given. */
  depthUm?: number
}

export const skinLimits = {
  melanin: [0.003, 0.45],
  blood: [0.001, 0.3],
  oxygenation: [0, 0.98],
  carotene: [0, 80],
  biliverdin: [0, 400],
  depthUm: [5, 400],
} as const

const CAROTENE_UM = 10
const DEPTH_UM = 60
/** Typical skin scatters half as much again as the published fit; found in our trials. */
const SCATTERING = 1.5
/** Effective film constants, fitted to a Monte Carlo of the same layers (mean 1.3, most 2.8 ΔE00). */
const EPIDERMIS_K = 1.3
const EPIDERMIS_S = 0.2
const DERMIS_Q = 3.5
/**
 * Melanin is uneven: light crosses thin and thick places (path relative to the mean, share of area).
 * The spread is set so that the dark-skin patch of the 24-patch chart comes out (0.3 ΔE00).
 */
const PATHS = [
  [0.1, 0.25],
  [0.8, 0.5],
  [2.3, 0.25],
] as const
/** Skin surface, index 1.4: Saunderson's k1 and k2 for that index (Fresnel and its diffuse mean). */
const SKIN_K1 = 0.028
const SKIN_K2 = 0.5

function check(skin: Skin): void {
  for (const [name, [least, most]] of Object.entries(skinLimits)) {
    const value = skin[name as keyof Skin]
    if (value === undefined) continue
    if (!(value >= least && value <= most))
      throw new RangeError(`${name} is ${value}; allowed is ${least} to ${most}`)
  }
}

/** Absorption of the two layers at one band, cm⁻¹. */
export function layerAbsorption(skin: Skin, band: number): { epidermis: number; dermis: number } {
  const base = chromophores.baseline[band]!
  const blood =
    skin.oxygenation * chromophores.oxygenatedBlood[band]! +
    (1 - skin.oxygenation) * chromophores.deoxygenatedBlood[band]!
  return {
    epidermis: skin.melanin * chromophores.melanosome[band]! + (1 - skin.melanin) * base,
    dermis:
      skin.blood * blood +
      (1 - skin.blood) * base +
      (skin.carotene ?? CAROTENE_UM) * chromophores.carotenePerUm[band]! +
      (skin.biliverdin ?? 0) * chromophores.biliverdinPerUm[band]!,
  }
}

/** Reduced scattering used for both layers at one band, cm⁻¹. */
export const skinScattering = (band: number): number =>
  SCATTERING * chromophores.reducedScattering[band]!

/**
 * Reflectance of skin, 36 values 0–1, specular excluded: an epidermis film with melanin over an
 * endless dermis with blood, by Kubelka–Munk with effective constants (docs/optics.md).
 * Expect ±3 ΔE00 against real skin.
 * @throws RangeError naming the parameter that is out of range.
 * @example labOf(skinReflectance({ melanin: 0.02, blood: 0.02, oxygenation: 0.75 })).L // about 65
 */
export function skinReflectance(skin: Skin): Spectrum {
  check(skin)
  const depthCm = (skin.depthUm ?? DEPTH_UM) / 1e4
  const reflectance = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const absorbed = layerAbsorption(skin, i)
    const scattered = skinScattering(i)
    const dermis = infiniteReflectance((DERMIS_Q * absorbed.dermis) / scattered, 1)
    let inside = 0
    for (const [path, share] of PATHS)
      inside +=
        share *
        filmInside(
          EPIDERMIS_K * absorbed.epidermis,
          EPIDERMIS_S * scattered,
          depthCm * path,
          dermis,
        )
    reflectance[i] = ((1 - SKIN_K1) * (1 - SKIN_K2) * inside) / (1 - SKIN_K2 * inside)
  }
  return reflectance
}
