import {
  chain,
  cut,
  ellipsoid,
  embossed,
  joined,
  pressed,
  taper,
} from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'

/** Scales in staggered rows, each a lens that its neighbour overlaps: height above the hide, at (along, down). */
function scale(along: number, down: number): number {
  const row = Math.floor(down + 0.5)
  const u = along + (row % 2 === 0 ? 0 : 0.5)
  const [du, dv] = [u - Math.floor(u) - 0.5, down + 0.5 - row - 0.62]
  return Math.sqrt(Math.max(0, 1 - 3.2 * (du * du + 0.8 * dv * dv)))
}

/** The flank of a scaled beast with the joint of its hind leg: large plates above, small ones in the bend. */
export function flank(): Distance {
  // Cut off before the ribs, so that it is seen to go on there; the tail falls behind the leg.
  const trunk = cut(
    joined(
      0.16,
      ellipsoid(-0.35, 0.22, -0.44, 0.98, 0.5, 0.46),
      ellipsoid(-0.9, 0.14, -0.4, 0.5, 0.56, 0.48),
      chain(
        0.12,
        [0.4, 0.3, -0.4, 0.34],
        [0.74, 0.16, -0.44, 0.2],
        [0.93, -0.16, -0.42, 0.13],
        [0.98, -0.55, -0.36, 0.075],
        [0.9, -0.82, -0.3, 0.03],
      ),
    ),
    [-1, 0, 0],
    0.94,
    0.03,
  )
  const leg = joined(
    0.1,
    ellipsoid(0.34, -0.02, 0.0, 0.36, 0.44, 0.3),
    chain(0.09, [0.38, -0.24, 0.1, 0.24], [0.1, -0.56, 0.2, 0.15], [0.27, -0.84, 0.1, 0.105]),
    // The foot, on three toes.
    chain(0.06, [0.28, -0.84, 0.1, 0.1], [0.12, -0.93, 0.2, 0.1]),
    ...[-0.06, 0.06, 0.18].map((z) =>
      taper([0.12, -0.93, 0.16 + z], [-0.1, -0.975, 0.2 + 1.4 * z], 0.07, 0.05),
    ),
  )
  const body = joined(0.12, trunk, leg)
  const folded = pressed(
    body,
    0.03,
    // Folds where thigh meets belly, and behind the knee.
    ...[0, 1, 2].map((i) =>
      chain(
        0.02,
        [-0.1 + 0.075 * i, 0.28, 0.24 - 0.05 * i, 0.012],
        [-0.15 + 0.07 * i, 0.0, 0.2, 0.014],
        [-0.05 + 0.05 * i, -0.3, 0.26, 0.01],
      ),
    ),
  )
  const relief: Distance = (x, y, z) => {
    // Small where the hide bends, large on back and thigh.
    const bend = Math.max(0, 1 - Math.hypot(x + 0.02, y + 0.22) / 0.5)
    const size = 0.165 - 0.07 * bend
    const spine = 0.02 * Math.max(0, y - 0.35)
    const within = (v: number): number => Math.max(0, Math.min(1, v))
    // Plates under the trunk, not on the leg.
    const belly =
      within((-0.1 - y - 0.35 * Math.max(0, x + 0.1)) / 0.2) *
      within((0.02 - x) / 0.12) *
      within((y + 0.52) / 0.08)
    const plates = 0.022 * Math.max(0, Math.cos((y + 0.08 * x) * 42)) ** 0.5
    const scaled =
      (0.05 - 0.022 * bend) * scale((x + 0.35 * z) / size, (y + 0.15 * x) / (0.8 * size))
    return spine + scaled + belly * (plates - scaled)
  }
  const all = embossed(folded, relief)
  return (x, y, z) => 0.62 * all(x, y, z)
}
