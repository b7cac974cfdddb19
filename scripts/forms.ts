import { writeFileSync } from 'node:fs'
import { forms, occlusionOf, samplesOf, surfaceNet } from '../core'
import { packSamples } from '../core/ladder/form/samples'
import type { FormKey } from '../core'

/** Cells along the cube: smooth at 600 pixels, and light enough for a software renderer. */
const CELLS: Record<FormKey, number> = { head: 64, egg: 40, forearm: 56, flank: 64 }
const FLOAT = 5126
const UINT = 5125

/** A mesh as glTF 2.0 binary (GLB): position, normal and how much each point is covered. */
function glb(
  positions: Float32Array,
  normals: Float32Array,
  occlusion: Float32Array,
  triangles: Uint32Array,
): Buffer {
  const arrays = [positions, normals, occlusion, triangles]
  const bounds = (pick: (...values: number[]) => number): number[] =>
    [0, 1, 2].map((a) =>
      positions.reduce((best, v, i) => (i % 3 === a ? pick(best, v) : best), positions[a]!),
    )
  let offset = 0
  const views = arrays.map((array) => {
    const view = { buffer: 0, byteOffset: offset, byteLength: array.byteLength }
    offset += array.byteLength
    return view
  })
  const accessor = (view: number, type: string, count: number, componentType = FLOAT) => ({
    bufferView: view,
    componentType,
    count,
    type,
  })
  const points = occlusion.length
  const json = JSON.stringify({
    asset: { version: '2.0' },
    scene: 0,
    scenes: [{ nodes: [0] }],
    nodes: [{ mesh: 0 }],
    meshes: [
      { primitives: [{ attributes: { POSITION: 0, NORMAL: 1, _OCCLUSION: 2 }, indices: 3 }] },
    ],
    accessors: [
      {
        ...accessor(0, 'VEC3', points),
        min: bounds(Math.min),
        max: bounds(Math.max),
      },
      accessor(1, 'VEC3', points),
      accessor(2, 'SCALAR', points),
      accessor(3, 'SCALAR', triangles.length, UINT),
    ],
    bufferViews: views,
    buffers: [{ byteLength: offset }],
  })
  const padded = Buffer.from(json.padEnd(Math.ceil(json.length / 4) * 4, ' '))
  const body = Buffer.concat(arrays.map((a) => Buffer.from(a.buffer, a.byteOffset, a.byteLength)))
  const head = (words: number[]): Buffer => Buffer.from(Uint32Array.from(words).buffer)
  return Buffer.concat([
    head([0x46546c67, 2, 28 + padded.length + body.length]),
    head([padded.length, 0x4e4f534a]),
    padded,
    head([body.length, 0x004e4942]),
    body,
  ])
}

for (const key of Object.keys(forms) as FormKey[]) {
  const { distance } = forms[key]
  const mesh = surfaceNet(distance, CELLS[key])
  const file = glb(mesh.positions, mesh.normals, occlusionOf(distance, mesh), mesh.triangles)
  writeFileSync(`public/forms/${key}.glb`, file)
  console.log(
    `${key}: ${mesh.triangles.length / 3} triangles, ${Math.round(file.length / 1024)} kB`,
  )
}

/** Cells for the points that shares are measured on: fine enough for a percent. */
const POINT_CELLS = 28
const points = (Object.keys(forms) as FormKey[]).map((key) => {
  const { distance } = forms[key]
  const mesh = surfaceNet(distance, POINT_CELLS)
  return `  ${key}:\n    '${packSamples(samplesOf(mesh, occlusionOf(distance, mesh)))}',\n`
})
writeFileSync(
  'core/ladder/form/points.ts',
  `/** Points of the forms seen from the front, packed; made by \`npm run forms\` from forms.ts. */\nexport const points = {\n${points.join('')}} as const\n`,
)
