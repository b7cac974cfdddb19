import type { Mixture } from '../../paint/mixture'
import { BANDS } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { opaqueReflectance } from '../../paint/opaque'
import { joinedClusters } from './joined'
import type { Joined } from './joined'

/** How far K and S of the paints in a cluster reach, and their middle, weighed by what the eye sees of each band. */
type Extent = [K: number, S: number, middleK: number, middleS: number]

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
  extent: Extent
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
/** Clusters of paints that are alike count as so much apart: they have to be told apart at last. */
const APART = 1e-6
/** Paints without K or S count as having so much. */
const TRACE = 1e-9

/** log K and log S of some bands, weighed by what the eye sees of each. */
function features({ K, S }: Mixture, seen: Float64Array): Float64Array {
  const all = new Float64Array(2 * SAMPLES)
  for (let i = 0; i < SAMPLES; i++) {
    const band = STRIDE * i + 1
    const weight = Math.sqrt(seen[band]! + 0.2)
    all[i] = weight * Math.log(K[band]! + 0.01)
    all[SAMPLES + i] = weight * Math.log(S[band]! + 0.01)
  }
  return all
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

function extentOf([Kmin, Kmax, Smin, Smax]: Cluster['curves'], seen: Float64Array): Extent {
  const extent: Extent = [0, 0, TRACE, TRACE]
  for (let i = 0; i < BANDS; i++) {
    extent[0] += seen[i]! * (Kmax[i]! - Kmin[i]!)
    extent[1] += seen[i]! * (Smax[i]! - Smin[i]!)
    extent[2] += (seen[i]! * (Kmax[i]! + Kmin[i]!)) / 2
    extent[3] += (seen[i]! * (Smax[i]! + Smin[i]!)) / 2
  }
  return extent
}

/** What the eye sees of each band. */
function seenOf(): Float64Array {
  const { x, y, z } = weightsOf()
  return y.map((weight, i) => (weight + x[i]! + z[i]!) / 3)
}

/** A single paint at a place of the tree. */
function single({ K, S }: Mixture, place: number, seen: Float64Array): Cluster {
  const R = opaqueReflectance({ K, S })
  const curves: Cluster['curves'] = [K, K, S, S, R, R]
  const extent = extentOf(curves, seen)
  return { from: place, to: place + 1, left: -1, right: -1, curves, extent }
}

/** Paints in the order of the box, nothing joined: enough to mix them. */
export function looseTree(paints: readonly Mixture[]): PaintTree {
  const seen = seenOf()
  const clusters = paints.map((paint, place) => single(paint, place, seen))
  return { order: [...paints.keys()], clusters, root: 0 }
}

/** Builds the tree by joining what is alike. */
export function paintTree(paints: readonly Mixture[]): PaintTree {
  const seen = seenOf()
  const order: number[] = []
  const clusters: Cluster[] = new Array<Cluster>(paints.length)
  const lay = ({ point, of }: Joined): number => {
    if (!of) {
      const place = order.push(point) - 1
      clusters[place] = single(paints[point]!, place, seen)
      return place
    }
    const [left, right] = of.map(lay) as [number, number]
    const curves = merge(clusters[left]!.curves, clusters[right]!.curves)
    const { from } = clusters[left]!
    const { to } = clusters[right]!
    const extent = extentOf(curves, seen)
    extent[1] += APART * extent[3]
    return clusters.push({ from, to, left, right, curves, extent }) - 1
  }
  const root = lay(joinedClusters(paints.map((paint) => features(paint, seen))))
  return { order, clusters, root }
}

/** The clusters of so many paints at most that make up the tree, in tree order. */
export function clustersOf({ clusters, root }: PaintTree, most: number): number[] {
  const walk = (at: number): number[] => {
    const { from, to, left, right } = clusters[at]!
    return to - from <= most ? [at] : [...walk(left), ...walk(right)]
  }
  return walk(root)
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
