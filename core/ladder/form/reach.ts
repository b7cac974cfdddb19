import type { Distance } from './distance'
import type { Mesh } from './surfaceNet'

/**
 * From where light reaches a point: how open the half of space before it is, as a sum of the real spherical harmonics up
 * to the third order (polynomials of the direction, not normalised). It is fitted to that half alone, since no light
 * falls from behind; so sixteen numbers a point hold what shades it from any side (Sloan, Kautz and Snyder 2002 keep
 * light that way, doi:10.1145/566654.566612; Gautron et al. 2004 fit the half-space).
 */
const TERMS = 16
/** A form's numbers, so many a point. */
export interface Reach {
  terms: number
  values: Float32Array
}

/**
 * The terms for a direction of length 1.
 * @param terms 4, 9 or 16.
 * @example harmonics(0, 1, 0).length // 16
 */
export function harmonics(x: number, y: number, z: number, terms = TERMS): number[] {
  const all = [
    ...[1, x, y, z],
    ...[x * y, y * z, x * z, 3 * z * z - 1, x * x - y * y],
    ...[x * (x * x - 3 * y * y), y * (3 * x * x - y * y), x * y * z, z * (x * x - y * y)],
    ...[x * (5 * z * z - 1), y * (5 * z * z - 1), z * (5 * z * z - 3)],
  ]
  return all.slice(0, terms)
}

/**
 * How much of a light from there reaches point p, 0–1.
 * @param from the light's harmonics.
 * @example reaching({ terms: 4, values: Float32Array.of(0.5, 0, 0.5, 0) }, 0, harmonics(0, 1, 0, 4)) // 1
 */
export function reaching({ terms, values }: Reach, p: number, from: readonly number[]): number {
  let sum = 0
  for (let k = 0; k < terms; k++) sum += values[p * terms + k]! * from[k]!
  return Math.max(0, Math.min(1, sum))
}

/** Directions spread evenly over the sphere (spiral of the golden angle). */
export function spread(many: number): [number, number, number][] {
  return Array.from({ length: many }, (_, i) => {
    const y = 1 - (2 * i + 1) / many
    const r = Math.sqrt(1 - y * y)
    const turn = i * Math.PI * (3 - Math.sqrt(5))
    return [r * Math.cos(turn), y, r * Math.sin(turn)]
  })
}

/** Light is taken to come from a lamp so large across: half its width over its distance. */
export const LAMP = 0.16
/** A ray sets off so far from the surface, so that it does not meet the point it comes from. */
const OFF = 0.018
/** Beyond this there is nothing. */
const EDGE = 1.12

type Vector = readonly [number, number, number]

/** How much of a lamp is seen along a ray, 0–1, by how near it passes (sphere tracing, Hart 1996). */
function seen(free: Distance, [px, py, pz]: Vector, [dx, dy, dz]: Vector, off: number): number {
  let open = 1
  for (let t = off; t < 2.4;) {
    const x = px + t * dx
    const y = py + t * dy
    const z = pz + t * dz
    if (x > EDGE || x < -EDGE || y > EDGE || y < -EDGE || z > EDGE || z < -EDGE) break
    const near = free(x, y, z)
    open = Math.min(open, 0.5 + (0.5 * near) / (LAMP * t))
    if (open <= 0) return 0
    t += Math.max(0.012, 0.85 * near)
  }
  return open * open * (3 - 2 * open)
}

/** Solves a symmetric system in place (Cholesky); `a` by rows. */
function solve(a: Float64Array, b: Float64Array, n: number): void {
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j]!
      for (let k = 0; k < j; k++) sum -= a[i * n + k]! * a[j * n + k]!
      a[i * n + j] = i === j ? Math.sqrt(Math.max(1e-9, sum)) : sum / a[j * n + j]!
    }
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) b[i]! -= a[i * n + k]! * b[k]!
    b[i]! /= a[i * n + i]!
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) b[i]! -= a[k * n + i]! * b[k]!
    b[i]! /= a[i * n + i]!
  }
}

/** Keeps what is not seen from growing, and how much the rim of the half-space counts. */
const RIDGE = 0.02
const RIM = 0.06

export interface ReachOptions {
  /** Directions that are looked along. */
  many?: number
  terms?: number
  /** How far from the surface a ray sets off. */
  off?: number
  /** Told now and then, 0–1. */
  tell?: (done: number) => void
}

/**
 * From where light reaches every point of a mesh.
 * @param free distance to the nearest surface, negative within; a grid of it will do.
 * @example reachOf(mesh, shapes.egg).values.length // 16 a point
 */
export function reachOf(
  { positions, normals }: Pick<Mesh, 'positions' | 'normals'>,
  free: Distance,
  { many = 160, terms = TERMS, off = OFF, tell }: ReachOptions = {},
): Reach {
  const ways = spread(many).map((to) => ({ to, y: harmonics(...to, terms) }))
  const points = positions.length / 3
  const values = new Float32Array(points * terms)
  const a = new Float64Array(terms * terms)
  const b = new Float64Array(terms)
  for (let p = 0; p < points; p++) {
    const n: Vector = [normals[3 * p]!, normals[3 * p + 1]!, normals[3 * p + 2]!]
    const from: Vector = [
      positions[3 * p]! + off * n[0],
      positions[3 * p + 1]! + off * n[1],
      positions[3 * p + 2]! + off * n[2],
    ]
    a.fill(0)
    b.fill(0)
    for (const { to, y } of ways) {
      const facing = n[0] * to[0] + n[1] * to[1] + n[2] * to[2]
      if (facing <= 0) continue
      const weight = facing + RIM
      const open = seen(free, from, to, off)
      for (let i = 0; i < terms; i++) {
        const w = weight * y[i]!
        b[i]! += w * open
        for (let j = 0; j <= i; j++) a[i * terms + j]! += w * y[j]!
      }
    }
    for (let i = 0; i < terms; i++) a[i * terms + i]! += RIDGE * many * 0.1
    solve(a, b, terms)
    values.set(b, p * terms)
    if (tell && p % 500 === 0) tell(p / points)
  }
  return { terms, values }
}
