import { chain, ellipsoid, joined, pressed } from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'
import type { EarTraits } from './headTraits'

/** The ear's own axes: up along it, back and out from the head, and what faces out. */
const TILT = 0.24
const FLARE = 0.5
const UP = [0, Math.cos(TILT), -Math.sin(TILT)] as const
const BACK = [
  Math.sin(FLARE),
  -Math.cos(FLARE) * Math.sin(TILT),
  -Math.cos(FLARE) * Math.cos(TILT),
] as const
const OUT = [
  UP[1] * BACK[2] - UP[2] * BACK[1],
  UP[2] * BACK[0] - UP[0] * BACK[2],
  UP[0] * BACK[1] - UP[1] * BACK[0],
].map((v) => -v) as [number, number, number]
/** The middle of its hole. */
const ROOT = [7.15, 0.55, -3.5] as const

/** From the root of an ear to its end, each with how far round it the ear reaches, cm. */
export const earLine = ({
  size = 1,
  drawn = 0,
  way = [0.6, 0.55, -0.6],
}: EarTraits): [number, number, number, number][] =>
  drawn === 0
    ? [
        [7.6, -1.7 * size + 0.5, -3.6, 1.6 * size],
        [8.3, 2.4 * size + 0.5, -5.2, 2.3 * size],
      ]
    : [0, 0.5, 1].map((t) => [
        ROOT[0] + t * drawn * way[0] + 0.6,
        ROOT[1] + t * drawn * way[1] + 0.6 * size,
        ROOT[2] + t * drawn * way[2],
        (2.6 - 1.6 * t) * size,
      ])

/** A plane figure of the ear: up 6.3 cm by back 3.5, from its hole. */
function shell(): Distance {
  // u up, v back, w out.
  const cup = ellipsoid(0.55, 0.95, 0.05, 2.75, 1.75, 0.4)
  const lobe = ellipsoid(-2.35, 0.25, 0.15, 0.85, 0.75, 0.34)
  const plate = joined(0.35, cup, lobe, ellipsoid(0.2, 0.6, -0.55, 1.7, 1.2, 0.75))
  const bowl = pressed(
    plate,
    0.25,
    ellipsoid(-0.35, 0.55, 0.42, 1.05, 0.85, 0.5),
    chain(0.1, [2.15, 0.5, 0.5, 0.26], [2.0, 1.5, 0.52, 0.26], [0.9, 2.05, 0.52, 0.22]),
    ellipsoid(1.75, 0.55, 0.45, 0.55, 0.42, 0.26),
  )
  const rim = chain(
    0.12,
    [0.1, -0.15, 0.15, 0.2],
    [0.85, -0.5, 0.2, 0.27],
    [1.9, -0.45, 0.24, 0.28],
    [2.85, 0.15, 0.28, 0.3],
    [3.15, 1.05, 0.32, 0.31],
    [2.75, 1.95, 0.36, 0.3],
    [1.8, 2.5, 0.4, 0.28],
    [0.6, 2.55, 0.38, 0.25],
    [-0.6, 2.1, 0.3, 0.23],
    [-1.6, 1.3, 0.24, 0.25],
  )
  const inner = chain(
    0.15,
    [2.3, 0.75, 0.3, 0.2],
    [1.35, 1.35, 0.36, 0.3],
    [0.3, 1.6, 0.36, 0.3],
    [-0.75, 1.3, 0.32, 0.26],
    [-1.25, 0.75, 0.3, 0.22],
  )
  const flap = ellipsoid(-0.45, -0.35, 0.28, 0.55, 0.3, 0.32)
  return joined(0.2, bowl, rim, joined(0.1, inner, flap))
}

/** The left ear, upright between brow and base of the nose; cm, as the face has them. */
export function ear({ size = 1, drawn = 0, way = [0.6, 0.55, -0.6], none }: EarTraits): Distance {
  if (none) return () => 1e3
  const plain = shell()
  const placed: Distance = (x, y, z) => {
    const [p, q, r] = [(x - ROOT[0]) / size, (y - ROOT[1]) / size, (z - ROOT[2]) / size]
    return (
      size *
      plain(
        p * UP[0] + q * UP[1] + r * UP[2],
        p * BACK[0] + q * BACK[1] + r * BACK[2],
        p * OUT[0] + q * OUT[1] + r * OUT[2],
      )
    )
  }
  if (drawn === 0) return placed
  const to = (t: number, up = 0): [number, number, number] => [
    ROOT[0] + t * drawn * way[0] + 0.3,
    ROOT[1] + t * drawn * way[1] + 0.6 * size + up,
    ROOT[2] + t * drawn * way[2] - 0.6,
  ]
  const blade = chain(
    1,
    [...to(0), 1.9 * size],
    [...to(0.45, 0.2), 1.5 * size],
    [...to(0.8, 0.1), 0.7 * size],
    [...to(1), 0.15],
  )
  const flat: Distance = (x, y, z) => blade(x, y, z)
  const hollow = chain(
    0.6,
    [to(0)[0] + 0.4, to(0)[1], to(0)[2] + 1.6, 1.2 * size],
    [to(0.5)[0] + 0.2, to(0.5)[1], to(0.5)[2] + 1.3, 0.95 * size],
    [to(0.85)[0], to(0.85)[1], to(0.85)[2] + 0.6, 0.4 * size],
  )
  return pressed(flat, 0.4, hollow)
}
