import { smoothestReflectance } from '../colour/smoothest'
import { BANDS } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import { infiniteReflectance } from '../paint/opaque'
import {
  biliverdinPerUm,
  carotenePerUm,
  oxygenatedBlood,
  deoxygenatedBlood,
  reducedScattering,
} from './chromophores'

/** The hide of a creature, or the dead: a base colour (Lab, D65, 2°) and what runs under it. */
export interface Hide {
  lab: { L: number; a: number; b: number }
  /** Blood under the hide, 0–1; 0 when not given. */
  blood?: number
  /** Hue angle of the blood's colour, degrees; red haemoglobin when not given. */
  bloodHue?: number
  /** Share of the blood that has lost its oxygen, 0–1; only for haemoglobin. */
  stale?: number
  /** Bile: a yellow-green cast, 0–1. */
  bile?: number
  /** Pallor: how far pigment gives way to scattering, 0–1. */
  pallor?: number
  /** How much lighter the belly and darker the back is than the base, L*. */
  belly?: number
  back?: number
}

export const hideLimits = {
  blood: [0, 1],
  bloodHue: [0, 360],
  stale: [0, 1],
  bile: [0, 1],
  pallor: [0, 1],
  belly: [0, 40],
  back: [0, 40],
} as const

/** A full measure of blood, as the share of a dermis; of bile: green biliverdin and a yellow part, µM. */
const FULL_BLOOD = 0.14
const FULL_BILE_UM = 120
const FULL_YELLOW_UM = 30
const PALLOR = 0.75

const ratio = (r: number): number => (1 - r) ** 2 / (2 * r)

/** K/S that a full measure of blood of a given hue adds: a strong stain of that hue over white. */
function stain(hue: number): Float64Array {
  const angle = (hue * Math.PI) / 180
  const C = 38
  return smoothestReflectance({
    L: 58,
    a: C * Math.cos(angle),
    b: C * Math.sin(angle),
    white: 'D65/2',
  }).map(ratio)
}

function bloodRatio(hide: Hide): (band: number) => number {
  if (hide.bloodHue !== undefined) {
    const stained = stain(hide.bloodHue)
    return (band) => stained[band]!
  }
  const stale = hide.stale ?? 0
  return (band) =>
    (3.5 * FULL_BLOOD * (stale * deoxygenatedBlood[band]! + (1 - stale) * oxygenatedBlood[band]!)) /
    (1.5 * reducedScattering[band]!)
}

/** @throws RangeError naming the field that is out of range. */
function check(hide: Hide): void {
  for (const [name, [least, most]] of Object.entries(hideLimits)) {
    const value = hide[name as keyof typeof hideLimits]
    if (value !== undefined && !(value >= least && value <= most))
      throw new RangeError(`${name} is ${value}; allowed is ${least} to ${most}`)
  }
}

/**
 * Reflectance of a hide, 36 values 0–1: the smoothest curve of its base colour is taken as an opaque
 * scatterer with that K/S; blood and bile add absorption, pallor takes the pigment back.
 * @throws RangeError when no surface has the base colour or a field is out of range.
 * @example labOf(hideReflectance({ lab: { L: 40, a: -10, b: 20 } })).L // 40
 */
export function hideReflectance(hide: Hide): Spectrum {
  check(hide)
  const base = smoothestReflectance({ ...hide.lab, white: 'D65/2' })
  const { blood = 0, bile = 0, pallor = 0 } = hide
  if (blood === 0 && bile === 0 && pallor === 0) return base
  const bloodAt = bloodRatio(hide)
  const result = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const own = ratio(Math.max(1e-4, base[i]!)) * (1 - PALLOR * pallor)
    const biled = FULL_BILE_UM * biliverdinPerUm[i]! + FULL_YELLOW_UM * carotenePerUm[i]!
    result[i] = infiniteReflectance(
      own + blood * bloodAt(i) + (3.5 * bile * biled) / (1.5 * reducedScattering[i]!),
      1,
    )
  }
  return result
}

/** The same hide with its base colour lighter or darker by some L*, chroma held in proportion. */
export function shifted(hide: Hide, by: number): Hide {
  const L = Math.min(97, Math.max(6, hide.lab.L + by))
  const keep = by < 0 ? L / Math.max(1, hide.lab.L) : (100 - L) / Math.max(1, 100 - hide.lab.L)
  const chroma = Math.min(1, Math.sqrt(Math.max(0, keep)))
  return { ...hide, lab: { L, a: hide.lab.a * chroma, b: hide.lab.b * chroma } }
}
