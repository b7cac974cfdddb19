/**
 * The hot loops of the search, AssemblyScript for WebAssembly SIMD: four bands at a time in single
 * precision. `plainKernel.ts` is the same in plain TypeScript, band by band in double precision;
 * docs/search.md has the proofs. Built by `npm run kernel` into kernelBytes.ts.
 */

/** Bytes of a paint's K and S, four bands of each in turn, and of the weights of X, Y, Z. */
const PAINT: usize = 9 * 32
const WEIGHTS: usize = 9 * 48
/** The bands of the blue, which hold nearly all of Z. */
const BLUE_PAINT: usize = 4 * 32
const BLUE_WEIGHTS: usize = 4 * 48
/** Bytes of four merged bands of a cluster: least and greatest K, S and reflectance. */
const MERGED: usize = 96
/** Bytes of four merged bands of the weights: X, Y, Z and the two signs of U and V. */
const MERGED_WEIGHTS: usize = 112
const MOST_SLOTS: i32 = 5
/** So few mixes are evaluated one by one instead of bounded further, and so few are not bounded at all. */
const LEAF: i64 = 16
const WORTH: i64 = 4
/** Clusters are split when they make so much of the bound's width, else the ratios. */
const CLUSTERS_FIRST: f32 = 0.5

const ENTERS: f32 = 0.384
const LEAVES: f32 = 0.4
const TRACE: f32 = 1e-12

let weights: usize = 0
let paints: usize = 0
let mergedWeights: usize = 0
let clusters: usize = 0
/** Bytes of a cluster, so many groups of four merged bands. */
let clusterSize: usize = 0
/** What the bands beyond the blue can add to Z at most. */
let restOfZ: f32 = 0
/** Per cluster four i32: first and last paint (end excluded), left and right child. */
let shapes: usize = 0
let spreads: usize = 0
/** Target box: least and greatest X, Y, Z, and of the turned axes U = X − αY and V = Z − βY. */
export const box: usize = memory.data(40, 16)
/** α and β of the turned axes. */
export const turn: usize = memory.data(8, 16)
/** Ratios: five f32 of drops each. Cells of ratios: first and last ratio (end excluded), left, right. */
let ratios: usize = 0
let cells: usize = 0
/** Per cell five corners of five f32 shares, then its middle. */
let corners: usize = 0
/** Bytes of a cell's corners and middle. */
const CORNERS: usize = 120
/** Clusters of each slot, level by level. */
export const slots: usize = memory.data(20 * 80, 16)
/** XYZ of the last evaluation or bound. */
export const xyz: usize = memory.data(24, 16)
let found: usize = 0
let room: i32 = 0
/** Bytes of a find: five paints as u16, its ratio as u32, X, Y, Z. */
const ENTRY: usize = 28
/** Ratio that is being evaluated. */
let ratio: i32 = 0
/** Share of the last bound's width in Y that the clusters make, the rest being the cell's. */
let byClusters: f32 = 0
let count: i32 = 0
let nodes: i32 = 0
let chosen: usize = memory.data(20, 16)
/** Called when the list of finds is full; may narrow the box. */
@external("search", "drain")
declare function drain(): void

