import { spectrumOf } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'

/** hc/k in nm·K (CODATA 2018, exact constants). */
const C2 = 1.438776877e7

/** Blackbody power by Planck's law, scaled to luminance 1 for the 2° observer. */
export function blackbody(kelvin: number): Spectrum {
  if (!(kelvin >= 1000 && kelvin <= 40000))
    throw new RangeError(`a light of ${kelvin} K; allowed is 1000 to 40000`)
  return withLuminance(spectrumOf((nm) => (nm / 560) ** -5 / Math.expm1(C2 / (nm * kelvin))))
}

/** Scales a light so that a white under it, weighed by D65, has luminance 1. */
export function withLuminance(light: Spectrum, luminance = 1): Spectrum {
  const { y } = weightsOf()
  let sum = 0
  for (let i = 0; i < light.length; i++) sum += (light[i]! * y[i]!) / 100
  return light.map((v) => (v * luminance) / sum)
}

/**
 * The light relative to the eye's adaptation, 1 = neutral; `warmth` −1 cold to 1 warm moves it by
 * 80 mired either way around 6500 K, about 4300 K to 13600 K.
 */
export function keyLight(warmth: number): Spectrum {
  const mired = 1e6 / 6500 + 80 * warmth
  const neutral = blackbody(6500)
  return withLuminance(blackbody(1e6 / mired).map((v, i) => v / neutral[i]!))
}
