import type { Distance } from './distance'

/** A closed surface: three numbers a point, three points a triangle. */
export interface Mesh {
  positions: Float32Array
  normals: Float32Array
  triangles: Uint32Array
}

/** Half the side of the cube that forms stand in. */
const REACH = 1.1
/** Cells along a block, and in how many halves of it nothing of the surface lies: its diagonal, and what distances err. */
const BLOCK = 4
const SURE = 2.3

/**
 * Triangles of a distance function's zero surface by surface nets (Gibson 1998): one point in every
 * cell that the surface crosses, at the mean of the crossings of its edges.
 * @param cells cells along an edge of the cube from −1.1 to 1.1.
 * @param normalsOf outward normals; from the distance when not given.
 * @example surfaceNet(shapes.egg, 8).triangles.length > 0 // true
 */
export function surfaceNet(
  distance: Distance,
  cells: number,
  normalsOf: (positions: readonly number[], triangles: readonly number[]) => Float32Array = (
    positions,
  ) => gradients(distance, positions, REACH / cells),
): Mesh {
  const side = cells + 1
  const step = (2 * REACH) / cells
  const values = new Float32Array(side * side * side)
  const place = (i: number): number => -REACH + i * step
  // Of a block that the surface cannot reach only the sign is wanted.
  for (let k = 0; k < side; k += BLOCK)
    for (let j = 0; j < side; j += BLOCK)
      for (let i = 0; i < side; i += BLOCK) {
        const half = BLOCK / 2
        const middle = distance(place(i + half), place(j + half), place(k + half))
        const away = Math.abs(middle) > SURE * half * step
        for (let w = k; w < Math.min(side, k + BLOCK); w++)
          for (let v = j; v < Math.min(side, j + BLOCK); v++)
            for (let u = i; u < Math.min(side, i + BLOCK); u++)
              values[(w * side + v) * side + u] = away
                ? middle
                : distance(place(u), place(v), place(w))
      }
  fillPinches(values, side, -INSIDE * step)
  const positions: number[] = []
  const pointOf = new Int32Array(side * side * side).fill(-1)
  const at = (i: number, j: number, k: number): number => (k * side + j) * side + i
  for (let k = 0; k < cells; k++)
    for (let j = 0; j < cells; j++)
      for (let i = 0; i < cells; i++) {
        let below = 0
        for (let corner = 0; corner < 8; corner++)
          if (values[at(i + (corner & 1), j + ((corner >> 1) & 1), k + (corner >> 2))]! < 0) below++
        if (below === 0 || below === 8) continue
        let [x, y, z, many] = [0, 0, 0, 0]
        for (let edge = 0; edge < 12; edge++) {
          const axis = edge >> 2
          const [u, v] = [edge & 1, (edge >> 1) & 1]
          const from = axis === 0 ? [0, u, v] : axis === 1 ? [u, 0, v] : [u, v, 0]
          const to = from.map((c, a) => (a === axis ? 1 : c))
          const one = values[at(i + from[0]!, j + from[1]!, k + from[2]!)]!
          const other = values[at(i + to[0]!, j + to[1]!, k + to[2]!)]!
          if (one < 0 === other < 0) continue
          const t = one / (one - other)
          x += i + from[0]! + (axis === 0 ? t : 0)
          y += j + from[1]! + (axis === 1 ? t : 0)
          z += k + from[2]! + (axis === 2 ? t : 0)
          many++
        }
        pointOf[at(i, j, k)] = positions.length / 3
        positions.push(place(x / many), place(y / many), place(z / many))
      }
  const triangles: number[] = []
  const quad = (a: number, b: number, c: number, d: number, turned: boolean): void => {
    if (turned) triangles.push(a, c, b, a, d, c)
    else triangles.push(a, b, c, a, c, d)
  }
  for (let k = 1; k < cells; k++)
    for (let j = 1; j < cells; j++)
      for (let i = 1; i < cells; i++) {
        const here = values[at(i, j, k)]! < 0
        const p = (di: number, dj: number, dk: number): number =>
          pointOf[at(i - di, j - dj, k - dk)]!
        if (here !== values[at(i + 1, j, k)]! < 0)
          quad(p(0, 1, 1), p(0, 0, 1), p(0, 0, 0), p(0, 1, 0), !here)
        if (here !== values[at(i, j + 1, k)]! < 0)
          quad(p(1, 0, 1), p(1, 0, 0), p(0, 0, 0), p(0, 0, 1), !here)
        if (here !== values[at(i, j, k + 1)]! < 0)
          quad(p(1, 1, 0), p(0, 1, 0), p(0, 0, 0), p(1, 0, 0), !here)
      }
  return {
    positions: Float32Array.from(positions),
    normals: normalsOf(positions, triangles),
    triangles: Uint32Array.from(triangles),
  }
}

/** How far inside a corner is that is filled, in cells: points round it keep apart. */
const INSIDE = 0.3

/**
 * Fills where two sheets would touch along an edge: a square of the grid with inside and outside across from each other
 * becomes inside, until there is none, so that a net is a surface everywhere (well-composed sets, Latecki 1997).
 */
function fillPinches(values: Float32Array, side: number, inside: number): void {
  const steps = [1, side, side * side] as const
  const last = values.length - steps[0] - steps[1] - steps[2]
  for (let found = true; found;) {
    found = false
    for (const [one, other] of [
      [steps[0], steps[1]],
      [steps[0], steps[2]],
      [steps[1], steps[2]],
    ] as const)
      for (let a = 0; a < last; a++) {
        const in0 = values[a]! < 0
        const in1 = values[a + one]! < 0
        if (in0 === in1 || values[a + one + other]! < 0 !== in0 || values[a + other]! < 0 !== in1)
          continue
        for (const corner of in0 ? [a + one, a + other] : [a, a + one + other])
          values[corner] = inside
        found = true
      }
  }
}

/** Outward normals: the gradient of the distance from the corners of a tetrahedron round every point, e off. */
export function gradients(
  distance: Distance,
  positions: ArrayLike<number>,
  e: number,
): Float32Array {
  const normals = new Float32Array(positions.length)
  for (let n = 0; n < positions.length; n += 3) {
    const [x, y, z] = [positions[n]!, positions[n + 1]!, positions[n + 2]!]
    const a = distance(x + e, y - e, z - e)
    const b = distance(x - e, y - e, z + e)
    const c = distance(x - e, y + e, z - e)
    const d = distance(x + e, y + e, z + e)
    const g = [a - b - c + d, -a - b + c + d, -a + b - c + d]
    const length = Math.hypot(...g) || 1
    for (let k = 0; k < 3; k++) normals[n + k] = g[k]! / length
  }
  return normals
}
