import { blend, chain, ellipsoid, joined, pressed } from '../../../core/ladder/form/distance'
import type { Distance } from '../../../core/ladder/form/distance'
import { bust } from './bust'
import { ear } from './ear'
import { faceOf, lipsClosed, movedFace, smoothRim } from './face/face'
import type { Face, Move, Vec } from './face/face'
import { marksOf } from './marks'
import type { HeadMarks } from '../../../core/ladder/form/headMarks'
import { RIM, UPPER_MEETS, landmarks } from './face/landmarks'
import type { EarTraits, HeadTraits } from './headTraits'

/** A form is 2 across and a head with its shoulders 40 cm high; its middle lies a little under the nose, inside. */
const UNIT = 0.05
const MIDDLE = [0, -5.4, -4.5] as const

/** How far from the rim of the face the skull is drawn to it, cm. */
const DRAWN = 4

/** The back of the head and the underside of the jaw; where the face ends, it lies on it. */
function skullOf(
  { control }: Face,
  [wide, high, deep]: readonly [number, number, number],
): Distance {
  const chin = control[landmarks.menton]!
  const ends = smoothRim(RIM.map((p) => control[p]!)).filter(([x]) => x > -2.5)
  const jaw = ends
    .filter(([x, y]) => x > -0.1 && y < -2)
    .sort((p, q) => q[1] - p[1])
    .filter((_, i) => i % 3 === 0)
  const bone = joined(
    1.1,
    ellipsoid(0, 4.6, -5, 7.6 * wide, 8.7 * high, 9.3 * deep),
    ellipsoid(0, 5.2, -0.8, 6.6 * wide, 6.6 * high, 5.5 * deep),
    ellipsoid(0, 1.6, -8.6, 5.6 * wide, 5.6, 5.3 * deep),
    ellipsoid(0, -0.8, -4.6, 6.6 * wide, 5, 5.4),
    ellipsoid(0, 0, -2, 6.4 * wide, 6.4, 4.4),
    // Between the jaws, and their edge.
    ellipsoid(0, chin[1] + 2.6, chin[2] - 4.4, 4.3 * wide, 2.3, 3.7),
    chain(
      1e-3,
      ...jaw.map(([x, y, z]): [number, number, number, number] => {
        const way = [-x, Math.min(0.5, y + 5) - y, -2.2 - z]
        const by = 1.4 / Math.hypot(...way)
        return [x + by * way[0]!, y + by * way[1]!, z + by * way[2]!, 1.1]
      }),
    ),
  )
  const line = Float64Array.from(ends.flat())
  const off = Float64Array.from(ends, ([x, y, z]) => bone(Math.abs(x), y, z))
  return (x, y, z) => {
    const d = bone(x, y, z)
    if (Math.abs(d) > DRAWN || z < -2.5 - DRAWN || y > 8.5 + DRAWN) return d
    let [sum, all, least] = [0, 0, Infinity]
    for (let i = 0; i < off.length; i++) {
      const [p, q, r] = [x - line[3 * i]!, y - line[3 * i + 1]!, z - line[3 * i + 2]!]
      const away = p * p + q * q + r * r
      const weight = 1 / (away + 0.3) ** 2
      sum += weight * off[i]!
      all += weight
      if (away < least) least = away
    }
    const t = Math.max(0, 1 - Math.sqrt(least) / DRAWN)
    return d - (t * t * (3 - 2 * t) * sum) / all
  }
}

/** Inside where the eye is open, seen from the front: distance to the rim's outline, cm. */
function openingOf(rim: readonly Vec[]): Distance {
  return (x, y) => {
    let least = Infinity
    let inside = false
    rim.forEach((a, i) => {
      const b = rim[(i + 1) % rim.length]!
      const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
      const t = Math.max(0, Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / (dx * dx + dy * dy)))
      least = Math.min(least, Math.hypot(x - a[0] - t * dx, y - a[1] - t * dy))
      if (a[1] > y !== b[1] > y && x < a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0]))
        inside = !inside
    })
    return inside ? -least : least
  }
}

/** A part that is only looked at near its box; further off the way to the box will do. */
const reaching =
  (part: Distance, low: Vec, high: Vec, near = 3): Distance =>
  (x, y, z) => {
    const d = Math.hypot(
      Math.max(low[0] - x, 0, x - high[0]),
      Math.max(low[1] - y, 0, y - high[1]),
      Math.max(low[2] - z, 0, z - high[2]),
    )
    return d > near ? d : part(x, y, z)
  }
const earBox = ({ drawn = 0 }: EarTraits): [Vec, Vec] => [
  [4, -4 - drawn, -9 - drawn],
  [11 + drawn, 6 + drawn, 0],
]

/** Lids opened: the upper one drawn up, the lower a little down. */
const lidsBy = (opened: number): Move[] => [
  { at: points3(386), within: 0.62, by: [0, opened, 0.02] },
  { at: points3(384), within: 0.5, by: [0, 0.55 * opened, 0] },
  { at: points3(388), within: 0.5, by: [0, 0.6 * opened, 0] },
  { at: points3(374), within: 0.5, by: [0, -0.35 * opened, 0] },
]
const rest = movedFace([])
const points3 = (p: number): Vec => rest[p]!

const bump = (off: number, width: number): number => {
  const t = Math.max(0, 1 - Math.abs(off) / width)
  return t * t * (3 - 2 * t)
}

