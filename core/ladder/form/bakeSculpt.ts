import { shadingOf } from './shading'
import type { Reach } from './reach'
import type { Mesh } from './surfaceNet'

/** A painter's own sculpt, made ready to be lit. */
export interface Sculpt extends Mesh {
  occlusion: Float32Array
  /** From where light reaches each point; what an earlier version kept has none. */
  reach?: Reach
}

/** Most triangles that are taken. */
const MOST_TRIANGLES = 500_000
/** Cells along the longest side, for what is shown: by a graphics processor, and without one. */
export const SHOWN_CELLS = { fine: 180, coarse: 70 }
/** The same for what covers what. */
const COVER_CELLS = 96

/**
 * Points that fall into the same cell become one, so that any sculpt turns smoothly; normals are the
 * area-weighted means of its triangles.
 * @param corners nine numbers a triangle, as they come from a file.
 */
function clustered(corners: Float32Array, cells: number, tell: (done: number) => void): Mesh {
  const many = corners.length / 9
  const least = [Infinity, Infinity, Infinity]
  const most = [-Infinity, -Infinity, -Infinity]
  for (let i = 0; i < corners.length; i++) {
    const a = i % 3
    const v = corners[i]!
    if (v < least[a]!) least[a] = v
    if (v > most[a]!) most[a] = v
  }
  const size = Math.max(...most.map((m, a) => m - least[a]!))
  const scale = 2 / size
  const middle = most.map((m, a) => (m + least[a]!) / 2)
  const cell = (size / cells) * (many > cells * cells * 3 ? 1 : 0.02)
  const side = Math.ceil(size / cell) + 2
  const seen = new Map<number, number>()
  const sums: number[] = []
  const triangles: number[] = []
  const three = [0, 0, 0]
  for (let t = 0; t < many; t++) {
    for (let k = 0; k < 3; k++) {
      const at = 9 * t + 3 * k
      const i = Math.floor((corners[at]! - least[0]!) / cell)
      const j = Math.floor((corners[at + 1]! - least[1]!) / cell)
      const l = Math.floor((corners[at + 2]! - least[2]!) / cell)
      const key = (l * side + j) * side + i
      let point = seen.get(key)
      if (point === undefined) {
        seen.set(key, (point = sums.length / 4))
        sums.push(0, 0, 0, 0)
      }
      for (let a = 0; a < 3; a++) sums[4 * point + a]! += (corners[at + a]! - middle[a]!) * scale
      sums[4 * point + 3]!++
      three[k] = point
    }
    if (three[0] !== three[1] && three[1] !== three[2] && three[2] !== three[0])
      triangles.push(three[0]!, three[1]!, three[2]!)
    if (t % 20_000 === 0) tell((0.4 * t) / many)
  }
  const positions = new Float32Array((sums.length / 4) * 3)
  for (let p = 0; p < positions.length / 3; p++)
    for (let a = 0; a < 3; a++) positions[3 * p + a] = sums[4 * p + a]! / sums[4 * p + 3]!
  const faces = Uint32Array.from(triangles)
  return { positions, normals: normalsOfTriangles(positions, faces), triangles: faces }
}

export function normalsOfTriangles(
  positions: ArrayLike<number>,
  triangles: ArrayLike<number>,
): Float32Array {
  const normals = new Float32Array(positions.length)
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * triangles[t]!, 3 * triangles[t + 1]!, 3 * triangles[t + 2]!]
    const [ux, uy, uz] = [0, 1, 2].map((k) => positions[b + k]! - positions[a + k]!)
    const [vx, vy, vz] = [0, 1, 2].map((k) => positions[c + k]! - positions[a + k]!)
    const n = [uy! * vz! - uz! * vy!, uz! * vx! - ux! * vz!, ux! * vy! - uy! * vx!]
    for (const corner of [a, b, c]) for (let k = 0; k < 3; k++) normals[corner + k]! += n[k]!
  }
  for (let p = 0; p < normals.length; p += 3) {
    const length = Math.hypot(normals[p]!, normals[p + 1]!, normals[p + 2]!) || 1
    for (let k = 0; k < 3; k++) normals[p + k]! /= length
  }
  return normals
}

/**
 * How much every point is covered, from a grid: cells the surface passes through are filled, then a ball
 * before each point is compared with what an open surface would fill of it. Box sums make every ball one
 * look (summed-area table, Crow 1984).
 */
