import type {
  BottleDrops,
  Lab,
  Likeness,
  Looked,
  LookingAnswer,
  Paint,
  PaintByEye,
  Recipe,
  Swatch,
  ToldByEye,
  WellCorrection,
} from '../../core'

/** What the box is asked and answers: plain data, paints by id. */
export interface PlainMix extends Omit<Recipe, 'parts'> {
  parts: BottleDrops[]
}
export interface MendJob {
  parts: BottleDrops[]
  drops: number
  seen?: Lab
  aim: Lab
  paints: Paint[]
  room: number
}
export interface MendAnswer {
  front: (Omit<WellCorrection, 'add'> & { add: BottleDrops[] })[]
  startAgain: boolean
  /** A fresh recipe. */
  fresh: BottleDrops[]
}
/** A well that was looked at, once or more; what was added after each look. */
export interface LookJob {
  parts: BottleDrops[]
  aim: Lab
  /** Bottles at hand, and those that are in the well already. */
  paints: Paint[]
  inWell: Paint[]
  looks: { looked: Looked; add: BottleDrops[] }[]
}
export type LookAnswer =
  | (Omit<Extract<LookingAnswer, { kind: 'add' }>, 'add'> & { add: BottleDrops[] })
  | Exclude<LookingAnswer, { kind: 'add' }>
export interface WishAnswer extends PlainMix {
  /** A starter pigment that is not in the box. */
  paint: string
}
export interface LikeAnswer {
  singles: (Omit<Likeness, 'paint'> & { id: string })[]
  mixes: PlainMix[]
}

/** Measured swatches, or what was told by eye. */
export type SolveJob = { swatches: Swatch[]; about: ToldByEye['about'] } | ToldByEye
/** The paint, with what each answer by eye did to its doubt; or why there can be none. */
export type SolveAnswer =
  ({ paint: Paint } & Partial<Pick<PaintByEye, 'doubts' | 'tints'>>) | { trouble: string }
