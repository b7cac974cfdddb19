import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three'
import { MeshBVH } from 'three-mesh-bvh'
import { formMesh } from '../../tests/fixtures/formMesh'
import { curvatureOf } from '../../core'
import type { FormKey } from '../../core'

type Point = readonly [number, number, number]

/** Where a ray meets a form, its outward normal there, and what was baked into it. */
export interface Met {
  at: Point
  n: Point
  occlusion: number
  curvature: number
}

/** How wide a soft light is, in parts of its way, and rays to it. */
const LAMP = 0.12
const TO_LAMP = [
  [0, 0],
  [1, 0],
  [-0.5, 0.87],
  [-0.5, -0.87],
] as const

/** Rays through one of our own forms as it is shipped (three-mesh-bvh). */
export async function raysOf(key: FormKey) {
  const form = await formMesh(key)
  const curvature = curvatureOf(form)
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(form.positions, 3))
  geometry.setIndex(new BufferAttribute(form.triangles.slice(), 1))
  const tree = new MeshBVH(geometry)
  const ray = new Ray(new Vector3(), new Vector3())
  const [a, b, c] = [new Vector3(), new Vector3(), new Vector3()]
  return {
    /** What the eye sees at a place, looking straight on. */
    met(x: number, y: number): Met | undefined {
      ray.origin.set(x, y, 3)
      ray.direction.set(0, 0, -1)
      const hit = tree.raycastFirst(ray, DoubleSide)
      if (!hit?.face) return undefined
      const corners = [hit.face.a, hit.face.b, hit.face.c] as const
      ;[a, b, c].forEach((v, k) => v.fromArray(form.positions, 3 * corners[k]!))
      // Shares of the three corners, by the areas across from them.
      const area = (p: Vector3, q: Vector3, r: Vector3): number =>
        q.clone().sub(p).cross(r.clone().sub(p)).length()
      const shares = [area(hit.point, b, c), area(a, hit.point, c), area(a, b, hit.point)]
      const whole = shares[0]! + shares[1]! + shares[2]! || 1
      const mean = (of: (p: number) => number): number =>
        corners.reduce((sum, p, k) => sum + (shares[k]! / whole) * of(p), 0)
      const n = [0, 1, 2].map((k) => mean((p) => form.normals[3 * p + k]!))
      const length = Math.hypot(...n) || 1
      return {
        at: [hit.point.x, hit.point.y, hit.point.z],
        n: n.map((v) => v / length) as unknown as Point,
        occlusion: mean((p) => form.occlusion[p]!),
        curvature: mean((p) => curvature[p]!),
      }
    },
    /** How much of a soft light reaches what was met along a direction, 0–1. */
    reaches({ at, n }: Met, to: Point): number {
      const across = new Vector3(...to).cross(new Vector3(0.3, 0.8, 0.5)).normalize()
      const other = new Vector3(...to).cross(across)
      let seen = 0
      for (const [u, v] of TO_LAMP) {
        ray.origin.set(at[0] + 0.012 * n[0], at[1] + 0.012 * n[1], at[2] + 0.012 * n[2])
        ray.direction
          .set(...to)
          .addScaledVector(across, LAMP * u)
          .addScaledVector(other, LAMP * v)
          .normalize()
        if (!tree.raycastFirst(ray, DoubleSide)) seen++
      }
      return seen / TO_LAMP.length
    },
  }
}
