import { labOf, slopeOfLab } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import { readingNoise } from '../../paint/calibration/noise'
import type { BottleDrops } from '../../puddle/parts'

/** What was seen of a mix: its spectrum, or its colour, each of L*, a* and b* so far off as a standard deviation. */
type Seen = { reflectance: Spectrum } | { lab: Lab; within: number }
/** A mix that was painted, and what was seen of it. Paints by id. */
export type MixReading = { parts: readonly BottleDrops[] } & Seen

/** So many times what the reader repeats by, a reading may be off when drops are even: the model is not all. */
const MISFIT = 2
/** The same of a colour, in each of L*, a* and b*, where it was seen without any error. */
export const MISFIT_LAB = 0.4

/** @example labOfReading({ parts, lab, within: 2 }) // lab */
export const labOfReading = (reading: MixReading): Lab =>
  'lab' in reading ? reading.lab : labOf(reading.reflectance)

/** What a reading and a predicted reflectance are compared in: bands or L*, a*, b*, each in its standard deviations. */
interface Whitened {
  /** Read less predicted. */
  off: Float64Array
  /** A small change of the predicted reflectance, as those compare. */
  white: (change: Float64Array) => Float64Array
}

/** A reading beside the reflectance that is predicted of it. */
export function whitened(reading: MixReading, R: Spectrum): Whitened {
  if ('reflectance' in reading) {
    const weigh = reading.reflectance.map((r) => 1 / (MISFIT * readingNoise(r)))
    const white = (v: Float64Array): Float64Array => v.map((value, i) => value * weigh[i]!)
    return { off: white(R.map((r, i) => reading.reflectance[i]! - r)), white }
  }
  const sigma = Math.hypot(reading.within, MISFIT_LAB)
  const inSigmas = ({ L, a, b }: Lab): Float64Array =>
    Float64Array.of(L, a, b).map((v) => v / sigma)
  const here = labOf(R)
  const slope = slopeOfLab(R)
  const { L, a, b } = reading.lab
  return {
    off: inSigmas({ L: L - here.L, a: a - here.a, b: b - here.b }),
    white: (change) => inSigmas(slope(change)),
  }
}
