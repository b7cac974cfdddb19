import { writeFileSync } from 'node:fs'
import { MeshoptEncoder, MeshoptSimplifier } from 'meshoptimizer'
import { forms, occlusionOf, surfaceNet } from '../../core'
import type { FormKey, Mesh } from '../../core'
import { distanceGrid } from '../../core/ladder/form/distanceGrid'
import { reachOf } from '../../core/ladder/form/reach'
import { REACH_UNIT } from '../../core/ladder/form/samples'
import { formPoints } from '../../core/ladder/form/shapes/formPoints'
import { shapes } from '../../core/ladder/form/shapes/shapes'
import { glb } from './glb'
import { thumbnail } from './thumbnail'

/** Cells along the cube that a form is first made in, and triangles that are kept: most where it bends most. */
const CELLS: Partial<Record<FormKey, number>> = { egg: 48, forearm: 96, hand: 170, torso: 150 }
const USUAL_CELLS = 190
const KEPT: Partial<Record<FormKey, number>> = { egg: 8_000, forearm: 14_000 }
const USUAL_KEPT = 34_000
/** Cells for what shades what. */
const GRID = 128
/** A position of 1. */
const SCALE = 1.1

/** Fewer triangles with the same look: flats are told by few, lids and lips by many (quadrics, normals weighed in). */
function lighter({ positions, normals, triangles }: Mesh, kept: number): Mesh {
  const [fewer] = MeshoptSimplifier.simplifyWithAttributes(
    triangles,
    positions,
    3,
    normals,
    3,
    [0.5, 0.5, 0.5],
    null,
    Math.min(triangles.length, 3 * kept),
    1,
  )
  const indices = new Uint32Array(fewer)
  const [order, many] = MeshoptEncoder.reorderMesh(indices, true, false)
  const moved = (from: Float32Array): Float32Array => {
    const to = new Float32Array(3 * many)
    order.forEach((at, p) => {
      if (at !== 0xffffffff) to.set(from.subarray(3 * p, 3 * p + 3), 3 * at)
    })
    return to
  }
  return { positions: moved(positions), normals: moved(normals), triangles: indices }
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
  const mesh = lighter(surfaceNet(shape, CELLS[key] ?? USUAL_CELLS), KEPT[key] ?? USUAL_KEPT)
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

const points = (Object.keys(forms) as FormKey[]).map(
  (key) => `  ${key}:\n    '${formPoints(key)}',\n`,
)
writeFileSync(
  'core/ladder/form/points.ts',
  `/** Points of the forms seen from the front, packed; made by \`npm run forms\` from shapes/. */\nexport const points = {\n${points.join('')}} as const\n`,
)
