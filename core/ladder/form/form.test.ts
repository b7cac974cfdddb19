import { usualKey } from '../../project/keyLight'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { baseReflectance } from '../../tone/tone'
import { plainLighting } from '../../project/lighting'
import { ladderTargets } from '../targets'
import { bakeSculpt } from './bakeSculpt'
import { curvatureOf } from './curvature'
import { forms } from '../../project/forms'
import { formPoints } from '../../../scripts/forms/shapes/formPoints'
import { shapes } from '../../../scripts/forms/shapes/shapes'
import { thorough } from '../../../tests/thorough'
import { points } from './points'
import { keyVector, lightLevel } from './lightLevel'
import { occlusionOf } from './occlusion'
import { formSamples, samplesOf } from './samples'
import { exposure, sharesFor, stepAt } from './shares'
import { surfaceNet } from './surfaceNet'
import type { Mesh } from './surfaceNet'

const meshOf = (key: keyof typeof forms, cells = 28): Mesh => surfaceNet(shapes[key], cells)
/** Corners of a mesh as an STL has them. */
const cornersOf = ({ positions, triangles }: Mesh): Float32Array =>
  Float32Array.from(
    [...triangles].flatMap((p) => [
      positions[3 * p]!,
      positions[3 * p + 1]!,
      positions[3 * p + 2]!,
    ]),
  )

describe('forms', () => {
  it('a net lies on the surface, closed, with its outside outward', () => {
    const { positions, normals, triangles } = meshOf('egg', 40)
    const edges = new Map<string, number>()
    let volume = 0
    for (let t = 0; t < triangles.length; t += 3) {
      const three = [0, 1, 2].map((k) => triangles[t + k]!)
      three.forEach((a, k) => {
        const b = three[(k + 1) % 3]!
        edges.set(`${a} ${b}`, (edges.get(`${a} ${b}`) ?? 0) + 1)
        expect(edges.get(`${a} ${b}`)).toBe(1)
      })
      const [a, b, c] = three.map((p) => [0, 1, 2].map((k) => positions[3 * p + k]!)) as number[][]
      volume +=
        (a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!) +
          a![1]! * (b![2]! * c![0]! - b![0]! * c![2]!) +
          a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!)) /
        6
    }
    for (const edge of edges.keys())
      expect(edges.has(edge.split(' ').reverse().join(' '))).toBe(true)
    // An ellipsoid of these half-axes.
    expect(volume).toBeGreaterThan(0.96 * ((4 / 3) * Math.PI * 0.62 * 0.86 * 0.62))
    expect(volume).toBeLessThan((4 / 3) * Math.PI * 0.62 * 0.86 * 0.62)
    for (let p = 0; p < positions.length; p += 3)
      expect(
        positions[p]! * normals[p]! +
          positions[p + 1]! * normals[p + 1]! +
          positions[p + 2]! * normals[p + 2]!,
      ).toBeGreaterThan(0)
  })

  it('folds are covered, an egg is open, and the packed head is the head', () => {
    const egg = meshOf('egg')
    expect(Math.max(...occlusionOf(shapes.egg, egg))).toBeLessThan(0.25)
    // What is packed is made of the shapes as they are; with THOROUGH=1 all of them.
    const keys = Object.keys(forms) as (keyof typeof forms)[]
    for (const key of thorough ? keys : (['egg', 'hand'] as const))
      expect(formPoints(key), key).toBe(points[key])
    expect(Math.max(...formSamples().occlusion)).toBeGreaterThan(0.5)
  })
})

