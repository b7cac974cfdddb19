import type { Mixture } from './mixture'
import { opacityOf } from './hiding'
import { hobbyLoad } from './strengthKinds'
import { spectrumOf } from '../colour/spectrum'
import type { Spectrum } from '../colour/spectrum'
import type { Paint } from './paint'

/** A step in absorption: full below `nm`, gone above it, over about `width` nm. */
interface Edge {
  nm: number
  width: number
  K: number
}

/** An absorption band, a Gaussian of standard deviation `width` nm and height K. */
interface Band {
  nm: number
  width: number
  K: number
}

/** The physical features a pigment's curves are made of. K and S in mm⁻¹. */
export interface Features {
  edges?: Edge[]
  bands?: Band[]
  /** Absorption everywhere. */
  floorK: number
  /** Scattering at 550 nm. */
  S: number
  /** S falls with wavelength to this power; small grains more (about 1–2), large ones less. */
  falls: number
}

export interface PigmentSpec extends Omit<Paint, 'K' | 'S' | 'origin' | 'opacity'> {
  features: Features
}

function absorption({ edges = [], bands = [], floorK }: Features): Spectrum {
  return spectrumOf((nm) => {
    let k = floorK
    for (const edge of edges) k += edge.K / (1 + Math.exp((nm - edge.nm) / (edge.width / 4)))
    for (const band of bands) k += band.K * Math.exp(-(((nm - band.nm) / band.width) ** 2) / 2)
    return k
  })
}

const scattering = ({ S, falls }: Features): Spectrum =>
  spectrumOf((nm) => S * (nm / 550) ** -falls)

/** Features by the paint they were written for. */
const written = new Map<string, Features>()

/**
 * The features a starter paint is made of, at tube strength; nothing for one that is mixed.
 * @example featuresOf('ultramarine')
 */
export const featuresOf = (id: string): Features | undefined => written.get(id)

/**
 * Curves of features, at tube strength.
 * @example curvesOf(featuresOf('ultramarine')).K.length // 36
 */
export const curvesOf = (features: Features): Mixture => ({
  K: absorption(features),
  S: scattering(features),
})

/**
 * A starter paint written as physical features, filled as a hobby bottle; curves from memory, no measurement behind
 * them. How opaque it is follows from them.
 */
export function pigmentPaint({ features, ...paint }: PigmentSpec): Paint {
  written.set(paint.id, features)
  const load = hobbyLoad(paint.pigments)
  const { K, S } = curvesOf(features)
  const bottled = { K: K.map((k) => k * load), S: S.map((s) => s * load) }
  return { ...paint, ...bottled, origin: 'modelled from memory', opacity: opacityOf(bottled) }
}
