import { writeFileSync } from 'node:fs'
import { MeshoptEncoder, MeshoptSimplifier } from 'meshoptimizer'
import { forms, occlusionOf } from '../../core'
import type { FormKey, Mesh } from '../../core'
import { normalsOfTriangles } from '../../core/ladder/form/bakeSculpt'
import { distanceGrid } from '../../core/ladder/form/distanceGrid'
import { points } from '../../core/ladder/form/points'
import { formMesh } from '../../tests/fixtures/formMesh'
import { reachOf } from '../../core/ladder/form/reach'
import { REACH_UNIT } from '../../core/ladder/form/samples'
import { gradients, surfaceNet } from '../../core/ladder/form/surfaceNet'
import { formPoints } from './shapes/formPoints'
import { heads } from './shapes/heads'
import type { HeadKey } from './shapes/heads'
import { shapes } from './shapes/shapes'
import { drawingOf } from './drawing'
import { glb } from './glb'
import { thumbnail } from './thumbnail'

/** Cells along the cube that a form is first made in, and triangles that are kept: most where it bends most. */
const CELLS: Partial<Record<FormKey, number>> = {
  egg: 48,
  forearm: 96,
  hand: 170,
  torso: 150,
  flank: 190,
  drake: 260,
  newt: 200,
}
/** A head: the opening of an eye is nine high. */
const USUAL_CELLS = 340
const KEPT: Partial<Record<FormKey, number>> = { egg: 8_000, forearm: 14_000 }
const USUAL_KEPT = 34_000
/** Cells for what shades what. */
const GRID = 96
/** How far off the ends of a normal are asked for. */
const NEAR = 0.003
/** A position of 1. */
const SCALE = 1.1

/** Fewer triangles with the same look: flats are told by few, lids and lips by many (quadrics, normals weighed in). */
function lighter({ positions, normals, triangles }: Mesh, kept: number, whole?: Uint8Array): Mesh {
  const [fewer] = MeshoptSimplifier.simplifyWithAttributes(
    triangles,
    positions,
    3,
    normals,
    3,
    [0.5, 0.5, 0.5],
    whole ?? null,
    Math.min(triangles.length, 3 * kept),
    1,
  )
  const indices = new Uint32Array(fewer)
  const [order, many] = MeshoptEncoder.reorderMesh(indices, true, false)
  const moved = (of: Float32Array): Float32Array => {
    const to = new Float32Array(3 * many)
    order.forEach((at, p) => {
      if (at !== 0xffffffff) to.set(of.subarray(3 * p, 3 * p + 3), 3 * at)
    })
    return to
  }
  return { positions: moved(positions), normals: moved(normals), triangles: indices }
}

/** Points of a head's eyes and lids, which stay as fine as they were made. */
function eyesOf(key: FormKey, { positions }: Mesh): Uint8Array | undefined {
  if (!(key in heads)) return undefined
  const [x, y, z, r] = heads[key as HeadKey].eye()
  return Uint8Array.from({ length: positions.length / 3 }, (_, p) => {
    const [px, py, pz] = [Math.abs(positions[3 * p]!), positions[3 * p + 1]!, positions[3 * p + 2]!]
    return pz > z && Math.hypot(px - x, 1.5 * (py - y)) < r ? 1 : 0
  })
}

const whole = (v: number, unit: number, most: number): number =>
  Math.max(-most, Math.min(most, Math.round(v * unit)))

await Promise.all([MeshoptEncoder.ready, MeshoptSimplifier.ready])
const wanted = process.argv.slice(2)
const keys = (Object.keys(forms) as FormKey[]).filter(
  (key) => !wanted.length || wanted.includes(key),
)
for (const key of keys) {
  const shape = shapes[key]
  const rough = surfaceNet(shape, CELLS[key] ?? USUAL_CELLS, normalsOfTriangles)
  const kept = lighter(rough, KEPT[key] ?? USUAL_KEPT, eyesOf(key, rough))
  const mesh = { ...kept, normals: gradients(shape, kept.positions, NEAR) }
  const many = mesh.positions.length / 3
  const { terms, values } = reachOf(mesh, distanceGrid(shape, GRID))
  const reach = (from: number) => ({
    name: `_REACH${from / 4}`,
    size: 4,
    array: Int8Array.from({ length: 4 * many }, (_, n) =>
      whole(values[Math.floor(n / 4) * terms + from + (n % 4)]!, REACH_UNIT, 127),
    ),
  })
  const file = glb(
    [
      {
        name: 'POSITION',
        size: 3,
        array: Int16Array.from(mesh.positions, (v) => whole(v / SCALE, 32767, 32767)),
      },
      { name: 'NORMAL', size: 3, array: Int8Array.from(mesh.normals, (v) => whole(v, 127, 127)) },
      {
        name: '_OCCLUSION',
        size: 1,
        array: Uint8Array.from(occlusionOf(shape, mesh), (v) => whole(v, 255, 255)),
      },
      ...[0, 4, 8, 12].map(reach),
    ],
    mesh.triangles,
    SCALE,
  )
  writeFileSync(`public/forms/${key}.glb`, file)
  writeFileSync(`public/forms/${key}.png`, thumbnail(shape))
  console.log(
    `${key}: ${mesh.triangles.length / 3} triangles, ${Math.round(file.length / 1024)} kB`,
  )
}

for (const key of Object.keys(forms) as FormKey[])
  writeFileSync(`public/forms/${key}.json`, JSON.stringify(drawingOf(key, await formMesh(key))))

/** Of forms that are not made anew the points stay. */
const packed: Partial<Record<FormKey, string>> = points
const lines = (Object.keys(forms) as FormKey[]).map((key) => {
  const text = keys.includes(key) ? formPoints(key) : (packed[key] ?? formPoints(key))
  return `  ${key}:\n    '${text}',\n`
})
writeFileSync(
  'core/ladder/form/points.ts',
  `/** Points of the forms seen from the front, packed; made by \`npm run forms\` from scripts/forms/shapes. */\nexport const points = {\n${lines.join('')}} as const\n`,
)

const marks = (Object.keys(heads) as HeadKey[]).map(
  (key) => `  ${key}: ${JSON.stringify(heads[key].marks())},\n`,
)
writeFileSync(
  'core/ladder/form/marks.ts',
  `import type { HeadMarks } from './headMarks'\n\n/** Where places of life lie on every head; made by \`npm run forms\`. */\nexport const marks = {\n${marks.join('')}} as const satisfies Record<string, HeadMarks>\n`,
)
