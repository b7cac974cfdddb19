import type { Lab } from '../colour/lab'
import type { BottleDrops } from '../puddle/parts'
import type { CoatKind } from './coat'
import type { MoveOf, MoveRef } from './move'
import type { ReadBy } from './readBy'

/** How a figure is painted at the bench. */
export interface FigureBench {
  /** So many of its like in rotation together; all of them when not given. */
  atOnce?: number
  /** Other figures of the commission that are painted alongside, by id. */
  along?: string[]
  /** Longer drying when humid or cold. */
  slower?: number
  eveningMin?: number
  /** Coats that were dry sooner or later than reckoned: minutes reckoned and taken. */
  dried?: { kind: CoatKind; reckonedMin: number; tookMin: number }[]
  /** Off by more than this, ΔE00, and putting right is offered. */
  tolerance?: number
}

/** A move that is done, when (ms since 1970), and whether its puddle was mixed for it. */
export interface DoneMove extends MoveRef {
  at: number
  mixed?: boolean
  /** What it took from the bottles. */
  taken?: BottleDrops[]
}

/** A well that was mixed at the bench before it was painted with: as it stands on the palette until it dries out. */
export interface MixedWell {
  id: string
  /** Whose move it was mixed for. */
  figure: string
  /** What is in it, by its key (`ingredientKey`). */
  well: string
  at: number
  /** What it took from the bottles. */
  taken?: BottleDrops[]
}

/** A coat that dries, and until when, ms since 1970. */
export interface DryingTimer extends MoveRef {
  words: string
  endsAt: number
}

/** A mix that was painted: predicted and real. */
export interface LogEntry {
  id: string
  at: string
  /** The figure it was painted on; nothing where that was never known. */
  figure?: string
  /** What the figure was called when it was written down, for when it has gone. */
  who: string
  what: string
  of?: MoveOf
  /** The puddle it was, which may have changed or gone since. */
  puddle?: string
  /** What was put together, where that was not bottles alone. */
  poured?: { name: string; drops: number }[]
  /** Bottles that were in it. */
  parts: BottleDrops[]
  predicted: Lab
  real?: Lab
  /** 36 values where a reader gave them. */
  reflectance?: number[]
  /** Where `real` comes from; entries from before that was written down do not say. */
  readBy?: ReadBy
  note?: string
  minutes?: number
  /** Kind of coat it was for. */
  kind?: CoatKind
  /** Parts of thinner to one of paint, as it was. */
  thinner?: number
  /** Picture of it, kept beside the project. */
  photo?: string
}
