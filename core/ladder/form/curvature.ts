import type { Mesh } from './surfaceNet'

/**
 * Mean curvature at every point, 1/units of length: positive on ridges, negative in creases. On an edge
 * from p to q the normal turns by (n_q − n_p)·(q − p)/|q − p|², the curvature along it (Taubin 1995);
 * the mean over the edges of a point stands for the mean over all directions.
 * @example curvatureOf(mesh).length
 */
export function curvatureOf({ positions, normals, triangles }: Mesh): Float32Array {
  const many = positions.length / 3
  const sums = new Float32Array(many)
  const counts = new Uint16Array(many)
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const p = triangles[t + k]!
      const q = triangles[t + ((k + 1) % 3)]!
      let turned = 0
      let square = 0
      for (let a = 0; a < 3; a++) {
        const along = positions[3 * q + a]! - positions[3 * p + a]!
        turned += (normals[3 * q + a]! - normals[3 * p + a]!) * along
        square += along * along
      }
      if (square === 0) continue
      for (const end of [p, q]) {
        sums[end]! += turned / square
        counts[end]!++
      }
    }
  for (let p = 0; p < many; p++) if (counts[p]! > 0) sums[p]! /= counts[p]!
  return sums
}
