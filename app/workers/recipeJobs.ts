import type {
  BottleDrops,
  Lab,
  Limits,
  Mixing,
  MixingNote,
  Lighting,
  Paint,
  Spectrum,
  TargetOptions,
} from '../../core'

/** One look for the closest mixes: plain data in, plain data out. */
export interface RecipeJob extends Limits {
  /** How long each step of a large box is searched, ms. */
  patienceMs: number
  paints: Paint[]
  /** So many of the paints, the first, are bottles as they are; all when not given. */
  bottles?: number
  targets: Lab[]
}

export interface FoundMix {
  parts: BottleDrops[]
  /** Drops of other steps' puddles beside those of bottles, by their place in the ladder. */
  poured?: readonly { step: number; drops: number }[]
  deltaE00: number
}

/** A ladder whose ends are to be found. */
export interface EndsJob extends Limits {
  patienceMs: number
  paints: Paint[]
  base: Spectrum
  lighting: Lighting
  moved?: TargetOptions['moved']
}

/** A whole ladder mixed in one of the ways. */
export interface MixJob extends RecipeJob {
  mixing: Mixing
  base: number
}

export interface RecipeAnswer {
  mixes: FoundMix[]
  /** Whether nothing can be closer; a large box is searched for a moment only. */
  proved: boolean
  /** What the painter has to know of the way it is mixed. */
  note?: MixingNote
}

/** A ladder whose doubt is asked, paints by id. */
export interface DoubtJob {
  paints: Paint[]
  steps: BottleDrops[][]
}
