import type { Ingredient } from '../puddle/puddle'
import type { CoatKind, Gathering, LaidCoat, PlannedCoat } from './coat'
import type { Writable } from './writable'

/** A value sketch: dark all over, light sprayed from above. `Of` is what each is: named, or seen. */
export interface ValueSketch<Of> {
  kind: 'sketch'
  dark: Of
  light: Of
  /** How far the light reaches full white, 0–1. */
  strength: number
  /** Height the light was sprayed from, degrees; the higher, the less falls into recesses. */
  elevation: number
}

/** What lies under the first coat. */
type PlannedUndercoat = { kind: 'flat'; of: Ingredient } | ValueSketch<Ingredient>

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
  /** Puddles and accents that came with it and were not changed since, by id: another method takes them away. */
  brought?: string[]
  coats: Writable<LaidCoat>[]
}
