import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import type { PaintTree } from './paintTree'

/** Neighbouring bands that a bound takes as one: first band and last, its end excluded. */
export type MergedBand = readonly [from: number, to: number]

/** Least value of a curve in a merged band. */
export function least(curve: Float64Array, from: number, to: number): number {
  let value = curve[from]!
  for (let i = from + 1; i < to; i++) if (curve[i]! < value) value = curve[i]!
  return value
}

/** Greatest value of a curve in a merged band. */
export function greatest(curve: Float64Array, from: number, to: number): number {
  let value = curve[from]!
  for (let i = from + 1; i < to; i++) if (curve[i]! > value) value = curve[i]!
  return value
}

/**
 * Bands merged, neighbours that matter least to the eye or differ least in the paints first, until so
 * many are left. Any merging is right (least and greatest hold for all bands in it); this one is tight.
 */
export function mergedBands(
  { clusters, order }: PaintTree,
  { x, y, z }: Weights,
  many: number,
): MergedBand[] {
  const paints = clusters.slice(0, order.length)
  const logs = paints.map(({ curves: [K, , S] }) => K.map((k, i) => Math.log((k + 1e-4) / S[i]!)))
  const cost = ([from, to]: MergedBand): number => {
    let weight = 0
    for (let i = from; i < to; i++) weight += x[i]! + y[i]! + z[i]!
    let apart = 0
    for (const log of logs) apart += greatest(log, from, to) - least(log, from, to)
    return weight * apart
  }
  const bands: MergedBand[] = Array.from({ length: BANDS }, (_, i) => [i, i + 1])
  const join = (i: number): MergedBand => [bands[i]![0], bands[i + 1]![1]]
  const costs = bands.slice(1).map((_, i) => cost(join(i)))
  while (bands.length > many) {
    const at = costs.indexOf(Math.min(...costs))
    bands.splice(at, 2, join(at))
    costs.splice(at, 1)
    if (at > 0) costs[at - 1] = cost(join(at - 1))
    if (at < costs.length) costs[at] = cost(join(at))
  }
  return bands
}
