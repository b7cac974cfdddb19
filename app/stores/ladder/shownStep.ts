import type { BottleDrops, Lab, PuddlePart, Target } from '../../../core'
/** A step as it is shown: aimed at, mixed, and how far apart the two are. */
export interface ShownStep extends Target {
  /** What is put together for it: bottles and puddles. Empty until the first search has answered. */
  made: readonly PuddlePart[]
  /** Bottles that are in it, in parts of drops where puddles are put together. */
  parts: BottleDrops[]
  painted: Lab | undefined
  off: number | undefined
  /** Two in three real mixes land this near the painted colour, ΔE00. */
  within: number | undefined
  kept: boolean
  /** … as it was poured when painting began. */
  held?: boolean
}
