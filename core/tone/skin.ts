import { BANDS } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { filmTau, throughFilm } from '../paint/kubelkaFilm'
import { infiniteReflectance } from '../paint/opaque'
import * as chromophores from './chromophores'

// Own names: these are read once a band, and a name that is imported is looked up every time.
const { baseline, oxygenatedBlood, deoxygenatedBlood } = chromophores
const { melanosome, carotenePerUm, biliverdinPerUm, reducedScattering } = chromophores

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
  /** Reduced scattering relative to typical skin; 1 when not given. A scar's dense fibres scatter more. */
  scattering?: number
  /** Share of the dermis taken by cut hair, as stubble; 0 when not given. */
  hair?: number
}

export const skinLimits = {
  melanin: [0.003, 0.45],
  blood: [0.001, 0.3],
  oxygenation: [0, 0.98],
  carotene: [0, 80],
  biliverdin: [0, 400],
  depthUm: [5, 400],
  scattering: [0.4, 2.5],
  hair: [0, 0.1],
} as const

const CAROTENE_UM = 10
export const DEPTH_UM = 60
/** Typical skin scatters half as much again as the published fit; found in our trials. */
const SCATTERING = 1.5
/** A hair shaft swallows nearly all light that meets it, whatever the wavelength, cm⁻¹; from memory. */
const HAIR_CM = 120
/**
 * Effective film constants: K and S of the epidermis in µa and µs', K/S of the dermis in µa/µs'. Fitted
 * to half of the Monte Carlo in tests/reference/skinMonteCarlo, checked on the other half.
 */
const EPIDERMIS_K = 1.28
const EPIDERMIS_S = 0.39
const DERMIS_Q = 4
/**
 * Melanin is uneven: light crosses thin and thick places (path relative to the mean, share of area).
 * The spread is set so that the dark-skin patch of the 24-patch chart comes out (0.3 ΔE00).
 */
export const PATHS = [
  [0.1, 0.25],
  [0.8, 0.5],
  [2.3, 0.25],
] as const
/** Skin surface, index 1.4: Saunderson's k1 and k2 for that index (Fresnel and its diffuse mean). */
const SKIN_K1 = 0.028
const SKIN_K2 = 0.5

/** Parameters held within their limits, for changes that may run past them. */
export function clampedSkin(skin: Skin): Skin {
  const held = { ...skin }
  for (const [name, [least, most]] of Object.entries(skinLimits)) {
    const key = name as keyof Skin
    if (held[key] !== undefined) held[key] = Math.min(most, Math.max(least, held[key]))
  }
  return held
}

/** @throws RangeError naming the parameter that is out of range. */
export function checkSkin(skin: Skin): void {
  for (const [name, [least, most]] of Object.entries(skinLimits)) {
    const value = skin[name as keyof Skin]
    if (value === undefined) continue
    if (!(value >= least && value <= most))
      throw new RangeError(`${name} is ${value}; allowed is ${least} to ${most}`)
  }
}

/** Absorption of the two layers at one band, cm⁻¹. */
export function layerAbsorption(skin: Skin, band: number): { epidermis: number; dermis: number } {
  const base = baseline[band]!
  const blood =
    skin.oxygenation * oxygenatedBlood[band]! + (1 - skin.oxygenation) * deoxygenatedBlood[band]!
  return {
    epidermis: skin.melanin * melanosome[band]! + (1 - skin.melanin) * base,
    dermis:
      skin.blood * blood +
      (1 - skin.blood) * base +
      (skin.carotene ?? CAROTENE_UM) * carotenePerUm[band]! +
      (skin.biliverdin ?? 0) * biliverdinPerUm[band]! +
      (skin.hair ?? 0) * HAIR_CM,
  }
}

/** Reduced scattering used for both layers at one band, cm⁻¹. */
export const skinScattering = (skin: Skin, band: number): number =>
  SCATTERING * (skin.scattering ?? 1) * reducedScattering[band]!

/** Reflectance inside of the endless dermis at one band. */
export const dermisInside = (skin: Skin, band: number): number =>
  infiniteReflectance(
    (DERMIS_Q * layerAbsorption(skin, band).dermis) / skinScattering(skin, band),
    1,
  )

/** The epidermis at one band, ready to be laid on a dermis: per path its share and film numbers. */
export function epidermisAt(
  skin: Skin,
  band: number,
): { K: number; S: number; paths: { share: number; tau: number }[] } {
  const K = EPIDERMIS_K * layerAbsorption(skin, band).epidermis
  const S = EPIDERMIS_S * skinScattering(skin, band)
  const depthCm = (skin.depthUm ?? DEPTH_UM) / 1e4
  const paths = PATHS.map(([path, share]) => ({ share, tau: filmTau(K, S, depthCm * path) }))
  return { K, S, paths }
}

/** What is seen of light that comes back inside, through the skin's surface. */
export const throughSurface = (inside: number): number =>
  ((1 - SKIN_K1) * (1 - SKIN_K2) * inside) / (1 - SKIN_K2 * inside)

/**
 * Reflectance of skin, 36 values 0–1, specular excluded: an epidermis film with melanin over an
 * endless dermis with blood, by Kubelka–Munk with effective constants (docs/optics.md).
 * Expect ±3 ΔE00 against real skin.
 * @throws RangeError naming the parameter that is out of range.
 * @example labOf(skinReflectance({ melanin: 0.02, blood: 0.02, oxygenation: 0.75 })).L // about 62
 */
export function skinReflectance(skin: Skin): Spectrum {
  checkSkin(skin)
  const reflectance = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const dermis = dermisInside(skin, i)
    const { K, S, paths } = epidermisAt(skin, i)
    let inside = 0
    for (const { share, tau } of paths) inside += share * throughFilm(tau, K, S, dermis)
    reflectance[i] = throughSurface(inside)
  }
  return reflectance
}
