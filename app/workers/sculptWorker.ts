import { expose, transfer } from 'comlink'
import type { BufferGeometry, Mesh } from 'three'
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js'
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js'
import { STLLoader } from 'three/addons/loaders/STLLoader.js'
import { bakeSculpt, curvatureOf, SHOWN_CELLS } from '../../core'
import { putSculpt, sculptOf } from '../stores/vault/sculpts'
import type { KeptSculpt } from '../stores/vault/sculpts'
import { shown } from './shownForm'
import type { ShownForm } from './shownForm'

/** Handed over, not copied: a copy would hold the page. */
const handed = <T extends ShownForm>(made: T): T =>
  transfer(made, [
    made.positions.buffer,
    made.normals.buffer,
    made.occlusion.buffer,
    made.curvature.buffer,
    made.triangles.buffer,
  ])

const MOST_BYTES = 200 * 1024 * 1024

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

/** A binary STL says how many triangles it has; 84 bytes of head and 50 each. */
function checkStl(data: ArrayBuffer): void {
  const start = new TextDecoder().decode(data.slice(0, 5)).toLowerCase()
  if (start === 'solid' && new TextDecoder().decode(data.slice(0, 400)).includes('facet')) return
  if (data.byteLength < 84)
    throw new RangeError(
      `is too short for an STL: ${data.byteLength} bytes, at least 84 are needed`,
    )
  const many = new DataView(data).getUint32(80, true)
  const needed = 84 + 50 * many
  if (needed > data.byteLength)
    throw new RangeError(
      `is cut short: it says ${many.toLocaleString('en')} triangles, which take ${needed.toLocaleString('en')} bytes, and has ${data.byteLength.toLocaleString('en')}`,
    )
}

async function corners(name: string, data: ArrayBuffer): Promise<Float32Array> {
  const kind = name.toLowerCase().split('.').at(-1)
  if (kind === 'stl') {
    checkStl(data)
    return cornersOf(new STLLoader().parse(data))
  }
  if (kind === 'obj') return cornersOfScene(new OBJLoader().parse(new TextDecoder().decode(data)))
  if (kind === 'glb') return cornersOfScene((await new GLTFLoader().parseAsync(data, '')).scene)
  throw new RangeError(`is of a kind that is not read ("${kind}"); allowed is STL, OBJ or GLB`)
}

const api = {
  /** One of our own forms, with its occlusion baked in. */
  async form(data: ArrayBuffer): Promise<ShownForm> {
    const { scene } = await new GLTFLoader().parseAsync(data, '')
    let found: BufferGeometry | undefined
    scene.traverse((one) => {
      const mesh = one as Mesh
      if (mesh.isMesh) found = mesh.geometry
    })
    if (!found) throw new RangeError('the form has no mesh in it')
    const array = (key: string): Float32Array => new Float32Array(found!.getAttribute(key).array)
    const made = shown({
      positions: array('position'),
      normals: array('normal'),
      occlusion: array('_occlusion'),
      triangles: new Uint32Array(found.index!.array),
    })
    return handed(made)
  },
  /** A sculpt that was kept, if it is there. */
  async kept(id: string): Promise<KeptSculpt | undefined> {
    const found = await sculptOf(id)
    // What an earlier version kept has no curvature.
    return found
      ? handed({ ...found, curvature: found.curvature ?? curvatureOf(found), kept: true })
      : undefined
  },
  /** A sculpt of the painter's own, kept under an id; or why it cannot be taken. */
  async read(
    id: string,
    name: string,
    file: Blob,
    detail: keyof typeof SHOWN_CELLS,
    tell: (done: number) => void,
  ): Promise<KeptSculpt | { trouble: string }> {
    try {
      if (file.size > MOST_BYTES)
        throw new RangeError(`is larger than ${MOST_BYTES / 1024 / 1024} MB`)
      tell(0.02)
      const points = await corners(name, await file.arrayBuffer())
      const made = { ...shown(bakeSculpt(points, tell, SHOWN_CELLS[detail])), name }
      const kept = await putSculpt(id, made).then(
        () => true,
        () => false,
      )
      return handed({ ...made, kept })
    } catch (error) {
      return { trouble: (error as Error).message }
    }
  },
}

export type SculptApi = typeof api
expose(api)
