import { chain, cut, ellipsoid, joined, pressed, taper } from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'
import type { HeadTraits } from './headTraits'

/** Neck, collar bones and shoulders, cut off in a bow; cm, made for x ≥ 0. */
export function bust({ neck = 1, shoulders = 1, lean = 0.3 }: HeadTraits): Distance {
  const t = neck
  const w = shoulders
  const column = joined(
    1.9,
    taper([0, -4, -6], [0, -17, -6.6], 5 * t, 5.4 * t),
    // From the notch between the collar bones to behind the ear, and the windpipe.
    chain(
      1,
      [1.5, -17.9, 0.2, 0.75 + 0.25 * lean],
      [3.2 * t, -11.5, -1.5, 1.35 + 0.3 * lean],
      [5 * t, -3, -6.6, 1.3],
    ),
    chain(0.8, [0, -8.5, -1, 1.9], [0, -17.4, -1, 1.8]),
    ellipsoid(0, -12.4, 0.1 + 0.5 * lean, 1.0, 1.5, 1.1),
  )
  const trunk = joined(
    2.6,
    // The slope from the neck to the shoulder.
    chain(2, [1.2 * t, -7, -8.8, 3 * t], [5.6 * w, -16, -8.6, 3], [13 * w, -19.6, -7.4, 2.9]),
    chain(1.5, [0, -20.8, -2.6, 3.2], [8 * w, -21, -3.4, 3.1], [14 * w, -20.8, -5.6, 2.8]),
    ellipsoid(15.8 * w, -23.4, -6.2, 4.5, 6.2, 5.2),
    ellipsoid(0, -27.6, -5, 16 * w, 11.6, 8.6),
    ellipsoid(6.8 * w, -26, 0, 7.2 * w, 6.2, 4.2),
  )
  const collars = joined(
    0.9,
    joined(1.8, column, trunk),
    chain(
      0.8,
      [1.7, -18.6, 0.5, 0.62 + 0.2 * lean],
      [6 * w, -18.9, 0.6, 0.5 + 0.22 * lean],
      [11 * w, -17.9, -2.2, 0.5 + 0.22 * lean],
      [15 * w, -17.9, -5.2, 0.8],
    ),
  )
  const hollowed = pressed(
    collars,
    1.1,
    ellipsoid(0, -18.3, 1.9, 0.75, 1.2, 1),
    ellipsoid(6.4 * w, -16.9, -1.2, 2.8, 0.3 + 0.5 * lean, 0.8 + 0.5 * lean),
    taper([0, -21.5, 4.4], [0, -33, 5.2], 0.6, 0.6),
  )
  // Cut as a sculptor would: flat under the chest, the arms short.
  return cut(cut(hollowed, [0, -1, 0], 24.3, 0.9), [0.8, -0.6, 0], 26.2 * w, 0.9)
}
