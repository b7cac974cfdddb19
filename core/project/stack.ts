import type { Ingredient } from '../puddle/puddle'
import type { CoatKind, Gathering, LaidCoat, PlannedCoat } from './coat'
import type { Writable } from './writable'

/** What lies under the first coat: one colour, or a value sketch sprayed from above. */
type PlannedUndercoat =
  | { kind: 'flat'; of: Ingredient }
  | {
      kind: 'sketch'
      dark: Ingredient
      light: Ingredient
      /** How far the light reaches full white, 0–1. */
      strength: number
      /** Height the light was sprayed from, degrees. */
      elevation: number
    }

/** A stack as plain data: what is laid is named, and changes with the puddle it names. */
export interface StackPlan {
  under: PlannedUndercoat
  coats: readonly PlannedCoat[]
  /** Kinds of coat that this painter lays otherwise than usual. */
  films?: Readonly<Partial<Record<CoatKind, Gathering>>>
}

/** The stack of a figure; it follows the ladder. */
export interface FigureStack extends Writable<Omit<StackPlan, 'coats'>> {
  /** The method it was started from. */
  method?: string
  coats: Writable<LaidCoat>[]
}
