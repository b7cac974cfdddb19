import { BANDS } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { opaqueReflectance } from '../../paint/opaque'
import type { Mixture } from '../../paint/paint'

/** A run of paints in tree order, and its two halves; −1 for a single paint. */
interface Cluster {
  from: number
  to: number
  left: number
  right: number
  /** Least and greatest K, S and opaque reflectance of its paints, 36 values each. */
  curves: readonly [
    Kmin: Float64Array,
    Kmax: Float64Array,
    Smin: Float64Array,
    Smax: Float64Array,
    Rmin: Float64Array,
    Rmax: Float64Array,
  ]
  /** How much its paints differ, luminance-weighted. */
  spread: number
}

/** Paints in a binary tree of likeness. Clusters 0 … n − 1 are the single paints, in tree order. */
export interface PaintTree {
  /** Place in the box of each paint in tree order. */
  order: number[]
  clusters: Cluster[]
  root: number
}

/** Every so many bands are looked at for likeness. */
const STRIDE = 3
const SAMPLES = BANDS / STRIDE
const ROUNDS = 8

/** log K and log S of some bands, weighed by what the eye sees of each. */
function features({ K, S }: Mixture, y: Float64Array): Float64Array {
  const all = new Float64Array(2 * SAMPLES)
  for (let i = 0; i < SAMPLES; i++) {
    const band = STRIDE * i + 1
    const weight = Math.sqrt(y[band]! + 0.2)
    all[i] = weight * Math.log(K[band]! + 0.01)
    all[SAMPLES + i] = weight * Math.log(S[band]! + 0.01)
  }
  return all
}

/** Places along the main axis of a set of points (power iteration on the covariance). */
function alongMainAxis(points: readonly Float64Array[]): Float64Array {
  const size = points[0]!.length
  const mean = new Float64Array(size)
  for (const point of points) for (let i = 0; i < size; i++) mean[i]! += point[i]! / points.length
  const axis = Float64Array.from({ length: size }, (_, i) => 1 + Math.sin(i))
  const next = new Float64Array(size)
  const along = (point: Float64Array): number => {
    let dot = 0
    for (let i = 0; i < size; i++) dot += (point[i]! - mean[i]!) * axis[i]!
    return dot
  }
  for (let round = 0; round < ROUNDS; round++) {
    next.fill(0)
    for (const point of points) {
      const dot = along(point)
      for (let i = 0; i < size; i++) next[i]! += dot * (point[i]! - mean[i]!)
    }
    let square = 0
    for (let i = 0; i < size; i++) square += next[i]! * next[i]!
    if (!(square > 0)) break
    for (let i = 0; i < size; i++) axis[i] = next[i]! / Math.sqrt(square)
  }
  return Float64Array.from(points, along)
}

/** Least of the even curves, greatest of the odd ones. */
const merge = (one: Cluster['curves'], other: Cluster['curves']): Cluster['curves'] =>
  one.map((curve, c) => {
    const ends = new Float64Array(BANDS)
    const second = other[c]!
    for (let i = 0; i < BANDS; i++)
      ends[i] = curve[i]! < second[i]! === (c % 2 === 0) ? curve[i]! : second[i]!
    return ends
  }) as unknown as Cluster['curves']

/** Builds the tree by splitting in halves along the main axis of what the paints are made of. */
export function paintTree(paints: readonly Mixture[]): PaintTree {
  const { y } = weightsOf()
  const points = paints.map((paint) => features(paint, y))
  const order: number[] = []
  const clusters: Cluster[] = paints.map((_, i) => ({
    from: i,
    to: i + 1,
    left: -1,
    right: -1,
    curves: undefined as unknown as Cluster['curves'],
    spread: 0,
  }))
  const build = (members: number[]): number => {
    if (members.length === 1) {
      const place = order.push(members[0]!) - 1
      const { K, S } = paints[members[0]!]!
      const R = opaqueReflectance({ K, S })
      clusters[place]!.curves = [K, K, S, S, R, R]
      return place
    }
    const along = alongMainAxis(members.map((m) => points[m]!))
    const sorted = members
      .map((m, i) => [along[i]!, m] as const)
      .sort((a, b) => a[0] - b[0] || a[1] - b[1])
    const half = members.length >> 1
    const left = build(sorted.slice(0, half).map(([, m]) => m))
    const right = build(sorted.slice(half).map(([, m]) => m))
    const curves = merge(clusters[left]!.curves, clusters[right]!.curves)
    const [Kmin, Kmax, Smin, Smax] = curves
    let spread = 0
    for (let i = 0; i < BANDS; i++) spread += y[i]! * (Kmax[i]! - Kmin[i]! + Smax[i]! - Smin[i]!)
    return (
      clusters.push({
        from: clusters[left]!.from,
        to: clusters[right]!.to,
        left,
        right,
        curves,
        spread,
      }) - 1
    )
  }
  const root = build(paints.map((_, i) => i))
  return { order, clusters, root }
}

/** The clusters some levels below the root, in tree order; singles stay as they are. */
export function clustersAtDepth({ clusters, root }: PaintTree, depth: number): number[] {
  const walk = (at: number, left: number): number[] => {
    const { left: l, right: r } = clusters[at]!
    return left === 0 || l < 0 ? [at] : [...walk(l, left - 1), ...walk(r, left - 1)]
  }
  return walk(root, depth)
}

/** Rising tuples of clusters that can hold so many different paints. */
export function clusterGroups(tree: PaintTree, tops: readonly number[], count: number): number[][] {
  const size = (c: number): number => tree.clusters[c]!.to - tree.clusters[c]!.from
  const found: number[][] = []
  const add = (from: number, group: number[]): void => {
    if (group.length === count) {
      const fits = tops.every((c, i) => group.filter((g) => g === i).length <= size(c))
      if (fits) found.push(group.map((i) => tops[i]!))
      return
    }
    for (let i = from; i < tops.length; i++) add(i, [...group, i])
  }
  add(0, [])
  return found
}
