import * as observers from './data/observers'
import * as powers from './data/illuminants'

export type Illuminant = 'A' | 'D50' | 'D65' | 'F2' | 'F11'
export type Observer = 2 | 10
/** Names a white point, so that colours seen under different lights are never compared. */
export type WhiteName = `${Illuminant}/${Observer}`
/** Tristimulus values, white Y = 100. */
export type XYZ = [X: number, Y: number, Z: number]

export const illuminantPower: Record<Illuminant, readonly number[]> = {
  A: powers.powerA,
  D50: powers.powerD50,
  D65: powers.powerD65,
  F2: powers.powerF2,
  F11: powers.powerF11,
}

/** Every light there is, in the order of its table. */
export const illuminants = Object.keys(illuminantPower) as readonly Illuminant[]

export const observerBars: Record<Observer, readonly (readonly number[])[]> = {
  2: [observers.xBar2, observers.yBar2, observers.zBar2],
  10: [observers.xBar10, observers.yBar10, observers.zBar10],
}

/**
 * White point by summing the 5 nm tables, Y = 100 (CIE 15, 7.1).
 * @throws RangeError for an illuminant or observer that has no table.
 * @example whitePoint('D65', 2)[1] // 100
 */
export function whitePoint(illuminant: Illuminant = 'D65', observer: Observer = 2): XYZ {
  const power = illuminantPower[illuminant]
  const bars = observerBars[observer]
  if (!power)
    throw new RangeError(`illuminant ${String(illuminant)} is unknown; ${illuminants.join(', ')}`)
  if (!bars) throw new RangeError(`observer ${String(observer)} is unknown; 2 or 10 degrees`)
  const sums = bars.map((bar) => bar.reduce((sum, value, i) => sum + value * power[i]!, 0))
  return [(100 * sums[0]!) / sums[1]!, 100, (100 * sums[2]!) / sums[1]!]
}
