import type { HeadTraits } from './headTraits'
import { chain, cut, ellipsoid, joined, pressed, taper } from './distance'
import type { Distance } from './distance'

/** Neck, collarbones and shoulders, cut off under the chest; made for x ≥ 0. */
export function bust({ gaunt, age, jaw, tusked }: HeadTraits): Distance {
  const thick = 1 + 0.25 * tusked - 0.16 * gaunt
  const neck = joined(
    0.05,
    taper([0, -0.3, -0.07], [0, 0.2, -0.07], 0.165 * thick, 0.15 * thick),
    // From the notch between the collarbones to behind the ear, and the windpipe.
    chain(
      0.02,
      [0.035, -0.285, 0.115, 0.024],
      [0.11, -0.06, 0.055, 0.036],
      [0.215, 0.2, -0.09, 0.04],
    ),
    ellipsoid(0, -0.05, 0.098, 0.034, 0.055 + 0.01 * jaw, 0.042),
    ...(age > 0.5 ? [taper([0.03, 0.03, 0.2], [0.03, -0.2, 0.11], 0.012, 0.012)] : []),
  )
  const trunk = joined(
    0.1,
    chain(0.06, [0.07, -0.02, -0.15, 0.1], [0.3, -0.27, -0.14, 0.11], [0.56, -0.38, -0.12, 0.12]),
    ellipsoid(0.6 + 0.04 * tusked, -0.5, -0.06, 0.2 * thick, 0.24, 0.21),
    ellipsoid(0, -0.68, -0.03, 0.56, 0.38, 0.265),
    ellipsoid(0.24, -0.66, 0.13, 0.25, 0.2, 0.14),
    // What fills the chest up to the collarbones.
    ellipsoid(0.22, -0.4, 0.03, 0.36, 0.16, 0.13),
    ellipsoid(0, -0.42, 0.03, 0.3, 0.16, 0.13),
  )
  const collars = joined(
    0.035,
    joined(0.07, neck, trunk),
    chain(
      0.03,
      [0.04, -0.318, 0.135, 0.03],
      [0.19, -0.322, 0.142, 0.022],
      [0.37, -0.285, 0.075, 0.022],
      [0.54, -0.285, -0.01, 0.03],
    ),
  )
  const hollows = pressed(
    collars,
    0.05,
    ellipsoid(0, -0.29, 0.185, 0.03, 0.04, 0.035),
    ellipsoid(0.22, -0.255, 0.085, 0.12, 0.025 + 0.02 * gaunt, 0.045),
    ...(gaunt > 0.6
      ? [0, 1, 2].map((i) => ellipsoid(0.2, -0.42 - 0.1 * i, 0.32 - 0.01 * i, 0.2, 0.012, 0.05))
      : []),
    taper([0, -0.52, 0.29], [0, -0.95, 0.29], 0.022, 0.022),
  )
  // Cut as a sculptor would: below the chest in a bow, the arms short.
  const below = cut(hollows, [0, -1, 0], 0.86, 0.03)
  return cut(below, [0.87, -0.5, 0], 0.93, 0.03)
}