export function prepare(
  paintCount: i32,
  clusterCount: i32,
  mergedGroups: i32,
  ratioCount: i32,
  cellCount: i32,
  mostFound: i32,
): void {
  let at: usize = (__heap_base + 63) & ~63
  weights = at
  at += WEIGHTS
  paints = at
  at += <usize>paintCount * PAINT
  mergedWeights = at
  at += <usize>mergedGroups * MERGED_WEIGHTS
  clusters = at
  clusterSize = <usize>mergedGroups * MERGED
  at += <usize>clusterCount * clusterSize
  shapes = at
  at += <usize>clusterCount * 16
  spreads = at
  at += <usize>((clusterCount + 3) & ~3) * 4
  ratios = at
  at += <usize>ratioCount * 20
  cells = at
  at += <usize>cellCount * 16
  corners = at
  at += <usize>cellCount * CORNERS
  found = at
  room = mostFound
  at += <usize>mostFound * ENTRY
  const pages = <i32>((at + 65535) >>> 16)
  if (pages > memory.size()) memory.grow(pages - memory.size())
}
/** Called once the weights are laid out. */
export function begin(): void {
  let rest = f32x4.splat(0)
  for (let w = weights + BLUE_WEIGHTS; w < weights + WEIGHTS; w += 48) rest = f32x4.add(rest, v128.load(w, 32))
  restOfZ = sum(rest)
}
export function weightsAt(): usize {
  return weights
}
export function paintsAt(): usize {
  return paints
}
export function mergedWeightsAt(): usize {
  return mergedWeights
}
export function clustersAt(): usize {
  return clusters
}
export function shapesAt(): usize {
  return shapes
}
export function spreadsAt(): usize {
  return spreads
}
export function ratiosAt(): usize {
  return ratios
}
export function cellsAt(): usize {
  return cells
}
export function cornersAt(): usize {
  return corners
}
export function foundAt(): usize {
  return found
}
export function foundCount(): i32 {
  return count
}
export function clearFound(): void {
  count = 0
}
/** Clusters bounded and mixes evaluated since the last asking. */
export function takeWork(): i32 {
  const work = nodes
  nodes = 0
  return work
}

// @ts-ignore: decorator
@inline
function sum(v: v128): f32 {
  return (
    f32x4.extract_lane(v, 0) + f32x4.extract_lane(v, 1) + (f32x4.extract_lane(v, 2) + f32x4.extract_lane(v, 3))
  )
}

/** What stands under S in R = A·S / (k2'·S + K + √(K(K + 2S))), four bands. */
// @ts-ignore: decorator
@inline
function under(k: v128, s: v128): v128 {
  const root = f32x4.sqrt(f32x4.mul(k, f32x4.add(k, f32x4.add(s, s))))
  return f32x4.add(
    f32x4.add(f32x4.mul(f32x4.splat(LEAVES), s), k),
    f32x4.add(root, f32x4.splat(TRACE)),
  )
}

/** What stands under 1 in R = A / (k2' + q + √(q(q + 2))), q = K/S, four bands. */
// @ts-ignore: decorator
@inline
function underOf(q: v128): v128 {
  const root = f32x4.sqrt(f32x4.mul(q, f32x4.add(q, f32x4.splat(2))))
  return f32x4.add(f32x4.add(f32x4.splat(LEAVES), q), root)
}

/** R of K and S through the surface, four bands. */
// @ts-ignore: decorator
@inline
function reflect(k: v128, s: v128): v128 {
  return f32x4.div(f32x4.mul(f32x4.splat(ENTERS), s), under(k, s))
}

/**
 * Bounds of X, Y, Z, U, V over all mixes of the slots' clusters at the ratios of a cell; false when
 * disjoint from the box. At each corner of the cell K/S lies between that of most K with least S and
 * that of least K with most S; at every ratio within it lies between the corners' (mediant).
 */
