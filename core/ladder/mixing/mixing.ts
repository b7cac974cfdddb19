import type { Lab } from '../../colour/lab'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import type { Limits } from '../../recipe/recipe'

/** How a ladder is mixed; paints by id. */
export type Mixing =
  /** A dark, a middle, a light, every other step a plain ratio of two of them; three when not said. */
  | { way: 'puddles'; puddles?: number }
  /** Each step its own best recipe; from so many shared bottles; with a least share of the base in all. */
  | { way: 'matched'; mostBottles?: number; family?: number }
  /** One base, one paint toward light and one toward shade; the best of the box where none is named. */
  | { way: 'run'; light?: string; shade?: string }
  /** Bottles that are a progression already. */
  | { way: 'bought'; progression: readonly string[] }

export interface MixedStep {
  parts: Part<Paint>[]
  /** Drops of other steps' puddles beside those of paints, by their place in the ladder. */
  poured?: readonly { step: number; drops: number }[]
  deltaE00: number
}

/** What the painter has to know of a ladder that is mixed in one way; paints by id. */
export type MixingNote =
  /**
   * Places of the puddles among the steps, mean ΔE00, what one more puddle would take off it, and the bottle that an
   * end takes a touch of.
   */
  | {
      way: 'puddles'
      puddles: readonly number[]
      mean: number
      another: number
      touch?: { end: 'dark' | 'light'; paint: string }
    }
  /** Bottles opened and mean ΔE00; whether every choice of so many was looked at. */
  | { way: 'matched'; opened: number; mean: number; all: boolean }
  /** Paints gone toward; the largest deviation of a gap from the even one, as a share. */
  | { way: 'run'; shade?: string; light?: string; uneven: number }
  /** Neighbours too far apart for a bridge, ΔE00. */
  | { way: 'bought'; wide: { from: string; to: string; gap: number }[] }

export interface MixedLadder {
  steps: MixedStep[]
  note?: MixingNote
}

export interface MixRequest extends Limits {
  targets: readonly Lab[]
  /** Place of the base among the targets. */
  base: number
  paints: readonly Paint[]
  /** So many of the paints, the first, are bottles as they are; all when not given. */
  bottles?: number
  mixing: Mixing
  /** The closest recipe for each target from some paints. */
  closest: (targets: readonly Lab[], paints: readonly Paint[]) => MixedStep[]
  /** The closest recipes for a target, the best first. */
  several: (target: Lab, many: number) => { parts: Part<Paint>[]; deltaE00: number }[]
  patience: { ms: number; now: () => number }
}
