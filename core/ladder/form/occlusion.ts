import type { Distance } from './distance'
import type { Mesh } from './surfaceNet'

const REACHES = [0.04, 0.09, 0.16, 0.26]

/**
 * How much of the sky is covered at every point, 0 open to 1 closed: where the distance to the surface
 * grows slower along the normal than in the open, something is near.
 * @example occlusionOf(shapes.egg, mesh).length
 */
export function occlusionOf(distance: Distance, { positions, normals }: Mesh): Float32Array {
  const covered = new Float32Array(positions.length / 3)
  for (let p = 0; p < covered.length; p++) {
    let [sum, all] = [0, 0]
    REACHES.forEach((reach, i) => {
      const weight = 0.75 ** i
      const free = distance(
        positions[3 * p]! + reach * normals[3 * p]!,
        positions[3 * p + 1]! + reach * normals[3 * p + 1]!,
        positions[3 * p + 2]! + reach * normals[3 * p + 2]!,
      )
      sum += weight * Math.max(0, Math.min(1, 1 - free / reach))
      all += weight
    })
    covered[p] = Math.min(1, (1.6 * sum) / all)
  }
  return covered
}