function mayReach(n: i32, at: usize, cell: i32): bool {
  nodes++
  const shape = cells + <usize>cell * 16
  const single = load<i32>(shape, 4) - load<i32>(shape) == 1
  const from = corners + <usize>cell * CORNERS
  const end = from + (single ? 20 : <usize>n * 20)
  let xl = f32x4.splat(0)
  let yl = f32x4.splat(0)
  let zl = f32x4.splat(0)
  let xh = f32x4.splat(0)
  let yh = f32x4.splat(0)
  let zh = f32x4.splat(0)
  let ul = f32x4.splat(0)
  let uh = f32x4.splat(0)
  let vl = f32x4.splat(0)
  let vh = f32x4.splat(0)
  let own = f32x4.splat(0)
  // Slots that are not there stand in the first one's place; their shares are nought.
  const c0 = clusters + <usize>load<i32>(at) * clusterSize
  const c1 = n > 1 ? clusters + <usize>load<i32>(at, 4) * clusterSize : c0
  const c2 = n > 2 ? clusters + <usize>load<i32>(at, 8) * clusterSize : c0
  let w = mergedWeights
  for (let g: usize = 0; g < clusterSize; g += MERGED) {
    let least = f32x4.pmin(f32x4.pmin(v128.load(c0 + g, 64), v128.load(c1 + g, 64)), v128.load(c2 + g, 64))
    let most = f32x4.pmax(f32x4.pmax(v128.load(c0 + g, 80), v128.load(c1 + g, 80)), v128.load(c2 + g, 80))
    for (let j = 3; j < n; j++) {
      const curve = clusters + <usize>load<i32>(at + <usize>j * 4) * clusterSize + g
      least = f32x4.pmin(least, v128.load(curve, 64))
      most = f32x4.pmax(most, v128.load(curve, 80))
    }
    const kl0 = v128.load(c0 + g)
    const kl1 = v128.load(c1 + g)
    const kl2 = v128.load(c2 + g)
    const kh0 = v128.load(c0 + g, 16)
    const kh1 = v128.load(c1 + g, 16)
    const kh2 = v128.load(c2 + g, 16)
    const sl0 = v128.load(c0 + g, 32)
    const sl1 = v128.load(c1 + g, 32)
    const sl2 = v128.load(c2 + g, 32)
    const sh0 = v128.load(c0 + g, 48)
    const sh1 = v128.load(c1 + g, 48)
    const sh2 = v128.load(c2 + g, 48)
    let qh = f32x4.splat(0)
    let ql = f32x4.splat(Infinity)
    let qhs = f32x4.splat(0)
    let qls = f32x4.splat(0)
    for (let corner = from; corner < end; corner += 20) {
      const d0 = v128.load32_splat(corner)
      const d1 = v128.load32_splat(corner, 4)
      const d2 = v128.load32_splat(corner, 8)
      let kl = f32x4.add(f32x4.add(f32x4.mul(d0, kl0), f32x4.mul(d1, kl1)), f32x4.mul(d2, kl2))
      let kh = f32x4.add(f32x4.add(f32x4.mul(d0, kh0), f32x4.mul(d1, kh1)), f32x4.mul(d2, kh2))
      let sl = f32x4.add(f32x4.add(f32x4.mul(d0, sl0), f32x4.mul(d1, sl1)), f32x4.mul(d2, sl2))
      let sh = f32x4.add(f32x4.add(f32x4.mul(d0, sh0), f32x4.mul(d1, sh1)), f32x4.mul(d2, sh2))
      for (let j = 3; j < n; j++) {
        const curve = clusters + <usize>load<i32>(at + <usize>j * 4) * clusterSize + g
        const d = v128.load32_splat(corner + <usize>j * 4)
        kl = f32x4.add(kl, f32x4.mul(d, v128.load(curve)))
        kh = f32x4.add(kh, f32x4.mul(d, v128.load(curve, 16)))
        sl = f32x4.add(sl, f32x4.mul(d, v128.load(curve, 32)))
        sh = f32x4.add(sh, f32x4.mul(d, v128.load(curve, 48)))
      }
      // Both quotients share one division.
      const inverse = f32x4.div(f32x4.splat(1), f32x4.mul(sl, sh))
      const high = f32x4.mul(f32x4.mul(kh, sh), inverse)
      const low = f32x4.mul(f32x4.mul(kl, sl), inverse)
      qh = f32x4.pmax(qh, high)
      ql = f32x4.pmin(ql, low)
      qhs = f32x4.add(qhs, high)
      qls = f32x4.add(qls, low)
    }
    const p = underOf(qh)
    const q = underOf(ql)
    const shared = f32x4.div(f32x4.splat(ENTERS), f32x4.mul(p, q))
    const low = f32x4.pmax(least, f32x4.mul(q, shared))
    const high = f32x4.pmin(most, f32x4.mul(p, shared))
    const wx = v128.load(w)
    const wy = v128.load(w, 16)
    const wz = v128.load(w, 32)
    xl = f32x4.add(xl, f32x4.mul(wx, low))
    yl = f32x4.add(yl, f32x4.mul(wy, low))
    zl = f32x4.add(zl, f32x4.mul(wz, low))
    xh = f32x4.add(xh, f32x4.mul(wx, high))
    yh = f32x4.add(yh, f32x4.mul(wy, high))
    zh = f32x4.add(zh, f32x4.mul(wz, high))
    // The turned axes have weights of both signs: what is negative takes the other end.
    const up = v128.load(w, 48)
    const un = v128.load(w, 64)
    const vp = v128.load(w, 80)
    const vn = v128.load(w, 96)
    ul = f32x4.add(ul, f32x4.sub(f32x4.mul(up, low), f32x4.mul(un, high)))
    uh = f32x4.add(uh, f32x4.sub(f32x4.mul(up, high), f32x4.mul(un, low)))
    vl = f32x4.add(vl, f32x4.sub(f32x4.mul(vp, low), f32x4.mul(vn, high)))
    vh = f32x4.add(vh, f32x4.sub(f32x4.mul(vp, high), f32x4.mul(vn, low)))
    // Where the corners' own ranges, on average, are wider in log K/S than half the whole range.
    const wide = f32x4.gt(f32x4.mul(f32x4.mul(qhs, qhs), ql), f32x4.mul(f32x4.mul(qls, qls), qh))
    own = f32x4.add(own, v128.and(wide, f32x4.mul(wy, f32x4.sub(high, low))))
    w += MERGED_WEIGHTS
  }
  const least = sum(yl)
  const most = sum(yh)
  byClusters = sum(own) / (most - least)
  return (
    least <= load<f32>(box, 12) &&
    most >= load<f32>(box, 8) &&
    sum(xl) <= load<f32>(box, 4) &&
    sum(xh) >= load<f32>(box, 0) &&
    sum(ul) <= load<f32>(box, 28) &&
    sum(uh) >= load<f32>(box, 24) &&
    sum(vl) <= load<f32>(box, 36) &&
    sum(vh) >= load<f32>(box, 32) &&
    sum(zl) <= load<f32>(box, 20) &&
    sum(zh) >= load<f32>(box, 16)
  )
}

