import type { Distance } from './shapes/distance'

/** A closed surface: three numbers a point, three points a triangle. */
export interface Mesh {
  positions: Float32Array
  normals: Float32Array
  triangles: Uint32Array
}

/** Half the side of the cube that forms stand in. */
const REACH = 1.1

/**
 * Triangles of a distance function's zero surface by surface nets (Gibson 1998): one point in every
 * cell that the surface crosses, at the mean of the crossings of its edges.
 * @param cells cells along an edge of the cube from −1.1 to 1.1.
 * @example surfaceNet(shapes.egg, 8).triangles.length > 0 // true
 */
export function surfaceNet(distance: Distance, cells: number): Mesh {
  const side = cells + 1
  const step = (2 * REACH) / cells
  const values = new Float32Array(side * side * side)
  const place = (i: number): number => -REACH + i * step
  for (let k = 0, n = 0; k < side; k++)
    for (let j = 0; j < side; j++)
      for (let i = 0; i < side; i++, n++) values[n] = distance(place(i), place(j), place(k))
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
    normals: gradients(distance, positions, step / 2),
    triangles: Uint32Array.from(triangles),
  }
}

/** Outward normals: the gradient of the distance by central differences. */
function gradients(distance: Distance, positions: readonly number[], e: number): Float32Array {
  const normals = new Float32Array(positions.length)
  for (let n = 0; n < positions.length; n += 3) {
    const [x, y, z] = [positions[n]!, positions[n + 1]!, positions[n + 2]!]
    const g = [
      distance(x + e, y, z) - distance(x - e, y, z),
      distance(x, y + e, z) - distance(x, y - e, z),
      distance(x, y, z + e) - distance(x, y, z - e),
    ]
    const length = Math.hypot(...g) || 1
    for (let a = 0; a < 3; a++) normals[n + a] = g[a]! / length
  }
  return normals
}