function coverOf(
  { positions, normals, triangles }: Mesh,
  tell: (done: number) => void,
): Float32Array {
  const n = COVER_CELLS
  const filled = new Uint8Array(n * n * n)
  const place = (v: number): number =>
    Math.max(0, Math.min(n - 1, Math.floor(((v + 1.05) / 2.1) * n)))
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [0, 1, 2].map((k) => 3 * triangles[t + k]!)
    // Points spread over the triangle, about one a cell.
    const longest = Math.max(
      ...corners.map((c, k) => {
        const d = corners[(k + 1) % 3]!
        return Math.hypot(...[0, 1, 2].map((a) => positions[c + a]! - positions[d + a]!))
      }),
    )
    const steps = Math.min(60, Math.max(1, Math.ceil((longest * n) / 1.6)))
    for (let i = 0; i <= steps; i++)
      for (let j = 0; j <= steps - i; j++) {
        const [u, v] = [i / steps, j / steps]
        const [x, y, z] = [0, 1, 2].map(
          (a) =>
            positions[corners[0]! + a]! * (1 - u - v) +
            positions[corners[1]! + a]! * u +
            positions[corners[2]! + a]! * v,
        )
        filled[(place(z!) * n + place(y!)) * n + place(x!)] = 1
      }
    if (t % 60_000 === 0) tell(0.4 + (0.3 * t) / triangles.length)
  }
  const m = n + 1
  const sums = new Float64Array(m * m * m)
  const at = (i: number, j: number, k: number): number => (k * m + j) * m + i
  for (let k = 1; k <= n; k++)
    for (let j = 1; j <= n; j++)
      for (let i = 1; i <= n; i++)
        sums[at(i, j, k)] =
          filled[((k - 1) * n + j - 1) * n + i - 1]! +
          sums[at(i - 1, j, k)]! +
          sums[at(i, j - 1, k)]! +
          sums[at(i, j, k - 1)]! -
          sums[at(i - 1, j - 1, k)]! -
          sums[at(i - 1, j, k - 1)]! -
          sums[at(i, j - 1, k - 1)]! +
          sums[at(i - 1, j - 1, k - 1)]!
  const inside = (x: number, y: number, z: number, reach: number): number => {
    const [i, j, k] = [place(x - reach), place(y - reach), place(z - reach)]
    const [I, J, K] = [place(x + reach) + 1, place(y + reach) + 1, place(z + reach) + 1]
    return (
      sums[at(I, J, K)]! -
      sums[at(i, J, K)]! -
      sums[at(I, j, K)]! -
      sums[at(I, J, k)]! +
      sums[at(i, j, K)]! +
      sums[at(i, J, k)]! +
      sums[at(I, j, k)]! -
      sums[at(i, j, k)]!
    )
  }
  const cover = new Float32Array(positions.length / 3)
  for (let p = 0; p < cover.length; p++) {
    let sum = 0
    for (const reach of [0.05, 0.1, 0.18]) {
      const before = [0, 1, 2].map(
        (a) => positions[3 * p + a]! + normals[3 * p + a]! * reach * 1.35,
      )
      const cells = Math.max(1, ((2 * reach) / 2.1) * n)
      // A wall right across the box fills about one layer of it.
      sum += Math.min(1, inside(before[0]!, before[1]!, before[2]!, reach) / (1.6 * cells * cells))
    }
    cover[p] = Math.min(1, sum / 2.2)
    if (p % 20_000 === 0) tell(0.7 + (0.3 * p) / cover.length)
  }
  return cover
}

/**
 * Makes a sculpt ready: middle at the origin, longest side 2, points nearer than a cell made one.
 * @param corners nine numbers a triangle.
 * @param cells along the longest side; few where each triangle is drawn without a graphics processor.
 * @throws RangeError saying what is wrong: no triangles, too many, numbers that are none, no size.
 * @example bakeSculpt(corners, undefined, 16).triangles.length > 0 // true
 */
export function bakeSculpt(
  corners: Float32Array,
  tell: (done: number) => void = () => undefined,
  cells: number = SHOWN_CELLS.coarse,
): Required<Sculpt> {
  const many = corners.length / 9
  if (many < 1) throw new RangeError('the file has no triangles in it')
  if (many > MOST_TRIANGLES)
    throw new RangeError(
      `the sculpt has ${many.toLocaleString('en')} triangles; at most ${MOST_TRIANGLES.toLocaleString('en')} are taken; reduce it in your sculpting program`,
    )
  const bad = corners.findIndex((v) => !Number.isFinite(v))
  if (bad >= 0)
    throw new RangeError(`triangle ${Math.floor(bad / 9) + 1} has a corner that is no number`)
  const mesh = clustered(corners, cells, tell)
  if (mesh.triangles.length === 0 || !mesh.positions.every(Number.isFinite))
    throw new RangeError('the sculpt has no size: all its corners lie together')
  const occlusion = coverOf(mesh, (done) => tell(0.5 * done))
  const reach = shadingOf(mesh, (done) => tell(0.5 + 0.5 * done))
  tell(1)
  return { ...mesh, occlusion, reach }
}
