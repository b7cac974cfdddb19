import { MeshoptEncoder } from 'meshoptimizer'
import { expect, it } from 'vitest'
import { occlusionOf, REACH_UNIT, surfaceNet } from '../../core'
import { reachOf } from '../../core/ladder/form/reach'
import { shapes } from './shapes/shapes'
import { ownForm } from '../../app/workers/meshCorners'
import { glb } from './glb'

it('what is packed is read back by three’s glTF loader, to the step that it is kept by', async () => {
  await MeshoptEncoder.ready
  const mesh = surfaceNet(shapes.egg, 14)
  const many = mesh.positions.length / 3
  const covered = occlusionOf(shapes.egg, mesh)
  const { terms, values } = reachOf(mesh, shapes.egg, { many: 60 })
  const held = (v: number, most: number): number => Math.max(-most, Math.min(most, Math.round(v)))
  const file = glb(
    [
      {
        name: 'POSITION',
        size: 3,
        array: Int16Array.from(mesh.positions, (v) => held((v / 1.1) * 32767, 32767)),
      },
      { name: 'NORMAL', size: 3, array: Int8Array.from(mesh.normals, (v) => held(v * 127, 127)) },
      { name: '_OCCLUSION', size: 1, array: Uint8Array.from(covered, (v) => held(v * 255, 255)) },
      ...[0, 4, 8, 12].map((from) => ({
        name: `_REACH${from / 4}`,
        size: 4,
        array: Int8Array.from({ length: 4 * many }, (_, n) =>
          held(values[Math.floor(n / 4) * terms + from + (n % 4)]! * REACH_UNIT, 127),
        ),
      })),
    ],
    mesh.triangles,
    1.1,
  )
  expect(file.subarray(0, 4).toString()).toBe('glTF')
  expect(file.readUInt32LE(8)).toBe(file.length)
  const form = await ownForm(Uint8Array.from(file).buffer)
  const apart = (one: Float32Array, other: Float32Array): number => {
    expect(one.length).toBe(other.length)
    return one.reduce((most, v, i) => Math.max(most, Math.abs(v - other[i]!)), 0)
  }
  expect(apart(form.positions, mesh.positions)).toBeLessThan(1.1 / 32767)
  expect(apart(form.normals, mesh.normals)).toBeLessThan(0.5 / 127 + 1e-6)
  expect(apart(form.occlusion, covered)).toBeLessThan(0.5 / 255 + 1e-6)
  expect(apart(form.reach.values, values)).toBeLessThan(0.5 / REACH_UNIT + 1e-6)
  // The encoder may turn the corners of a triangle, never its sides.
  const turned = (t: Uint32Array): string[] =>
    Array.from({ length: t.length / 3 }, (_, i) => {
      const three = [...t.subarray(3 * i, 3 * i + 3)]
      while (three[0] !== Math.min(...three)) three.push(three.shift()!)
      return three.join()
    }).sort()
  expect(turned(form.triangles)).toEqual(turned(mesh.triangles))
})
