import type { Bounds } from './targetBox'
/**
 * A find: paints of a mix in rising tree order, valid only while they are handed over, their drops, and
 * its X, Y, Z.
 */
export type Take = (
  paints: ArrayLike<number>,
  drops: readonly number[],
  X: number,
  Y: number,
  Z: number,
) => void

/**
 * The hot part of a search, with a tree of paints and trees of ratios laid out once. All mixes below
 * the given clusters and cell that may lie within the difference and the bounds are handed to `take`; some that lie just outside may be, too.
 */
export interface SearchKernel {
  /** @param difference from the target, where there is one */
  seek(bounds: Bounds, difference: number): void
  /**
   * Mixes of these clusters, one a slot in rising tree order, at the ratios of a cell of so many slots.
   * @param work clusters bounded and mixes evaluated at most
   * @returns whether that was enough for all of them
   */
  search(clusters: readonly number[], cell: number, take: Take, work?: number): boolean
  /** Clusters bounded and mixes evaluated since the last asking. */
  takeWork(): number
}
