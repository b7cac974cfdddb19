/**
 * The hot loops of the search, AssemblyScript for WebAssembly SIMD: four bands at a time in single
 * precision. `plainKernel.ts` is the same in plain TypeScript, band by band in double precision;
 * docs/search.md has the proofs. Built by `npm run kernel` into kernelBytes.ts.
 */
import { byClusters, mayReach } from './bound'
import { CORNERS, MOST_SLOTS, cells, corners, shapes, slots, spreads } from './layout'
import { leaf } from './mixes'

export {
  begin,
  box,
  cellsAt,
  clustersAt,
  cornersAt,
  foundAt,
  mergedWeightsAt,
  paintsAt,
  prepare,
  ratiosAt,
  shapesAt,
  slots,
  spreadsAt,
  takeWork,
  turn,
  weightsAt,
  xyz,
} from './layout'
export { clearFound, evaluateThree, foundCount } from './mixes'

/** So few mixes are evaluated one by one instead of bounded further, and so few are not bounded at all. */
const LEAF: i64 = 16
const WORTH: i64 = 4
/** Clusters are split when they make so much of the bound's width, else the ratios. */
const CLUSTERS_FIRST: f32 = 0.5


/** Splits what makes the bound wide, clusters or ratios, until it misses the box or little is left. */
function visit(n: i32, level: i32, cell: i32): void {
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
  if (all > WORTH && !mayReach(n, at, cell)) return
  if (all <= LEAF || level >= 79) {
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

/** Everything below the clusters in the first level of `slots`, at the ratios of a cell. */
export function search(n: i32, cell: i32): void {
  visit(n, 0, cell)
}
