import type { Lab } from '../colour/lab'
import { pickedNoise } from '../paint/calibration/noise'
import type { ColourSource } from '../paint/calibration/noise'

/** How a mix was read: by a reader, by one that only stands in for it, as a colour from somewhere, or by eye. */
export const waysToRead = [
  'reader',
  'stand-in',
  'value',
  'photograph',
  'photograph without grey',
  'eye',
] as const
export type ReadBy = (typeof waysToRead)[number]

/** Standard deviation in L*, a* and b* of what an eye says beside a screen, where it was not measured (from memory). */
const BY_EYE = 2.5

interface Read {
  readBy?: ReadBy
  real?: Lab
  reflectance?: readonly number[]
}

/**
 * How an entry of the log was read, where it was read at all. Before that was written down, spectra came from the
 * stand-in and colours from anywhere.
 * @example readByOf({ real: { L: 50, a: 0, b: 0 } }) // "photograph without grey"
 */
export function readByOf({ readBy, reflectance, real }: Read): ReadBy | undefined {
  if (reflectance) return readBy ?? 'stand-in'
  return real && (readBy ?? 'photograph without grey')
}

/**
 * Standard deviation of a colour in each of L*, a* and b*, by how it was read.
 * @param eye what the painter's eye was measured to see, ΔE00.
 * @example errorOf('photograph') // 1.2
 */
export function errorOf(readBy: ReadBy, eye = BY_EYE): number {
  if (readBy === 'eye') return Math.max(1, eye)
  return pickedNoise[readBy in pickedNoise ? (readBy as ColourSource) : 'value']
}
