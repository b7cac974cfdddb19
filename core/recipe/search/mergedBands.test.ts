import { expect, it } from 'vitest'
import { BANDS } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { starterPaints } from '../../paint/starter'
import { greatest, least, mergedBands } from './mergedBands'
import { paintTree } from './paintTree'

const tree = paintTree(starterPaints.slice(0, 20))
const weights = weightsOf()

it('merged bands are runs that cover all bands once, as many as are asked for', () => {
  for (const many of [1, 4, 16, 20, BANDS]) {
    const bands = mergedBands(tree, weights, many)
    expect(bands).toHaveLength(many)
    expect(bands[0]![0]).toBe(0)
    expect(bands.at(-1)![1]).toBe(BANDS)
    bands.slice(1).forEach(([from], i) => expect(from).toBe(bands[i]![1]))
  }
})

it('bands that the eye hardly sees go first, and what weighs most stays fine', () => {
  const bands = mergedBands(tree, weights, 16)
  const widthAt = (band: number): number => {
    const [from, to] = bands.find(([a, b]) => a <= band && band < b)!
    return to - from
  }
  // 380 and 730 nm are at the edge of sight, 550 nm in its middle.
  expect(widthAt(0)).toBeGreaterThan(widthAt(17))
  expect(widthAt(BANDS - 1)).toBeGreaterThan(widthAt(17))
})

it('least and greatest of a run hold every band in it', () => {
  for (const { curves } of tree.clusters)
    for (const [from, to] of mergedBands(tree, weights, 16))
      for (const curve of curves) {
        const part = [...curve.subarray(from, to)]
        expect(least(curve, from, to)).toBe(Math.min(...part))
        expect(greatest(curve, from, to)).toBe(Math.max(...part))
      }
})