/** X, Y, Z of the chosen paints at the ratio into `xyz`; false when its blue already says it misses the box. */
function evaluate(n: i32): bool {
  const drops = ratios + <usize>ratio * 20
  const p0 = paints + <usize>load<i32>(chosen) * PAINT
  const p1 = n > 1 ? paints + <usize>load<i32>(chosen, 4) * PAINT : p0
  const p2 = n > 2 ? paints + <usize>load<i32>(chosen, 8) * PAINT : p0
  const d0 = v128.load32_splat(drops)
  const d1 = v128.load32_splat(drops, 4)
  const d2 = v128.load32_splat(drops, 8)
  let X = f32x4.splat(0)
  let Y = f32x4.splat(0)
  let Z = f32x4.splat(0)
  let w = weights
  for (let g: usize = 0; g < PAINT; g += 32) {
    let k = f32x4.add(
      f32x4.add(f32x4.mul(d0, v128.load(p0 + g)), f32x4.mul(d1, v128.load(p1 + g))),
      f32x4.mul(d2, v128.load(p2 + g)),
    )
    let s = f32x4.add(
      f32x4.add(f32x4.mul(d0, v128.load(p0 + g, 16)), f32x4.mul(d1, v128.load(p1 + g, 16))),
      f32x4.mul(d2, v128.load(p2 + g, 16)),
    )
    for (let j = 3; j < n; j++) {
      const paint = paints + <usize>load<i32>(chosen + <usize>j * 4) * PAINT + g
      const d = v128.load32_splat(drops + <usize>j * 4)
      k = f32x4.add(k, f32x4.mul(d, v128.load(paint)))
      s = f32x4.add(s, f32x4.mul(d, v128.load(paint, 16)))
    }
    const r = reflect(k, s)
    X = f32x4.add(X, f32x4.mul(v128.load(w), r))
    Y = f32x4.add(Y, f32x4.mul(v128.load(w, 16), r))
    Z = f32x4.add(Z, f32x4.mul(v128.load(w, 32), r))
    w += 48
    if (g == BLUE_PAINT - 32) {
      const blue = sum(Z)
      if (blue > load<f32>(box, 20) || blue + restOfZ < load<f32>(box, 16)) return false
    }
  }
  store<f32>(xyz, sum(X))
  store<f32>(xyz, sum(Y), 4)
  store<f32>(xyz, sum(Z), 8)
  return true
}

