import { describe, expect, it } from 'vitest'
import { seeded } from '../../numbers/seeded'
import { starterPaints } from '../../paint/starter'
import { compositions } from './compositions'
import { joinedClusters } from './joined'
import type { Joined } from './joined'
import { paintTree } from './paintTree'
import { cornersOf, ratioTree } from './ratioTree'
import { tasksOf } from './tasks'
import { sharedWork, Turns } from './turns'

const random = seeded(24)
const placesOf = ({ point, of }: Joined): number[] => (of ? of.flatMap(placesOf) : [point])
const depthOf = ({ of }: Joined): number => (of ? 1 + Math.max(...of.map(depthOf)) : 0)

/** Sum over the sets of a tree of how far their points reach. */
function widthOf(tree: Joined, points: readonly Float64Array[]): number {
  if (!tree.of) return 0
  const own = placesOf(tree).map((place) => points[place]!)
  const axes = [...points[0]!.keys()].map((i) => own.map((point) => point[i]!))
  const width = axes.reduce((sum, axis) => sum + Math.max(...axis) - Math.min(...axis), 0)
  return width + tree.of.reduce((sum, half) => sum + widthOf(half, points), 0)
}

describe('the trees of a search', () => {
  it('join what is alike: every point once, families of points before others, twins evenly', () => {
    const families = Array.from({ length: 12 }, () => [random(), random(), random()])
    const points = Array.from({ length: 60 }, (_, i) =>
      Float64Array.from(families[i % 12]!, (at) => at + 0.001 * random()),
    )
    const tree = joinedClusters(points)
    expect(placesOf(tree).sort((a, b) => a - b)).toEqual(points.map((_, i) => i))
    const setsOf = (at: Joined): Joined[] => [at, ...(at.of?.flatMap(setsOf) ?? [])]
    const fives = setsOf(tree)
      .map((set) => placesOf(set).map((place) => place % 12))
      .filter((own) => own.length === 5 && new Set(own).size === 1)
    expect(fives).toHaveLength(12)
    // Points in the order they came, halved again and again, lie further apart.
    const halved = (from: number, to: number): Joined => {
      if (to - from === 1) return { point: from }
      const half = (from + to) >> 1
      return { point: -1, of: [halved(from, half), halved(half, to)] }
    }
    expect(widthOf(tree, points)).toBeLessThan(0.5 * widthOf(halved(0, 60), points))
    expect(depthOf(joinedClusters(points.map(() => points[0]!)))).toBeLessThan(12)
  })

  it('every ratio stands once in its tree, within the corners of all cells above it', () => {
    const tree = ratioTree(3, 12)
    const { ratios, cells } = tree
    const [K, S] = [0, 1].map(() => [random(), random(), random()]) as [number[], number[]]
    const sum = (shares: readonly number[], of: number[]): number =>
      shares.reduce((all, share, slot) => all + share * of[slot]!, 0)
    const quotient = (shares: readonly number[]): number => sum(shares, K) / sum(shares, S)
    expect(ratios.map(String).sort()).toEqual(compositions(3, 12).map(String).sort())
    for (const cell of cells) {
      const { from, to, left, right, least, step } = cell
      const reached = cornersOf(tree, cell).map(quotient)
      if (left >= 0) {
        expect([cells[left]!.from, cells[left]!.to]).toEqual([from, cells[right]!.from])
        expect(cells[right]!.to).toBe(to)
      }
      expect(least.reduce((sum, share) => sum + share, step)).toBeCloseTo(1, 12)
      for (const drops of ratios.slice(from, to)) {
        const total = drops.reduce((sum, d) => sum + d, 0)
        drops.forEach((d, slot) => expect(d / total).toBeGreaterThanOrEqual(least[slot]!))
        expect(quotient(drops)).toBeGreaterThanOrEqual(Math.min(...reached) - 1e-12)
        expect(quotient(drops)).toBeLessThanOrEqual(Math.max(...reached) + 1e-12)
      }
    }
  })

  it('searchers take every task once, each its part or what is left in shared memory', () => {
    const paints = starterPaints.slice(0, 9)
    const tree = paintTree(paints)
    const ratios = [1, 2, 3, 4].map((slots) => ratioTree(slots, 6))
    const { many, at } = tasksOf(tree, ratios)
    const places = Array.from({ length: many }, (_, place) => place)
    const named = places.map(at).map(({ clusters, cell }) => `${clusters.join()}/${cell}`)
    expect(new Set(named).size).toBe(many)
    const inOrder = (a: number, b: number): number => a - b
    const own = [0, 1, 2].map((part) => [...new Turns(many, { part, of: 3 }).left()])
    expect(own.flat().sort(inOrder)).toEqual(places)
    const memory = sharedWork()
    const [one, other] = [0, 1].map((part) => new Turns(many, { part, of: 2, memory })) as [
      Turns,
      Turns,
    ]
    const taken = [...one.left()]
    expect(taken).toEqual(places)
    expect([...other.left()]).toEqual([])
    expect(other.exchange(Infinity)).toBe(Infinity)
    for (const score of [3.3, 0.1, 7]) one.exchange(score)
    expect(other.exchange(Infinity)).toBeGreaterThanOrEqual(0.1)
    expect(other.exchange(Infinity)).toBeCloseTo(0.1, 7)
  })
})
