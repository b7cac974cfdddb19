import { BufferAttribute, BufferGeometry, Vector3 } from 'three'
import { MeshBVH } from 'three-mesh-bvh'
import canonical from './canonicalFace.json' with { type: 'json' }
import { LEFT_EYE, LOWER_MEETS, LOWER_RED, RIM, UPPER_MEETS, UPPER_RED } from './landmarks'
import { subdivided } from './loop'
import type { Cage } from './loop'

export type Vec = readonly [number, number, number]

/** A place is pulled, and what is near with it: by `by` cm where it is, fading to nothing at `within` cm. */
export interface Move {
  at: Vec
  within: number
  by: Vec
}

/** Points of the canonical face, cm; x to the figure's left, y up, z forward. */
export const points: readonly Vec[] = canonical.positions as unknown as Vec[]

const ROUNDS = 3
/** How deep the fold between the lips goes, cm, before it is smoothed. */
const FOLD = 0.3
/** How far from the rim the face gives way to the skull, cm. */
const GIVES = [0.15, 2.4] as const

const smooth = (t: number): number => {
  const c = Math.max(0, Math.min(1, t))
  return c * c * (3 - 2 * c)
}
const far = (a: Vec, b: Vec): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])

/** A face after moves, each on both sides where it is not in the middle, worked out on the face as it was. */
export function movedFace(moves: readonly Move[]): Vec[] {
  return points.map((p) => {
    const sum = [...p] as [number, number, number]
    for (const { at, within, by } of moves)
      for (const side of Math.abs(at[0]) > 1e-6 ? [1, -1] : [0]) {
        const here: Vec = side === 0 ? at : [side * Math.abs(at[0]), at[1], at[2]]
        const share = smooth(1 - far(p, here) / within)
        sum[0] += share * by[0] * (side === 0 ? 0 : side)
        sum[1] += share * by[1]
        sum[2] += share * by[2]
      }
    return sum
  })
}

/** The lips laid on each other: the canonical mouth is a little open. */
export function lipsClosed(face: readonly Vec[]): Vec[] {
  const closed = face.map((p) => [...p] as [number, number, number])
  UPPER_MEETS.forEach((up, i) => {
    const low = LOWER_MEETS[i]!
    if (up === low) return
    const line: Vec = [
      (face[up]![0] + face[low]![0]) / 2,
      0.62 * face[up]![1] + 0.38 * face[low]![1],
      // Less deep towards the corners.
      Math.min(face[up]![2], face[low]![2]) - FOLD * (1 - (i / 5 - 1) ** 2),
    ]
    closed[up] = [...line]
    closed[low] = [...line]
  })
  // Of nine along each lip the outer ones move less.
  const less = (i: number): number => 1 - ((i - 4) / 4) ** 2
  UPPER_RED.forEach((p, i) => (closed[p]![1] -= 0.1 * less(i)))
  LOWER_RED.forEach((p, i) => (closed[p]![1] += 0.22 * less(i)))
  return closed
}

/** Lower points of the line between the lips are those of the upper lip: closed lips are one surface with a fold. */
const sealed = new Map<number, number>(LOWER_MEETS.map((low, i) => [low, UPPER_MEETS[i]!]))
const triangles = (canonical.triangles as number[][])
  .map((corners) => corners.map((p) => sealed.get(p) ?? p))
  .filter((corners) => new Set(corners).size === 3)

export interface Face {
  /** Signed distance to the face, cm, behind it negative; how far the face has a say here, 0–1. */
  near(x: number, y: number, z: number): { d: number; say: number }
  /** Control points as they were moved. */
  control: readonly Vec[]
  /** The rim of the left eye's opening, smooth, seen from the front. */
  opening: readonly Vec[]
}

/** A face of moved points as a surface. */
export function faceOf(control: readonly Vec[]): Face {
  const rim = RIM.map((p) => control[p]!)
  const inward = (p: Vec): number => {
    const away = Math.min(...rim.map((at) => far(at, p)))
    return smooth((away - GIVES[0]) / (GIVES[1] - GIVES[0]))
  }
  let cage: Cage = {
    points: control.map((p) => [...p, inward(p)]),
    triangles,
  }
  for (let round = 0; round < ROUNDS; round++) cage = subdivided(cage)
  const geometry = new BufferGeometry()
  geometry.setAttribute(
    'position',
    new BufferAttribute(Float32Array.from(cage.points.flatMap((p) => p.slice(0, 3))), 3),
  )
  geometry.setIndex(cage.triangles.flat())
  geometry.computeVertexNormals()
  const normal = geometry.getAttribute('normal')
  const position = geometry.getAttribute('position')
  // The order of triangles is kept, so that a face found is a triangle of the cage.
  const bvh = new MeshBVH(geometry, { indirect: true })
  const at = new Vector3()
  const hit = { point: new Vector3(), distance: 0, faceIndex: 0 }
  const [a, b, c] = [new Vector3(), new Vector3(), new Vector3()]
  const near: Face['near'] = (x, y, z) => {
    at.set(x, y, z)
    bvh.closestPointToPoint(at, hit)
    const [p, q, r] = cage.triangles[hit.faceIndex]! as [number, number, number]
    // Shares of the three corners.
    a.fromBufferAttribute(position, p)
    b.fromBufferAttribute(position, q)
    c.fromBufferAttribute(position, r)
    const whole = area(a, b, c) || 1
    const u = area(hit.point, b, c) / whole
    const v = area(a, hit.point, c) / whole
    const w = Math.max(0, 1 - u - v)
    const n = [0, 1, 2].map(
      (k) =>
        u * normal.getComponent(p, k) +
        v * normal.getComponent(q, k) +
        w * normal.getComponent(r, k),
    ) as [number, number, number]
    const length = Math.hypot(...n) || 1
    const ahead =
      ((x - hit.point.x) * n[0] + (y - hit.point.y) * n[1] + (z - hit.point.z) * n[2]) / length
    return {
      // Beside the rim the surface goes on as it ended; elsewhere it is as far as it is.
      d: Math.abs(ahead) < 0.6 * hit.distance ? ahead : Math.sign(ahead) * hit.distance,
      say: u * cage.points[p]![3]! + v * cage.points[q]![3]! + w * cage.points[r]![3]!,
    }
  }
  return { near, control, opening: smoothRim(LEFT_EYE.map((p) => control[p]!)) }
}

const [side, other] = [new Vector3(), new Vector3()]
const area = (a: Vector3, b: Vector3, c: Vector3): number =>
  side.subVectors(b, a).cross(other.subVectors(c, a)).length() / 2

/** A closed line as subdivision leaves a border. */
export function smoothRim(rim: readonly Vec[]): Vec[] {
  let line = [...rim]
  for (let round = 0; round < ROUNDS; round++)
    line = line.flatMap((p, i) => {
      const before = line.at(i - 1)!
      const next = line[(i + 1) % line.length]!
      const mix = (parts: readonly (readonly [Vec, number])[]): Vec =>
        [0, 1, 2].map((k) => parts.reduce((sum, [v, w]) => sum + v[k]! * w, 0)) as unknown as Vec
      return [
        mix([
          [before, 0.125],
          [p, 0.75],
          [next, 0.125],
        ]),
        mix([
          [p, 0.5],
          [next, 0.5],
        ]),
      ]
    })
  return line
}
