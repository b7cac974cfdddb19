import type { BottleDrops } from '../puddle/parts'
import type { Ingredient } from '../puddle/puddle'
import type { Tone } from '../tone/tone'
import type { FigureBench } from './bench'
import type { FigureCritique } from './critique'
import type { FigureSize } from './figureSize'
import type { FigurePlan, LadderVersion } from './plan'
import type { FigureStack } from './stack'

export const figureKinds = ['person', 'creature', 'dead'] as const

/** Eyes, teeth, claws; their colours stand in `core/coats/accents/smallLadders.ts`. */
export const detailKeys = ['eye', 'clouded-eye', 'teeth', 'claws', 'mouth'] as const
export type DetailKey = (typeof detailKeys)[number]

/** A place of life: the glaze that is found for it, or one of the painter's own. */
export interface FigureAccent {
  id: string
  place: string
  of?: Ingredient
  thinner?: number
  passes?: number
}

/** A tone of a small part as it stood when painting began: of bottles, or of so much of the middle and one bottle more. */
export interface PouredTone {
  parts: BottleDrops[]
  ofMiddle?: { middle: number; bottle: BottleDrops }
}

/** Eyes, teeth, claws: each tone found for it, or one of the painter's own. */
export interface FigureDetail {
  id: string
  key: DetailKey
  shadow?: Ingredient
  middle?: Ingredient
  light?: Ingredient
  /** What was found for its shadow, middle and light, held since painting began. */
  poured?: PouredTone[]
}

/** What is taken for a figure until its painter says otherwise. */
export const saidOfFigure = ['tone', 'form'] as const
export type SaidOfFigure = (typeof saidOfFigure)[number]

/** One figure of a commission, or several that are painted alike. */
export interface Figure {
  id: string
  name: string
  note: string
  kind: (typeof figureKinds)[number]
  size: FigureSize
  /** How many of it are painted. */
  many: number
  /** The people, warband or pack it belongs to. */
  group?: string
  /** A picture of what it is painted after, kept beside the project, and its file's name. */
  picture?: { photo: string; name: string }
  /** The painter's own sculpt of it, kept beside the project. */
  sculpt?: string
  /** Bottles that this figure has beside those of the commission, or does without. */
  bottles?: { more?: string[]; without?: string[] }
  tone: Tone
  plan: FigurePlan
  /** What its painter chose for it, and no change of kind exchanges. */
  said?: SaidOfFigure[]
  stack?: FigureStack
  bench?: FigureBench
  /** Places of life that are painted on this figure. */
  accents?: FigureAccent[]
  /** Eyes, teeth and claws that are painted. */
  details?: FigureDetail[]
  /** Photographs of it as they were judged, oldest first. */
  critiques?: FigureCritique[]
  versions?: LadderVersion[]
}
