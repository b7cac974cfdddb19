import type {
  Accent,
  BottleDrops,
  Choice,
  EndAnswers,
  Lab,
  Paint,
  Puddle,
  RoleKey,
  Spectrum,
  StackCoat,
  StepKey,
} from '../../core'

export interface CoatsJob {
  coat: StackCoat
  /** What the place is to look like in the end. */
  target: Spectrum
  aim: Lab
  /** What it looks like in the end as the stack stands. */
  end: Spectrum
  paints: Paint[]
  /** Bottles that the place is mixed of. */
  own: Paint[]
}
/** A method that is to be made for a figure, paints by id. */
export interface MethodJob {
  method: string
  /** Bottles that may be used, and those that might be put in, those at hand first. */
  paints: Paint[]
  others: Paint[]
  choices: Partial<Record<RoleKey, Choice>>
  steps: { key: StepKey; target: Lab; share: number; parts: BottleDrops[] }[]
  had: Puddle[]
  stepIds: Record<StepKey, string>
}
export interface CoatsReply {
  /** What to paint before the coat, and where the end lands then. */
  over?: Omit<NonNullable<EndAnswers['over']>, 'recipe'> & { parts: BottleDrops[]; recipeLab: Lab }
  knock?: Omit<NonNullable<EndAnswers['knock']>, 'paint'> & { paint: string; from: Lab }
}
export interface AccentReply extends Omit<Accent, 'parts'> {
  parts: BottleDrops[]
}
export interface SmallReply {
  key: string
  name: string
  steps: {
    lab: Lab
    parts: BottleDrops[]
    deltaE00: number
    /** Where that is less paint: parts of the middle, and of one bottle more. */
    ofMiddle?: { middle: number; bottle: BottleDrops; lab: Lab }
  }[]
}
