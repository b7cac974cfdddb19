import type { BufferAttribute, BufferGeometry, Mesh } from 'three'
import { MeshoptDecoder } from 'three/addons/libs/meshopt_decoder.module.js'
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js'
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js'
import { STLLoader } from 'three/addons/loaders/STLLoader.js'
import { checkStl, REACH_UNIT } from '../../core'
import type { Sculpt } from '../../core'

/** Corners of a geometry, nine numbers a triangle, moved as its mesh is. */
function cornersOf(geometry: BufferGeometry, mesh?: Mesh): Float32Array {
  mesh?.updateWorldMatrix(true, false)
  const moved = mesh ? geometry.clone().applyMatrix4(mesh.matrixWorld) : geometry
  const flat = moved.index ? moved.toNonIndexed() : moved
  return new Float32Array(flat.getAttribute('position').array)
}
function joined(lists: Float32Array[]): Float32Array {
  const all = new Float32Array(lists.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const list of lists) {
    all.set(list, at)
    at += list.length
  }
  return all
}
function cornersOfScene(scene: { traverse: (each: (one: unknown) => void) => void }): Float32Array {
  const lists: Float32Array[] = []
  scene.traverse((one) => {
    const mesh = one as Mesh
    if (mesh.isMesh) lists.push(cornersOf(mesh.geometry, mesh))
  })
  return joined(lists)
}

/**
 * Corners of the triangles of a mesh file, nine numbers a triangle.
 * @throws RangeError for a file of another kind, or one that is cut short.
 */
export async function meshCorners(name: string, data: ArrayBuffer): Promise<Float32Array> {
  const kind = name.toLowerCase().split('.').at(-1)
  if (kind === 'stl') {
    checkStl(data)
    return cornersOf(new STLLoader().parse(data))
  }
  if (kind === 'obj') return cornersOfScene(new OBJLoader().parse(new TextDecoder().decode(data)))
  if (kind === 'glb') return cornersOfScene((await new GLTFLoader().parseAsync(data, '')).scene)
  throw new RangeError(`is of a kind that is not read ("${kind}"); allowed is STL, OBJ or GLB`)
}

/** One of our own forms (GLB), with what covers and what shades it baked in. */
export async function ownForm(data: ArrayBuffer): Promise<Required<Sculpt>> {
  const { scene } = await new GLTFLoader().setMeshoptDecoder(MeshoptDecoder).parseAsync(data, '')
  let found: Mesh | undefined
  scene.traverse((one) => {
    if ((one as Mesh).isMesh) found = one as Mesh
  })
  if (!found) throw new RangeError('the form has no mesh in it')
  found.updateWorldMatrix(true, false)
  const { geometry } = found
  const scale = found.matrixWorld.elements[0]!
  const read = (key: string, size: number, by = 1): Float32Array => {
    const from = geometry.getAttribute(key) as BufferAttribute
    const out = new Float32Array(from.count * size)
    for (let p = 0; p < from.count; p++)
      for (let k = 0; k < size; k++) out[p * size + k] = by * from.getComponent(p, k)
    return out
  }
  const fours = [0, 1, 2, 3].map((k) => read(`_reach${k}`, 4, 127 / REACH_UNIT))
  const values = Float32Array.from(
    { length: 4 * fours[0]!.length },
    (_, n) => fours[(n >> 2) & 3]![4 * (n >> 4) + (n & 3)]!,
  )
  return {
    positions: read('position', 3, scale),
    normals: read('normal', 3),
    occlusion: read('_occlusion', 1),
    reach: { terms: 16, values },
    triangles: new Uint32Array(geometry.index!.array),
  }
}
