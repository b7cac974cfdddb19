import type { BufferGeometry, Mesh } from 'three'
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js'
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js'
import { STLLoader } from 'three/addons/loaders/STLLoader.js'
import { checkStl } from '../../core'
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

/** One of our own forms (GLB), with its occlusion baked in. */
export async function ownForm(data: ArrayBuffer): Promise<Sculpt> {
  const { scene } = await new GLTFLoader().parseAsync(data, '')
  let found: BufferGeometry | undefined
  scene.traverse((one) => {
    const mesh = one as Mesh
    if (mesh.isMesh) found = mesh.geometry
  })
  if (!found) throw new RangeError('the form has no mesh in it')
  const array = (key: string): Float32Array => new Float32Array(found!.getAttribute(key).array)
  return {
    positions: array('position'),
    normals: array('normal'),
    occlusion: array('_occlusion'),
    triangles: new Uint32Array(found.index!.array),
  }
}
