/**
 * The hot loops of the search, AssemblyScript for WebAssembly SIMD: four bands at a time in single
 * precision. `plainKernel.ts` is the same in plain TypeScript, band by band in double precision;
 * docs/search.md has the proofs. Built by `npm run kernel` into kernelBytes.ts.
 */
import { byClusters, mayReach } from './bound'
import { CORNERS, MOST_SLOTS, allow, cells, corners, shapes, slots, spent, spreads } from './layout'
import { leaf } from './leaf'

export {
  begin,
  box,
  cellsAt,
  clustersAt,
  cornersAt,
  faceWeightsAt,
  facesAt,
  foundAt,
  mergedWeightsAt,
  paintsAt,
  prepare,
  ratioStrideBytes,
  ratiosAt,
  setFaceCount,
  shapesAt,
  slots,
  spreadsAt,
  takeWork,
  turn,
  weightsAt,
} from './layout'
export { evaluateBatch } from './batch'
export { labOfBatch, leastDifferences, target } from './difference'
export { clearFound, foundCount } from './finds'

/**
 * So few mixes are evaluated instead of bounded further: more where bounds of small nodes keep out little, told from
 * so many of them. And so few are not bounded at all.
 */
const LEAST_LEAF: i64 = 16
const SMALL: i64 = 8
const ROUND: i32 = 64
const MANY: i32 = 60
const FEW: i32 = 32
let leafSize: i64 = LEAST_LEAF
let mostLeaf: i64 = LEAST_LEAF
const WORTH: i64 = 4
/** Clusters are split when they make so much of the bound's width, else the ratios. */
const CLUSTERS_FIRST: f32 = 0.5


let tried: i32 = 0
let kept: i32 = 0

/** Hands on whether a node may hold something, and learns from small ones how large a leaf should be. */
// @ts-ignore: decorator
@inline
function worthwhile(all: i64, may: bool): bool {
  if (all <= leafSize * SMALL) {
    tried++
    if (may) kept++
    if (tried == ROUND) {
      if (kept > MANY) leafSize = min(2 * leafSize, mostLeaf)
      if (kept < FEW) leafSize = max(leafSize / 2, LEAST_LEAF)
      tried = kept = 0
    }
  }
  return may
}

/** Splits what makes the bound wide, clusters or ratios, until a face keeps it out or little is left. */
function visit(n: i32, level: i32, cell: i32): void {
  if (spent()) return
  const at = slots + <usize>level * 20
  const cellShape = cells + <usize>cell * 16
  const firstRatio = load<i32>(cellShape)
  const lastRatio = load<i32>(cellShape, 4)
  const middle = corners + <usize>cell * CORNERS + 100
  const many: i64 = lastRatio - firstRatio
  let combinations: i64 = 1
  let split = -1
  let widest: f32 = -1
  for (let j = 0; j < n; j++) {
    const cluster = load<i32>(at + <usize>j * 4)
    const shape = shapes + <usize>cluster * 16
    const size = load<i32>(shape, 4) - load<i32>(shape)
    combinations *= size
    if (size > 1) {
      const width = load<f32>(middle + <usize>j * 4) * load<f32>(spreads + <usize>cluster * 4)
      if (width > widest) {
        widest = width
        split = j
      }
    }
  }
  const all = combinations * many
  if (all > WORTH && !worthwhile(all, mayReach(n, at, cell))) return
  if (all <= leafSize || level >= 79) {
    leaf(n, at, 0, 0, firstRatio, lastRatio)
    return
  }
  if (many > 1 && (split < 0 || byClusters < CLUSTERS_FIRST)) {
    visit(n, level, load<i32>(cellShape, 8))
    visit(n, level, load<i32>(cellShape, 12))
    return
  }
  const cluster = load<i32>(at + <usize>split * 4)
  let first = split
  while (first > 0 && load<i32>(at + <usize>(first - 1) * 4) == cluster) first--
  let last = split
  while (last < n - 1 && load<i32>(at + <usize>(last + 1) * 4) == cluster) last++
  const shape = shapes + <usize>cluster * 16
  const left = load<i32>(shape, 8)
  const right = load<i32>(shape, 12)
  const leftSize = load<i32>(shapes + <usize>left * 16, 4) - load<i32>(shapes + <usize>left * 16)
  const rightSize = load<i32>(shapes + <usize>right * 16, 4) - load<i32>(shapes + <usize>right * 16)
  const alike = last - first + 1
  const next = at + 20
  for (let k = 0; k <= alike; k++) {
    if (k > leftSize || alike - k > rightSize) continue
    memory.copy(next, at, <usize>MOST_SLOTS * 4)
    for (let j = first; j <= last; j++) store<i32>(next + <usize>j * 4, j - first < k ? left : right)
    visit(n, level + 1, cell)
  }
}

/** Leaves may grow to so many mixes. */
export function setMostLeaf(mixes: i32): void {
  mostLeaf = mixes
  leafSize = min(leafSize, mostLeaf)
}

/** Everything below the clusters in the first level of `slots`, at the ratios of a cell; false when given up after so much work. */
export function search(n: i32, cell: i32, work: i32): bool {
  allow(work)
  visit(n, 0, cell)
  return !spent()
}
