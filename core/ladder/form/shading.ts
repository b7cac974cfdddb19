import { gridDistance } from './distanceGrid'
import { reachOf } from './reach'
import type { Reach } from './reach'
import type { Mesh } from './surfaceNet'

/** Cells along the cube for what shades what in a sculpt, and half the side of the cube. */
const CELLS = 72
const HALF = 1.12
const STEP = (2 * HALF) / CELLS
/** Directions and terms for a sculpt: it is waited for. */
const LOOKED = { many: 64, terms: 9 } as const

/** Squared distances along one line to the nearest zero, in cells (Felzenszwalb and Huttenlocher 2012). */
function alongLine(
  f: Float32Array,
  n: number,
  v: Int32Array,
  z: Float32Array,
  out: Float32Array,
): void {
  let k = 0
  v[0] = 0
  z[0] = -Infinity
  z[1] = Infinity
  for (let q = 1; q < n; q++) {
    let s: number
    do {
      const r = v[k]!
      s = (f[q]! + q * q - (f[r]! + r * r)) / (2 * q - 2 * r)
    } while (s <= z[k]! && --k >= 0)
    k++
    v[k] = q
    z[k] = s
    z[k + 1] = Infinity
  }
  for (let q = 0, at = 0; q < n; q++) {
    while (z[at + 1]! < q) at++
    out[q] = (q - v[at]!) ** 2 + f[v[at]!]!
  }
}

/** Distance to the nearest triangle from every point of a grid, by marking the grid points that triangles pass. */
function distances({ positions, triangles }: Mesh): Float32Array {
  const side = CELLS + 1
  const far = 1e6
  const grid = new Float32Array(side ** 3).fill(far)
  const at = (v: number): number => Math.max(0, Math.min(CELLS, Math.round((v + HALF) / STEP)))
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * triangles[t]!, 3 * triangles[t + 1]!, 3 * triangles[t + 2]!]
    const long = (p: number, q: number): number =>
      Math.hypot(
        positions[p]! - positions[q]!,
        positions[p + 1]! - positions[q + 1]!,
        positions[p + 2]! - positions[q + 2]!,
      )
    const steps = Math.min(
      80,
      Math.ceil(Math.max(long(a, b), long(b, c), long(c, a)) / (0.7 * STEP)),
    )
    for (let i = 0; i <= steps; i++)
      for (let j = 0; j <= steps - i; j++) {
        const [u, v] = [i / Math.max(1, steps), j / Math.max(1, steps)]
        const on = (k: number): number =>
          positions[a + k]! * (1 - u - v) + positions[b + k]! * u + positions[c + k]! * v
        grid[(at(on(2)) * side + at(on(1))) * side + at(on(0))] = 0
      }
  }
  const [line, out] = [new Float32Array(side), new Float32Array(side)]
  const [v, z] = [new Int32Array(side), new Float32Array(side + 1)]
  for (const [step, ...others] of [
    [1, side, side * side],
    [side, 1, side * side],
    [side * side, 1, side],
  ] as const)
    for (let j = 0; j < side; j++)
      for (let k = 0; k < side; k++) {
        const from = j * others[0] + k * others[1]
        for (let i = 0; i < side; i++) line[i] = grid[from + i * step]!
        alongLine(line, side, v, z, out)
        for (let i = 0; i < side; i++) grid[from + i * step] = out[i]!
      }
  // What passes within half a cell touches.
  return grid.map((square) => Math.sqrt(square) * STEP - 0.5 * STEP)
}

/**
 * From where light reaches every point of a painter's own sculpt, open surfaces included.
 * @example shadingOf(mesh).terms // 9
 */
export const shadingOf = (mesh: Mesh, tell?: (done: number) => void): Reach =>
  reachOf(mesh, gridDistance(distances(mesh), CELLS), {
    ...LOOKED,
    off: 1.6 * STEP,
    ...(tell ? { tell } : {}),
  })