describe('shares', () => {
  const ladderOf = (id: string) => {
    const { tone } = lowTide([]).figures.find((figure) => figure.id === id)!
    return ladderTargets(baseReflectance(tone), plainLighting)
  }
  const lightsOf = (ladder: ReturnType<typeof ladderOf>): number => {
    const base = ladder.findIndex(({ key }) => key === 'base')
    return ladder.slice(base + 1).reduce((sum, { share }) => sum + share, 0)
  }

  it('T19: lights take more than half of pale skin and less than a quarter of very deep skin', () => {
    expect(lightsOf(ladderOf('bram'))).toBeGreaterThan(0.5)
    expect(lightsOf(ladderOf('tunde'))).toBeLessThan(0.25)
    expect(lightsOf(ladderOf('rashida'))).toBeGreaterThan(lightsOf(ladderOf('tunde')))
  })

  it('follow the form and the light: from below the lights move, from behind they shrink', () => {
    const asked = { baseL: 54, below: 3, above: 3 }
    const head = sharesFor(asked)
    const mesh = meshOf('egg')
    const egg = sharesFor({
      ...asked,
      form: samplesOf(mesh, occlusionOf(shapes.egg, mesh)),
    })
    expect(egg.reduce((a, b) => a + b)).toBeCloseTo(1, 12)
    // An egg has no folds: less of it is in the deepest step.
    expect(egg[0]!).toBeLessThan(head[0]!)
    const lights = (shares: number[]): number => shares.slice(4).reduce((a, b) => a + b)
    const behind = sharesFor({ ...asked, key: { azimuth: 170, elevation: 20 } })
    expect(lights(behind)).toBeLessThan(0.5 * lights(head))
    // Toward the light each step is smaller than the one before it.
    expect(head[5]!).toBeLessThan(head[4]!)
    expect(head[6]!).toBeLessThan(head[5]!)
  })

  it('T20: a hollow that faces up takes the middle tone, only what faces down the deepest', () => {
    const set = exposure(54, 3, 3)
    const key = keyVector(usualKey)
    const level = (ny: number): number => lightLevel(0, ny, Math.sqrt(1 - ny * ny), 0.97, key) * 0.4
    const up = Math.max(level(0.3), set.hollow)
    expect(stepAt(set, level(-0.9))).toBe(0)
    expect(stepAt(set, up)).toBe(2)
    const hollows = (ny: number) => ({
      normals: Float32Array.of(0, ny, Math.sqrt(1 - ny * ny)),
      occlusion: Float32Array.of(1),
      areas: Float32Array.of(1),
    })
    const asked = { baseL: 54, below: 3, above: 3, key: { azimuth: 180, elevation: 0 } }
    expect(sharesFor({ ...asked, form: hollows(0.4) })[2]).toBe(1)
    expect(sharesFor({ ...asked, form: hollows(-0.4) })[0]).toBe(1)
  })
})

describe('a sculpt of one’s own', () => {
  it('is set upright at the origin, its folds covered like those of the form it came from', () => {
    const head = meshOf('drake', 60)
    const told: number[] = []
    const corners = cornersOf(head).map((v) => 40 * v + 7)
    const sculpt = bakeSculpt(corners, (done) => told.push(done))
    expect(told.at(-1)).toBe(1)
    const reach = [0, 1, 2].map((a) =>
      Math.max(...sculpt.positions.filter((_, i) => i % 3 === a).map(Math.abs)),
    )
    expect(Math.max(...reach)).toBeCloseTo(1, 2)
    // Where the form is deep or open, the sculpt's nearest point is so too.
    const exact = occlusionOf(shapes.drake, head)
    const extent = (a: number): [number, number] => {
      const along = head.positions.filter((_, i) => i % 3 === a)
      return [Math.min(...along), Math.max(...along)]
    }
    const sides = [0, 1, 2].map(extent)
    const size = Math.max(...sides.map(([least, most]) => most - least))
    const cover = (p: number): number => {
      const at = sides.map(
        ([least, most], a) => ((head.positions[3 * p + a]! - (least + most) / 2) * 2) / size,
      )
      let best = { far: Infinity, cover: 0 }
      sculpt.occlusion.forEach((value, i) => {
        const far = at.reduce((sum, v, a) => sum + (sculpt.positions[3 * i + a]! - v) ** 2, 0)
        if (far < best.far) best = { far, cover: value }
      })
      return best.cover
    }
    const mean = (wanted: (one: number) => boolean): number => {
      const points = [...exact.keys()].filter((p) => wanted(exact[p]!)).slice(0, 60)
      return points.reduce((sum, p) => sum + cover(p), 0) / points.length
    }
    expect(mean((one) => one > 0.5)).toBeGreaterThan(mean((one) => one < 0.05) + 0.1)
  })

  it('bends by 1/r on a ball and by half of that round a pipe (differential geometry)', () => {
    const bent = (
      distance: (x: number, y: number, z: number) => number,
      inside: number,
    ): number[] => {
      const mesh = surfaceNet(distance, 40)
      const within = (p: number): boolean => Math.abs(mesh.positions[3 * p + 2]!) < inside
      return [...curvatureOf(mesh)].filter((_, p) => within(p))
    }
    const mean = (all: number[]): number => all.reduce((a, b) => a + b, 0) / all.length
    expect(mean(bent((x, y, z) => Math.hypot(x, y, z) - 0.5, 1))).toBeCloseTo(2, 1)
    // Edges lie along the pipe and round it in unequal parts.
    const pipe = mean(bent((x, y) => Math.hypot(x, y) - 0.5, 0.6))
    expect(Math.abs(pipe - 1)).toBeLessThan(0.12)
    // Seen from within, the same ball is a hollow.
    expect(mean(bent((x, y, z) => 0.5 - Math.hypot(x, y, z), 0.4))).toBeCloseTo(-2, 1)
  })

  it('is refused with a reason when it is broken', () => {
    expect(() => bakeSculpt(new Float32Array(0))).toThrow('no triangles')
    expect(() => bakeSculpt(new Float32Array(9 * 500_001))).toThrow('at most 500,000')
    expect(() => bakeSculpt(Float32Array.of(0, 0, 0, 1, 0, 0, 0, NaN, 0))).toThrow('triangle 1')
    expect(() => bakeSculpt(new Float32Array(9).fill(3))).toThrow('no size')
  })
})
