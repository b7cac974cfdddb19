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
interface Features {
  edges?: Edge[]
  bands?: Band[]
  /** Absorption everywhere. */
  floorK: number
  /** Scattering at 550 nm. */
  S: number
  /** S falls with wavelength to this power; small grains more (about 1–2), large ones less. */
  falls: number
}

export interface PigmentSpec extends Omit<Paint, 'K' | 'S' | 'origin'> {
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

/**
 * Bottled paints for figures are thin: they carry less than half the coloured pigment of tube paint,
 * while their whites are loaded to cover (from memory). Features are written at tube strength.
 */
export const BOTTLE_LOAD = 0.45

/** A starter paint written as physical features; curves from memory, no measurement behind them. */
export function pigmentPaint({ features, ...paint }: PigmentSpec): Paint {
  const load = paint.pigments.some((name) => name.startsWith('PW')) ? 1 : BOTTLE_LOAD
  return {
    ...paint,
    origin: 'modelled from memory',
    K: absorption(features).map((k) => k * load),
    S: scattering(features).map((s) => s * load),
  }
}
