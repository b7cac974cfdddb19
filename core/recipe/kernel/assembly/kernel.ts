/**
 * The hot loops of the search, AssemblyScript for WebAssembly SIMD: four bands at a time in single
 * precision. `plainKernel.ts` is the same in plain TypeScript, band by band in double precision;
 * docs/search.md has the proofs. Built by `npm run kernel` into kernelBytes.ts.
 */
import { mayReach } from './bound'
import { LEVELS, MIDDLE, MOST_SLOTS, SHARES, STEP, allow, cells, extents, shapes, shares, slots, spent } from './layout'
import { leaf } from './leaf'

export {
  begin,
  box,
  cellsAt,
  clustersAt,
  extentsAt,
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
  sharesAt,
  slots,
  takeWork,
  turn,
  weightsAt,
} from './layout'
export { leastDifferences, target } from './difference'
export { chosen, clearFound, foundCount } from './finds'
export { mixSet } from './sets'

/**
 * So few mixes are evaluated instead of bounded further: more where bounds of small nodes keep out little, told from
 * so many of them. And so few are not bounded at all.
 */
const LEAST_LEAF: i64 = 4
const SMALL: i64 = 8
const ROUND: i32 = 64
const MANY: i32 = 60
const FEW: i32 = 32
let leafSize: i64 = LEAST_LEAF
let mostLeaf: i64 = LEAST_LEAF
const WORTH: i64 = 2


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

/** How far K and S of a slot's cluster reach, and their middle. */
// @ts-ignore: decorator
@inline
function extentOf(at: usize, slot: i32): v128 {
  return v128.load(extents + <usize>load<i32>(at + <usize>slot * 4) * 16)
}

/** Splits what makes the bound wide, clusters or ratios, until a face keeps it out or little is left. */
function visit(n: i32, level: i32, cell: i32): void {
  if (spent()) return
  const at = slots + <usize>level * 20
  const cellShape = cells + <usize>cell * 16
  const firstRatio = load<i32>(cellShape)
  const lastRatio = load<i32>(cellShape, 4)
  const own = shares + <usize>cell * SHARES
  const many: i64 = lastRatio - firstRatio
  let combinations: i64 = 1
  for (let j = 0; j < n; j++) {
    const shape = shapes + <usize>load<i32>(at + <usize>j * 4) * 16
    combinations *= load<i32>(shape, 4) - load<i32>(shape)
  }
  const all = combinations * many
  if (all > WORTH && !worthwhile(all, mayReach(n, at, cell, firstRatio, lastRatio))) return
  if (all <= leafSize || level >= LEVELS - 1) {
    leaf(n, at, 0, 0, firstRatio, lastRatio)
    return
  }
  // What a slot's cluster makes of the width in log K/S, and what the ratios do.
  let mix = f32x4.splat(0)
  for (let j = 0; j < n; j++)
    mix = f32x4.add(mix, f32x4.mul(v128.load32_splat(own + MIDDLE + <usize>j * 4), extentOf(at, j)))
  const inverse = f32x4.div(f32x4.splat(1), v128.shuffle<f32>(mix, mix, 2, 3, 2, 3))
  let split = -1
  let widest: f32 = 0
  let most: f32 = -Infinity
  let least: f32 = Infinity
  for (let j = 0; j < n; j++) {
    const share = f32x4.mul(extentOf(at, j), inverse)
    const width = load<f32>(own + MIDDLE + <usize>j * 4) * (f32x4.extract_lane(share, 0) + f32x4.extract_lane(share, 1))
    if (width > widest) {
      widest = width
      split = j
    }
    const lean = f32x4.extract_lane(share, 2) - f32x4.extract_lane(share, 3)
    most = max(most, lean)
    least = min(least, lean)
  }
  if (split < 0 || widest < load<f32>(own + STEP) * (most - least)) {
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
    v128.store(next, v128.load(at))
    store<i32>(next, load<i32>(at, 16), 16)
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
