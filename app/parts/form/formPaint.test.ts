import { expect, it } from 'vitest'
import { brushEdges, fillRamp, RAMP } from './formPaint'
import type { BrushEdge } from './formPaint'
import { GRAIN, strokes } from './grain'

const ramp = (edges: BrushEdge) => {
  const data = new Uint8Array(4 * 4 * RAMP)
  fillRamp(data, {
    colours: [
      [0, 0, 0],
      [1, 1, 1],
    ],
    levels: [0.5],
    hollow: 0,
    key: [0, 1, 0],
    edges,
    ridges: 0,
    second: {
      key: [0, 1, 0],
      colours: [
        [0, 0, 0],
        [1, 0, 0],
      ],
      meets: 0.5,
    },
  })
  return (row: 0 | 1 | 2 | 3, level: number) => [
    ...data.subarray(4 * (row * RAMP + Math.floor(level * RAMP))).subarray(0, 3),
  ]
}

it('a hard edge jumps, a glazed one goes over; a second light has a strip of its own', () => {
  for (const edges of Object.keys(brushEdges) as BrushEdge[]) {
    const at = ramp(edges)
    expect(at(0, 0.3)).toEqual([0, 0, 0])
    expect(at(0, 0.7)).toEqual([255, 255, 255])
    expect(at(2, 0.7)).toEqual([255, 0, 0])
  }
  const steps = (edges: BrushEdge, row: 0 | 1 = 0): number => {
    const at = ramp(edges)
    return new Set(Array.from({ length: 200 }, (_, i) => at(row, 0.4 + i / 1000)[0])).size
  }
  // As painted it is soft, and clean where the form bends sharply.
  expect(steps('painted')).toBeGreaterThan(20)
  expect(steps('painted', 1)).toBeLessThan(6)
  expect(steps('hard')).toBeLessThan(6)
  expect(steps('glazed')).toBeGreaterThan(40)
})

it('strokes are even on average, longer than they are wide, and the same each time', () => {
  const made = strokes()
  expect(made).toEqual(strokes())
  expect(made.reduce((sum, v) => sum + v, 0) / made.length).toBeCloseTo(128, -1)
  const along = (by: number): number => {
    let sum = 0
    for (let i = 0; i < made.length; i++)
      sum += (made[i]! - 128) * (made[(i + by) % made.length]! - 128)
    return sum / made.length
  }
  expect(along(4)).toBeGreaterThan(0.35 * along(0))
  expect(Math.abs(along(GRAIN))).toBeLessThan(0.1 * along(0))
})
