import { describe, expect, it } from 'vitest'
import { deltaE00Of } from '../colour/deltaE00'
import { seeded } from '../numbers/seeded'
import { labCells } from './labCells'
import { many } from '../../tests/thorough'

const random = seeded(24)
const between = (low: number, high: number): number => low + (high - low) * random()
const MANY = 4000
const plane = (low: number, high: number) =>
  Float32Array.from({ length: MANY }, () => between(low, high))
const planes = [plane(0, 100), plane(-110, 110), plane(-110, 110)] as const
const cells = labCells(planes)
const colourAt = (place: number) =>
  planes.map((one) => one[place]!) as [L: number, a: number, b: number]

describe('cells of CIELAB', () => {
  it('hold every colour once', () => {
    expect([...cells.order].sort((one, other) => one - other)).toEqual(
      Array.from({ length: MANY }, (_, i) => i),
    )
    expect([cells.starts[0], cells.starts.at(-1)]).toEqual([0, MANY])
    for (let cell = 1; cell < cells.starts.length; cell++)
      expect(cells.starts[cell]).toBeGreaterThan(cells.starts[cell - 1]!)
  })

  it('stand in order, and nothing in one is nearer than it says, blue and red, dark and light', () => {
    for (let n = 0; n < many(40, 15); n++) {
      const target = { L: between(0, 100), a: between(-110, 110), b: between(-110, 110) }
      const { cells: order, least } = cells.nearestFirst(target)
      expect(new Set(order).size).toBe(cells.starts.length - 1)
      order.forEach((cell, at) => {
        if (at > 0) expect(least[at]).toBeGreaterThanOrEqual(least[at - 1]!)
        for (let i = cells.starts[cell]!; i < cells.starts[cell + 1]!; i++) {
          const [L, a, b] = colourAt(cells.order[i]!)
          const off = deltaE00Of(L, a, b, target.L, target.a, target.b)
          if (off < least[at]!) throw new Error(`${off} in a cell of at least ${least[at]}`)
        }
      })
    }
  })

  it('tell something: the cell a colour lies in says nought, one far off says much', () => {
    const [L, a, b] = colourAt(7)
    const { least } = cells.nearestFirst({ L, a, b })
    expect(least[0]).toBe(0)
    expect(least.at(-1)).toBeGreaterThan(20)
  })
})