/** The face of a head, and where its eye sits. */
function facedBy({ moves = [], opened = 0.2, eye = 1.2, sunk = 0 }: HeadTraits) {
  const face = faceOf(lipsClosed(movedFace([...lidsBy(opened), ...moves])))
  const [corner, far] = [face.control[landmarks.innerCorner]!, face.control[landmarks.outerCorner]!]
  const [up, low] = [face.control[landmarks.upperLid]!, face.control[landmarks.lowerLid]!]
  const ball: Vec = [
    0.49 * corner[0] + 0.51 * far[0],
    (up[1] + low[1]) / 2 - 0.02,
    (up[2] + low[2]) / 2 + 0.03 - eye - sunk,
  ]
  return { face, ball, eye }
}

/** Face, skull, ears, neck and shoulders; cm, made for x ≥ 0. */
function figure(traits: HeadTraits, { face, ball: [bx, by, bz], eye }: Faced): Distance {
  const behind = skullOf(face, traits.skull ?? [1, 1, 1])
  const ball = ellipsoid(bx, by, bz, eye, eye, eye)
  const opening = openingOf(face.opening)
  const neck = reaching(bust(traits), [-20, -40, -20], [20, -1, 8])
  const side = reaching(ear(traits.ear ?? {}), ...earBox(traits.ear ?? {}))
  const { hollows = [], full = [], tusk, relief } = traits
  const grown = [...(traits.grown ?? []), ...(tusk ? [chain(0.2, ...tusk)] : [])]
  // Behind the fold between the lips nothing tells inside from outside: it is filled.
  const meet = face.control[landmarks.mouthLine]!
  const mouth = chain(
    0.05,
    ...UPPER_MEETS.slice(5).map((p, i) => {
      const [x, y, z] = face.control[p]!
      // Towards the corners the lips lie in a pocket, which is filled further.
      return [x, y, z - 0.44 + 0.3 * (i / 5) ** 2, 0.34 + 0.08 * (i / 5)] as const
    }),
  )
  const deep = ellipsoid(0, meet[1] + 0.8, meet[2] - 4.2, 3.4, 4.2, 3.3)
  const core: Distance = (x, y, z) => Math.min(deep(x, y, z), mouth(x, y, z))
  const flesh: Distance = (x, y, z) => {
    const back = behind(x, y, z)
    if (back < -3 || z < -6 || y > 13 || y < -14 || x > 13 || z > 14) return back
    const { d, say } = face.near(x, y, z)
    return Math.min(core(x, y, z), back + say * (d - back))
  }
  const wing = face.control[landmarks.wing]!
  const base = face.control[landmarks.subnasale]!
  const nostril = ellipsoid(
    0.42 * wing[0],
    base[1] + 0.28,
    0.5 * (wing[2] + base[2]) + 0.5,
    0.34,
    0.3,
    0.5,
  )
  const deepened = hollows.length > 0 ? pressed(flesh, 0.9, ...hollows) : flesh
  const hollowed = pressed(deepened, 0.25, nostril)
  const eyed: Distance = (x, y, z) => {
    const d = hollowed(x, y, z)
    if (d > 3 || z < -2) return d
    const own = ball(x, y, z)
    if (own > 2) return d
    const off = opening(x, y, z)
    // Between the lids the skin lies deeper, and the ball before it; round it they have an edge, and a fold above.
    const inside = Math.max(0, Math.min(1, -off / 0.16))
    const lids =
      0.055 * bump(off - 0.05, 0.16) -
      0.06 * bump(off - 0.42, 0.2) * Math.max(0, Math.min(1, (y - by) / 0.3))
    const skin = d + 0.24 * inside * inside * (3 - 2 * inside) - lids
    return blend(skin, Math.max(own, 0.7 * off), 0.05)
  }
  const eared = joined(0.35, eyed, side)
  const whole = joined(1.5, eared, joined(2.4, neck, ...full))
  const more = grown.length > 0 ? joined(0.35, whole, ...grown) : whole
  return relief
    ? (x, y, z) => {
        const d = more(x, y, z)
        return Math.abs(d) > 1.5 ? d : d - relief(x, y, z)
      }
    : more
}
type Faced = ReturnType<typeof facedBy>

/** A head with its shoulders as a form has it. */
export interface Head {
  at: Distance
  /** Where places of life lie. */
  marks(): HeadMarks
  /** A head's own eyes: the middle of the left ball and how far round it lids reach, in units of the form. */
  eye(): readonly [number, number, number, number]
}

export function head(traits: HeadTraits): Head {
  let made: Faced | undefined
  let distance: Distance | undefined
  const faced = (): Faced => (made ??= facedBy(traits))
  const unit = UNIT * (traits.scale ?? 1)
  const placed = (p: Vec): Vec => [
    (p[0] - MIDDLE[0]) * unit,
    (p[1] - MIDDLE[1]) * unit,
    (p[2] - MIDDLE[2]) * unit,
  ]
  return {
    at(x, y, z) {
      distance ??= figure(traits, faced())
      const [px, py, pz] = [x / unit + MIDDLE[0], y / unit + MIDDLE[1], z / unit + MIDDLE[2]]
      return unit * distance(Math.abs(px), py, pz)
    },
    marks: () => marksOf(traits, faced(), placed, unit),
    eye: () => [...placed(faced().ball), 1.9 * unit],
  }
}
