import type {
  KeptPart,
  Lab,
  Likeness,
  OpacityClass,
  Paint,
  Recipe,
  Spectrum,
  Swatch,
  WellCorrection,
} from '../../core'

/** What the box is asked and answers: plain data, paints by id. */
export interface PlainMix extends Omit<Recipe, 'parts'> {
  parts: KeptPart[]
}
export interface MendJob {
  parts: KeptPart[]
  drops: number
  seen?: Lab
  aim: Lab
  paints: Paint[]
  room: number
}
export interface MendAnswer {
  front: (Omit<WellCorrection, 'add'> & { add: KeptPart[] })[]
  startAgain: boolean
  /** A fresh recipe. */
  fresh: KeptPart[]
}
export interface WishAnswer extends PlainMix {
  /** A starter pigment that is not in the box. */
  paint: string
}
export interface LikeAnswer {
  singles: (Omit<Likeness, 'paint'> & { id: string })[]
  mixes: PlainMix[]
}

type About = Partial<Pick<Paint, 'id' | 'name' | 'pigments' | 'hazards' | 'kind'>>
/** Measured swatches, or one colour with how opaque it is. */
export type SolveJob =
  | { swatches: Swatch[]; about: About }
  | { colour: Lab | Spectrum; opacity: OpacityClass; about: About }
