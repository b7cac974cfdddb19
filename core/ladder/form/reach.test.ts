import { expect, it } from 'vitest'
import { distanceGrid } from './distanceGrid'
import { harmonics, reaching, reachOf, spread } from './reach'
import { shadingOf } from './shading'
import { ellipsoid } from './distance'
import { surfaceNet } from './surfaceNet'

/** A floor at y = 0, a wall at x = 0 that stands half a unit high. */
const corner = (x: number, y: number): number => {
  const wall = Math.hypot(Math.max(0, x), Math.max(0, y - 0.5))
  return Math.min(y, x > 0 || y > 0.5 ? wall : Math.max(x, y - 0.5))
}
const up = (x: number, y = 0.001) => ({
  positions: Float32Array.of(x, y, 0),
  normals: Float32Array.of(0, 1, 0),
})
/** A direction so many degrees above the floor, toward the wall or away from it. */
const from = (degrees: number, toward: -1 | 1): [number, number, number] => {
  const a = (degrees * Math.PI) / 180
  return [toward * Math.cos(a), Math.sin(a), 0]
}

it('harmonics are orthogonal over the sphere (Abramowitz & Stegun 1964, ch. 8)', () => {
  const ways = spread(4000).map((way) => harmonics(...way))
  const product = (i: number, j: number): number =>
    ways.reduce((sum, y) => sum + y[i]! * y[j]!, 0) / ways.length
  for (let i = 0; i < 16; i++)
    for (let j = 0; j < i; j++)
      expect(Math.abs(product(i, j)) / Math.sqrt(product(i, i) * product(j, j))).toBeLessThan(0.01)
})

it('the shadow of a wall ends where its height over the distance says (trigonometry)', () => {
  const seen = (x: number, degrees: number, toward: -1 | 1): number =>
    reaching(reachOf(up(x), corner), 0, harmonics(...from(degrees, toward)))
  for (const x of [0.25, 0.5, 0.8]) {
    const top = (Math.atan2(0.5, x) * 180) / Math.PI
    expect(seen(x, Math.max(8, top - 28), -1), `${x}, below the top`).toBeLessThan(0.3)
    expect(seen(x, Math.min(90, top + 28), -1), `${x}, above it`).toBeGreaterThan(0.7)
    // Half a lamp stands over the top.
    expect(Math.abs(seen(x, top, -1) - 0.5), `${x}, on it`).toBeLessThan(0.2)
    expect(seen(x, 45, 1), `${x}, away`).toBeGreaterThan(0.85)
  }
})

it('an egg shades nothing of itself, whatever the grid and however few the terms', () => {
  const egg = ellipsoid(0, 0, 0, 0.62, 0.86, 0.62)
  const mesh = surfaceNet(egg, 18)
  for (const terms of [4, 9, 16])
    for (const free of [egg, distanceGrid(egg, 60)]) {
      const reach = reachOf(mesh, free, { terms, many: 120 })
      let [sum, many] = [0, 0]
      for (const to of spread(20))
        for (let p = 0; p < mesh.normals.length / 3; p += 7) {
          const facing = to.reduce((all, v, a) => all + v * mesh.normals[3 * p + a]!, 0)
          if (facing < 0.35) continue
          sum += reaching(reach, p, harmonics(...to, terms))
          many++
        }
      expect(sum / many, `${terms} terms`).toBeGreaterThan(0.94)
    }
})

it('of triangles alone: a ball over a plate darkens the plate under it', () => {
  const ball = ellipsoid(0, 0.1, 0, 0.3, 0.3, 0.3)
  const mesh = surfaceNet((x, y, z) => Math.min(ball(x, y, z), y + 0.6), 44)
  const reach = shadingOf(mesh)
  const above = harmonics(0, 1, 0, reach.terms)
  const mean = (wanted: (x: number, z: number) => boolean): number => {
    const points = Array.from({ length: mesh.positions.length / 3 }, (_, p) => p).filter(
      (p) =>
        Math.abs(mesh.positions[3 * p + 1]! + 0.6) < 0.02 &&
        mesh.normals[3 * p + 1]! > 0.9 &&
        wanted(mesh.positions[3 * p]!, mesh.positions[3 * p + 2]!),
    )
    return points.reduce((sum, p) => sum + reaching(reach, p, above), 0) / points.length
  }
  expect(mean((x, z) => Math.hypot(x, z) < 0.12)).toBeLessThan(0.5)
  expect(
    mean((x, z) => Math.hypot(x, z) > 0.6 && Math.max(Math.abs(x), Math.abs(z)) < 0.9),
  ).toBeGreaterThan(0.85)
})
