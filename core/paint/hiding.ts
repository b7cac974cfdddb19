import type { Mixture } from './mixture'
import { bisect } from '../numbers/bisect'
import { xyzOf } from '../colour/lab'
import { flatSpectrum } from '../colour/spectrum'
import { filmReflectance } from './film'
import type { OpacityClass } from './paint'

/** A film hides when its contrast ratio reaches this (ISO 6504-3, ASTM D2805). */
export const HIDDEN = 0.98

const BLACK = flatSpectrum(0)
/** The white of a hiding chart, Y = 80 (ASTM D2805). */
const CHART_WHITE = flatSpectrum(0.8)

/**
 * Luminance over black divided by luminance over chart white, 0–1 (ASTM D2805, C₀.₈₀).
 * @example contrastRatio(ochre, 1000) // 1
 */
export function contrastRatio(mixture: Mixture, thicknessUm: number): number {
  const [, dark] = xyzOf(filmReflectance(mixture, { thicknessUm, over: BLACK }))
  const [, light] = xyzOf(filmReflectance(mixture, { thicknessUm, over: CHART_WHITE }))
  // Both as good as black: nothing of the ground can be told apart.
  return light > 1e-9 ? dark / light : 1
}

/**
 * How many coats until the contrast ratio is reached; Infinity beyond `most`.
 * @param coatUm dry thickness of one coat, µm.
 * @example coatsToHide(ochre, 10)
 */
export function coatsToHide(
  mixture: Mixture,
  coatUm: number,
  wanted: number = HIDDEN,
  most = 200,
): number {
  if (!(coatUm > 0)) throw new RangeError(`coatUm is ${coatUm}; a coat has some thickness, in µm`)
  if (contrastRatio(mixture, coatUm * most) < wanted) return Infinity
  const hides = (coats: number): boolean => contrastRatio(mixture, coatUm * coats) >= wanted
  return bisect(0, most, hides, Math.ceil(Math.log2(most)), (low, high) => (low + high + 1) >> 1)
    .high
}

/**
 * Least contrast ratio of a 10 µm coat for each class; common practice, no source.
 * @example opacityOf(oxide) // "opaque"
 */
export function opacityOf(mixture: Mixture): OpacityClass {
  const hides = contrastRatio(mixture, 10)
  return hides > 0.45
    ? 'opaque'
    : hides > 0.2
      ? 'semi-opaque'
      : hides > 0.1
        ? 'semi-transparent'
        : 'transparent'
}
