import { BufferAttribute, BufferGeometry } from 'three'
import type { Reach } from '../../../core'

/** A form as the scene takes it. */
export interface BareForm {
  positions: Float32Array
  normals: Float32Array
  occlusion: Float32Array
  curvature: Float32Array
  reach: Reach
  triangles: Uint32Array
}

/** A form as the graphics processor takes it: what its points are, and room for what is painted on them. */
export function formGeometry({
  positions,
  normals,
  occlusion,
  curvature,
  reach,
  triangles,
}: BareForm): BufferGeometry {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(positions, 3))
  geometry.setAttribute('normal', new BufferAttribute(normals, 3))
  geometry.setAttribute('occlusion', new BufferAttribute(occlusion, 1))
  geometry.setAttribute('curvature', new BufferAttribute(curvature, 1))
  const { terms, values } = reach
  for (const k of [0, 1, 2, 3]) {
    const four = new Float32Array(4 * occlusion.length)
    for (let p = 0; p < occlusion.length; p++)
      four.set(values.subarray(p * terms + 4 * k, p * terms + Math.min(terms, 4 * k + 4)), 4 * p)
    geometry.setAttribute(`reach${k}`, new BufferAttribute(four, 4))
  }
  geometry.setAttribute(
    'placed',
    new BufferAttribute(new Float32Array(occlusion.length).fill(1), 1),
  )
  const many = occlusion.length
  geometry.setAttribute('glazed', new BufferAttribute(new Float32Array(3 * many), 3))
  geometry.setAttribute('over', new BufferAttribute(new Float32Array(4 * many), 4))
  geometry.setIndex(new BufferAttribute(triangles, 1))
  return geometry
}
