import type { Distance } from '../../core/ladder/form/distance'

type Point = readonly [number, number, number]

/** Where a ray from the eye meets a shape, if it does (sphere tracing). */
export function met(shape: Distance, x: number, y: number): Point | undefined {
  let z = 1.2
  for (let i = 0; i < 220 && z > -1.2; i++) {
    const d = shape(x, y, z)
    if (d < 0.0015) return [x, y, z]
    z -= Math.max(0.002, d * 0.7)
  }
  return undefined
}

const EPS = 0.002
/** The outward normal there. */
export function normalAt(shape: Distance, [x, y, z]: Point): Point {
  const n: Point = [
    shape(x + EPS, y, z) - shape(x - EPS, y, z),
    shape(x, y + EPS, z) - shape(x, y - EPS, z),
    shape(x, y, z + EPS) - shape(x, y, z - EPS),
  ]
  const length = Math.hypot(...n) || 1
  return [n[0] / length, n[1] / length, n[2] / length]
}

/** A point so far before a surface. */
export const before = (at: Point, n: Point, by: number): Point => [
  at[0] + by * n[0],
  at[1] + by * n[1],
  at[2] + by * n[2],
]

/** How much of a soft light reaches a point along a direction, 0–1. */
export function reaches(shape: Distance, [x, y, z]: Point, [dx, dy, dz]: Point): number {
  let open = 1
  for (let t = 0.03; t < 1.4; t += 0.03) {
    const d = shape(x + t * dx, y + t * dy, z + t * dz)
    open = Math.min(open, Math.max(0, 0.5 + (8 * d) / t / 2))
    if (open === 0) break
  }
  return open
}