/** Writes the last evaluation down if it lies in the box. */
function keep(n: i32): void {
  const Y = load<f32>(xyz, 4)
  if (Y < load<f32>(box, 8) || Y > load<f32>(box, 12)) return
  const X = load<f32>(xyz)
  if (X < load<f32>(box, 0) || X > load<f32>(box, 4)) return
  const Z = load<f32>(xyz, 8)
  if (Z < load<f32>(box, 16) || Z > load<f32>(box, 20)) return
  const U = X - load<f32>(turn) * Y
  if (U < load<f32>(box, 24) || U > load<f32>(box, 28)) return
  const V = Z - load<f32>(turn, 4) * Y
  if (V < load<f32>(box, 32) || V > load<f32>(box, 36)) return
  if (count == room) {
    drain()
    count = 0
  }
  const entry = found + <usize>count * ENTRY
  for (let k = 0; k < n; k++) store<u16>(entry + <usize>k * 2, <u16>load<i32>(chosen + <usize>k * 4))
  store<i32>(entry, ratio, 12)
  store<f32>(entry, X, 16)
  store<f32>(entry, Y, 20)
  store<f32>(entry, Z, 24)
  count++
}

/** Every mix of the slots' paints at some ratios, one by one; those in the box are written down. */
function leaf(n: i32, at: usize, j: i32, after: i32, first: i32, last: i32): void {
  const cluster = load<i32>(at + <usize>j * 4)
  const shape = shapes + <usize>cluster * 16
  const from = max(load<i32>(shape), after)
  const to = load<i32>(shape, 4)
  for (let p = from; p < to; p++) {
    store<i32>(chosen + <usize>j * 4, p)
    if (j < n - 1) {
      leaf(n, at, j + 1, p + 1, first, last)
      continue
    }
    nodes += last - first
    for (ratio = first; ratio < last; ratio++) if (evaluate(n)) keep(n)
  }
}

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

/** Many mixes of three: paints as u16, drops as f32, three each; X, Y, Z as f32 out. */
export function evaluateThree(many: i32, members: usize, amounts: usize, out: usize): void {
  for (let m = 0; m < many; m++) {
    const a = paints + <usize>load<u16>(members) * PAINT
    const b = paints + <usize>load<u16>(members, 2) * PAINT
    const c = paints + <usize>load<u16>(members, 4) * PAINT
    const da = v128.load32_splat(amounts)
    const db = v128.load32_splat(amounts, 4)
    const dc = v128.load32_splat(amounts, 8)
    let X = f32x4.splat(0)
    let Y = f32x4.splat(0)
    let Z = f32x4.splat(0)
    let w = weights
    for (let g: usize = 0; g < PAINT; g += 32) {
      const k = f32x4.add(
        f32x4.add(f32x4.mul(da, v128.load(a + g)), f32x4.mul(db, v128.load(b + g))),
        f32x4.mul(dc, v128.load(c + g)),
      )
      const s = f32x4.add(
        f32x4.add(
          f32x4.mul(da, v128.load(a + g, 16)),
          f32x4.mul(db, v128.load(b + g, 16)),
        ),
        f32x4.mul(dc, v128.load(c + g, 16)),
      )
      const r = reflect(k, s)
      X = f32x4.add(X, f32x4.mul(v128.load(w), r))
      Y = f32x4.add(Y, f32x4.mul(v128.load(w, 16), r))
      Z = f32x4.add(Z, f32x4.mul(v128.load(w, 32), r))
      w += 48
    }
    store<f32>(out, sum(X))
    store<f32>(out, sum(Y), 4)
    store<f32>(out, sum(Z), 8)
    members += 6
    amounts += 12
    out += 12
  }
}
