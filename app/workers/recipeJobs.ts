import type { KeptPart, Lab, Limits, Mixing, MixingNote, Move, Paint } from '../../core'

/** One look for the closest mixes: plain data in, plain data out. */
export interface RecipeJob extends Limits {
  /** How long each step of a large box is searched, ms. */
  patienceMs: number
  paints: Paint[]
  targets: Lab[]
}

export interface FoundMix {
  parts: KeptPart[]
  deltaE00: number
  /** Drops of the base mix to drops of the other paint, in a run. */
  ratio?: readonly [number, number]
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
  steps: KeptPart[][]
}

/** Puddles wanted, paints by id. */
export interface PathJob {
  paints: Paint[]
  steps: { key: string; parts: KeptPart[]; need: number }[]
  start: number
}
interface Poured {
  step: string
  /** Drops in the well afterwards. */
  drops: number
  /** Its colour then. */
  lab?: Lab
}
export type PathMove =
  | (Poured & { kind: 'mix' | 'add'; add: KeptPart[] })
  | (Poured & Omit<Extract<Move, { kind: 'lift' }>, 'step'>)
  | (Poured & Omit<Extract<Move, { kind: 'paint' }>, 'step'>)
export interface PathAnswer {
  moves: PathMove[]
  total: number
  least: number
  bottles: KeptPart[]
}
