import { BANDS, FIRST_NM, STEP_NM } from './spectrum'
import { illuminantPower, observerBars, whitePoint } from './white'
import type { Illuminant, Observer, WhiteName, XYZ } from './white'

/** Everything that turns a reflectance into tristimulus values under one light. */
export interface Weights {
  name: WhiteName
  /** 36 weights each; Σ weight · R gives X, Y, Z with the perfect white at Y = 100. */
  x: Float64Array
  y: Float64Array
  z: Float64Array
  white: XYZ
}

/** Shares of the 10 nm bands in the reflectance at one wavelength of the 5 nm tables. */
function interpolation(wavelengthNm: number): [band: number, share: number][] {
  const position = (wavelengthNm - FIRST_NM) / STEP_NM
  if (position >= BANDS - 1) return [[BANDS - 1, 1]]
  const first = Math.max(0, Math.min(BANDS - 4, Math.floor(position) - 1))
  // Third-order Lagrange polynomial through the four nearest bands (ASTM E2022, 7.3).
  return [0, 1, 2, 3].map((i) => {
    let share = 1
    for (let j = 0; j < 4; j++) if (j !== i) share *= (position - first - j) / (i - j)
    return [first + i, share]
  })
}

function fold(illuminant: Illuminant, observer: Observer): Weights {
  const power = illuminantPower[illuminant]
  const bars = observerBars[observer]
  const white = whitePoint(illuminant, observer)
  const sumY = bars[1]!.reduce((sum, value, i) => sum + value * power[i]!, 0)
  const axes = bars.map((bar) => {
    const weights = new Float64Array(BANDS)
    bar.forEach((value, i) => {
      for (const [band, share] of interpolation(380 + 5 * i))
        weights[band]! += (100 * value * power[i]! * share) / sumY
    })
    return weights
  })
  return { name: `${illuminant}/${observer}`, x: axes[0]!, y: axes[1]!, z: axes[2]!, white }
}

const cache = new Map<WhiteName, Weights>()

/**
 * Tristimulus weights for 10 nm reflectances, folded once from the 5 nm tables.
 * The reflectance is interpolated, not the lamp, so that line lamps (F2, F11) come out right;
 * beyond 730 nm the last band is held (ASTM E308, ASTM E2022).
 * @throws RangeError for an unknown illuminant or observer.
 * @example weightsOf('A', 10).name // "A/10"
 */
export function weightsOf(illuminant: Illuminant = 'D65', observer: Observer = 2): Weights {
  const name: WhiteName = `${illuminant}/${observer}`
  let weights = cache.get(name)
  if (!weights) cache.set(name, (weights = fold(illuminant, observer)))
  return weights
}
