/**
 * Where everything stands in the kernel's memory, and what writes it there.
 */

import { sum } from './optics'

/** Bytes of a paint's K and S, four bands of each in turn, and of the weights of X, Y, Z. */
export const PAINT: usize = 9 * 32
export const WEIGHTS: usize = 9 * 48
/** Groups of four bands, bytes of a paint's, and those of the blue, which hold nearly all of Z. */
export const GROUPS: i32 = 9
export const GROUP: usize = 32
export const BLUE_GROUPS: i32 = 4
const BLUE_WEIGHTS: usize = 4 * 48
/** Bytes of four merged bands of the weights: X, Y, Z and the two signs of U and V. */
export const MERGED_WEIGHTS: usize = 112
/** Bytes of four merged bands of a cluster: least and greatest K, S and reflectance. */
export const MERGED: usize = 96
/** Faces across other directions that hold what is sought, at most. */
export const MOST_FACES: usize = 32
export const MOST_SLOTS: i32 = 5

export let weights: usize = 0
export let paints: usize = 0
export let mergedWeights: usize = 0
/** Of each face, four merged bands at a time: what of its weights is above nought, and what is below. */
export let faceWeights: usize = 0
/** Of each face four f32: x, y, z and the most that x·X + y·Y + z·Z may be. */
export let faces: usize = 0
/** Bytes of a face's weights. */
export let faceSize: usize = 0
export let faceCount: i32 = 0
/** Least and greatest reflectance of a bound, four merged bands of each in turn. */
export let ranges: usize = 0
export let clusters: usize = 0
/** Bytes of a cluster, so many groups of four merged bands. */
export let clusterSize: usize = 0
/** What the bands beyond the blue can add to Z at most. */
export let restOfZ: f32 = 0
/** Per cluster four i32: first and last paint (end excluded), left and right child. */
export let shapes: usize = 0
/** Per cluster four f32: how far K and S of its paints reach, and their middle. */
export let extents: usize = 0
/** Target box: least and greatest X, Y, Z, and of the turned axes U = X − αY and V = Z − βY. */
export const box: usize = memory.data(40, 16)
/** α and β of the turned axes. */
export const turn: usize = memory.data(8, 16)
/** Drops of all ratios as f32, slot by slot. */
export let ratios: usize = 0
/** Bytes of a slot's drops. */
export let ratioStride: usize = 0
/** Cells of ratios: first and last ratio (end excluded), left, right. */
export let cells: usize = 0
/** Per cell five least f32 shares, the step to its corners, then its middle. */
export let shares: usize = 0
/** Where step and middle stand in a cell's shares, and how many bytes these are. */
export const STEP: usize = 20
export const MIDDLE: usize = 24
export const SHARES: usize = 44
/** How often clusters can be split one below the other. */
export const LEVELS: i32 = 400
/** Clusters of each slot, level by level. */
export const slots: usize = memory.data(20 * LEVELS, 16)
export let found: usize = 0
export let room: i32 = 0
/** Bytes of a find: five paints as u16, its ratio as u32, X, Y, Z. */
export const ENTRY: usize = 28
let nodes: i32 = 0
let allowed: i32 = i32.MAX_VALUE
/** Allows so much work from here. */
export function allow(work: i32): void {
  allowed = work < i32.MAX_VALUE - nodes ? nodes + work : i32.MAX_VALUE
}
/** Whether more has been done than was allowed. */
// @ts-ignore: decorator
@inline
export function spent(): bool {
  return nodes > allowed
}
/** Counts clusters bounded and mixes evaluated. */
// @ts-ignore: decorator
@inline
export function worked(more: i32): void {
  nodes += more
}

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
  ranges = at
  at += <usize>mergedGroups * 32
  faceWeights = at
  faceSize = <usize>mergedGroups * 32
  at += MOST_FACES * faceSize
  faces = at
  at += MOST_FACES * 16
  clusters = at
  clusterSize = <usize>mergedGroups * MERGED
  at += <usize>clusterCount * clusterSize
  shapes = at
  at += <usize>clusterCount * 16
  extents = at
  at += <usize>clusterCount * 16
  ratios = at
  // Ratios are read four at a time: the last may stand alone.
  ratioStride = <usize>((ratioCount + 7) & ~3) * 4
  at += 5 * ratioStride
  cells = at
  at += <usize>cellCount * 16
  shares = at
  at += <usize>cellCount * SHARES
  found = (at + 15) & ~15
  at = found
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
export function faceWeightsAt(): usize {
  return faceWeights
}
export function facesAt(): usize {
  return faces
}
export function setFaceCount(count: i32): void {
  faceCount = count
}
export function clustersAt(): usize {
  return clusters
}
export function shapesAt(): usize {
  return shapes
}
export function extentsAt(): usize {
  return extents
}
export function ratiosAt(): usize {
  return ratios
}
export function ratioStrideBytes(): usize {
  return ratioStride
}
export function cellsAt(): usize {
  return cells
}
export function sharesAt(): usize {
  return shares
}
export function foundAt(): usize {
  return found
}
/** Clusters bounded and mixes evaluated since the last asking. */
export function takeWork(): i32 {
  const work = nodes
  nodes = 0
  return work
}

