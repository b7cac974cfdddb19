import { chain, ellipsoid, joined, mirrored, taper } from '../distance'
import type { Distance } from '../distance'
import type { HeadMarks, Mark } from '../headMarks'
import { drawnAcross, outlined, zone } from './zone'
import type { LifeZone } from './zone'

const placed = (mark: readonly number[]): [number, number, number] => [
  mark[0]! / 1000,
  mark[1]! / 1000,
  mark[2]! / 1000,
]
/** A rod through marks. */
const along = (marks: readonly Mark[], r: number): Distance =>
  chain(0.01, ...marks.map((mark) => [...placed(mark), r] as const))
const round = (marks: readonly (readonly [number, number, number, number])[]): Distance =>
  chain(0.02, ...marks.map(([x, y, z, r]) => [x / 1000, y / 1000, z / 1000, r / 1000] as const))
const ball = (mark: Mark, x: number, y: number, z: number): Distance =>
  ellipsoid(...placed(mark), x, y, z)

/** A lip to its border: the outline of its red from the middle to the corner and back where the lips meet. */
function lip(border: readonly Mark[], meet: readonly Mark[]): Distance {
  const outline = [...border, ...meet.toReversed()].map(([x, y]) => [x / 1000, y / 1000] as const)
  // The middle is on both sides: the outline goes on as far as the lip is wide.
  const before = Math.min(...border.map(([, , z]) => z)) / 1000 - 0.03
  return mirrored(outlined(outline, before))
}

/** Places of life on a head made from the face, from the marks of its own. */
export function headZones(marks: HeadMarks): LifeZone[] {
  const { meet, tip, wing, subnasale, cheek, jaw, tusk } = marks
  const upper = lip(marks.upperLip, meet)
  const lower = lip(marks.lowerLip, meet)
  const [tx, ty, tz] = placed(tip)
  const [wx, wy, wz] = placed(wing)
  const nose = mirrored(
    joined(
      0.03,
      ellipsoid(tx, ty - 0.01, tz - 0.05, 0.06, 0.07, 0.085),
      ellipsoid(wx, wy, wz, 0.045, 0.05, 0.055),
    ),
  )
  const eye = mirrored(
    outlined(
      marks.eye.map(([x, y]) => [x / 1000, y / 1000] as const),
      marks.ball[2] / 1000,
    ),
  )
  const [bx, by] = placed(marks.ball)
  const disc: Distance = (x, y, z) =>
    Math.max(Math.hypot(Math.abs(x) - bx, y - by) - 0.029, eye(x, y, z))
  const [sx, sy, sz] = placed(subnasale)
  const corner = placed(marks.upperLip.at(-1)!)
  const socket = mirrored(
    outlined(
      marks.eye.map(([x, y]) => {
        const [dx, dy] = [x / 1000 - bx, y / 1000 - by]
        return [bx + 1.35 * dx, by + (dy > 0 ? 2.6 : 2.9) * dy] as const
      }),
      marks.ball[2] / 1000 - 0.02,
    ),
  )
  const edge = mirrored(along(jaw, 0.075))
  const moustache = mirrored(
    taper([sx, sy - 0.02, sz], [corner[0], corner[1] + 0.035, corner[2]], 0.04, 0.03),
  )
  const before =
    (part: Distance, from: number): Distance =>
    (x, y, z) =>
      z < from ? 1 : part(x, y, z)
  return [
    zone('forehead', ball(marks.forehead, 0.22, 0.12, 0.14), 0.09),
    zone('cheek', mirrored(ball(cheek, 0.09, 0.08, 0.1)), 0.07),
    zone('nose', nose, 0.03),
    zone('ear', mirrored(round(marks.ear)), 0.03),
    zone('eye-socket', socket, 0.035),
    zone('socket', socket, 0.035),
    zone('jaw', edge, 0.05),
    zone('stubble', joined(0.02, edge, moustache), 0.04),
    zone(
      'hairline',
      ellipsoid(
        0,
        marks.hairline[1] / 1000 + 0.17,
        marks.hairline[2] / 1000 - 0.3,
        0.36,
        0.16,
        0.36,
      ),
      0.09,
    ),
    zone('neck', ball(marks.neck, 0.32, 0.2, 0.34), 0.09),
    zone('throat', ball(marks.throat, 0.13, 0.17, 0.12), 0.07),
    zone('upper-lip', upper, 0.009),
    zone('lower-lip', lower, 0.009),
    zone('lip', (x, y, z) => Math.min(upper(x, y, z), lower(x, y, z)), 0.009),
    zone('vein', mirrored(along(marks.temple, 0.018)), 0.02),
    zone(
      'scar',
      drawnAcross(...marks.scar.map(([x, y]) => [x / 1000, y / 1000, 0.011] as const)),
      0.014,
    ),
    zone('mouth', before(mirrored(along(meet, 0.006)), corner[2] - 0.05), 0.008),
    zone('eye', eye, 0.004),
    zone('iris', disc, 0.004),
    ...(tusk ? [zone('teeth', mirrored(round(tusk)), 0.012)] : []),
  ]
}
