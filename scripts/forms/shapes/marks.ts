import type { HeadMarks, Mark } from '../../../core/ladder/form/headMarks'
import { earLine } from './ear'
import { points } from './face/face'
import type { Face, Vec } from './face/face'
import {
  JAW_EDGE,
  LEFT_EYE,
  LOWER_BORDER,
  UPPER_BORDER,
  UPPER_MEETS,
  landmarks,
} from './face/landmarks'
import type { HeadTraits } from './headTraits'

/** The point of the canonical face that is nearest to a place on it, cm. */
function nearestTo(place: Vec): number {
  const away = ([x, y, z]: Vec): number =>
    (x - place[0]) ** 2 + (y - place[1]) ** 2 + (z - place[2]) ** 2
  return points.reduce((best, p, i) => (away(p) < away(points[best]!) ? i : best), 0)
}
const FOREHEAD = nearestTo([0, 6, 5])
const CHEEK = nearestTo([4.4, -0.9, 3.7])
const TEMPLE = [
  [6, 6.2, 1.6],
  [6.4, 4.6, 1.4],
  [6.3, 3, 1.5],
].map((p) => nearestTo(p as unknown as Vec))
const SCAR = [
  [5.2, 1, 2.6],
  [3.9, -3.4, 3.7],
].map((p) => nearestTo(p as unknown as Vec))

/** Where places of life lie on a head, in thousandths of a unit. */
export function marksOf(
  traits: HeadTraits,
  { face: { control }, ball }: { face: Face; ball: Vec },
  placed: (p: Vec) => Vec,
  unit: number,
): HeadMarks {
  const whole = (v: number): number => Math.round(1000 * v)
  const free = (p: Vec): Mark => placed(p).map(whole) as unknown as Mark
  const at = (p: number): Mark => free(control[p]!)
  const round = (line: readonly (readonly [number, number, number, number])[]) =>
    line.map(([x, y, z, r]) => [...free([x, y, z]), whole(r * unit)] as const)
  const { neck = 1 } = traits
  return {
    upperLip: UPPER_BORDER.map(at),
    lowerLip: LOWER_BORDER.map(at),
    meet: UPPER_MEETS.slice(5).map(at),
    eye: LEFT_EYE.map(at),
    ball: free(ball),
    tip: at(landmarks.tip),
    wing: at(landmarks.wing),
    subnasale: at(landmarks.subnasale),
    forehead: at(FOREHEAD),
    hairline: at(landmarks.hairline),
    cheek: at(CHEEK),
    jaw: JAW_EDGE.map(at),
    temple: TEMPLE.map(at),
    scar: SCAR.map(at),
    throat: free([0, -13, 0.5]),
    neck: free([0, -13.5, -5.5 * neck]),
    ear: round(earLine(traits.ear ?? {})),
    ...(traits.tusk ? { tusk: round(traits.tusk) } : {}),
  }
}
