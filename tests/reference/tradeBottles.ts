import {
  coatThicknessUm,
  deltaE00,
  filmReflectance,
  hueOf,
  labOf,
  mixPaints,
  opaqueReflectance,
  skinReflectance,
  starterPaints,
} from '../../core'
import type { Lab, Mixture, Spectrum } from '../../core'

/** What the facts of the trade are tried with. */

type Drops = Record<string, number>
export const mix = (drops: Drops): Mixture =>
  mixPaints(
    Object.entries(drops).map(([id, n]) => ({
      paint: starterPaints.find((p) => p.id === id)!,
      drops: n,
    })),
  )
export const lab = (drops: Drops): Lab => labOf(opaqueReflectance(mix(drops)))
export const hueApart = (one: Lab, other: Lab): number =>
  Math.abs(((hueOf(one) - hueOf(other) + 540) % 360) - 180)
export const falls = (values: number[]): boolean =>
  values.every((v, i) => i === 0 || v < values[i - 1]!)
export const rises = (values: number[]): boolean => falls(values.map((v) => -v))
/** A glaze: parts of thinner to one of paint, wicked off the brush, over what is there. */
export const glazed = (paint: Mixture, parts: number, over: Spectrum, passes = 1): Spectrum =>
  passes === 0
    ? over
    : glazed(
        paint,
        parts,
        filmReflectance(paint, { thicknessUm: coatThicknessUm(parts, true), over }),
        passes - 1,
      )
export const shift = (before: Spectrum, after: Spectrum): number =>
  deltaE00(labOf(before), labOf(after))

export const paleSkin = skinReflectance({ melanin: 0.006, blood: 0.012, oxygenation: 0.75 })
export const darkSkin = skinReflectance({ melanin: 0.3, blood: 0.02, oxygenation: 0.75 })
