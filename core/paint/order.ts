import type { Mixture } from './mixture'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { mixPaints } from './mix'
import { opaqueReflectance } from './opaque'
import type { Paint } from './paint'

/** Families a painter looks for a bottle under. */
export const hueFamilies = [
  'white and grey',
  'red',
  'orange and brown',
  'yellow',
  'green',
  'blue',
  'violet',
  'black',
] as const
export type HueFamily = (typeof hueFamilies)[number]

/** A half tint tells the hue of paints too dark to see: one part in four of white. */
const tinted = (paint: Mixture, white: Mixture): Lab =>
  labOf(
    opaqueReflectance(
      mixPaints([
        { paint, drops: 1 },
        { paint: white, drops: 3 },
      ]),
    ),
  )

/** The family of a paint, by the hue and chroma of its masstone and of a tint with white. */
export function familyOf(paint: Mixture, white: Mixture): HueFamily {
  const mass = labOf(opaqueReflectance(paint))
  const tint = tinted(paint, white)
  if (chromaOf(mass) < 9 && chromaOf(tint) < 7) return mass.L < 30 ? 'black' : 'white and grey'
  if (chromaOf(mass) < 14 && mass.L > 80) return 'white and grey'
  const hue = hueOf(chromaOf(mass) > 20 ? mass : tint)
  if (hue < 40 || hue >= 345) return 'red'
  if (hue < 72) return 'orange and brown'
  if (hue < 105) return 'yellow'
  if (hue < 200) return 'green'
  if (hue < 290) return 'blue'
  return 'violet'
}

/**
 * Paints as they lie on a palette, with their families: by family, within it from light to dark.
 * @example paletteOrder([ochre, umber], white)[0].family
 */
export function paletteOrder(
  paints: readonly Paint[],
  white: Mixture,
): { paint: Paint; family: HueFamily; L: number }[] {
  return paints
    .map((paint) => ({
      paint,
      family: familyOf(paint, white),
      L: labOf(opaqueReflectance(paint)).L,
    }))
    .sort(
      (one, other) =>
        hueFamilies.indexOf(one.family) - hueFamilies.indexOf(other.family) || other.L - one.L,
    )
}
