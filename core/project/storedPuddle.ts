import type { PuddlePart } from '../puddle/puddle'
import { mostOf } from './limits'
import { stepKeys } from './steps'
import type { StepKey } from './steps'

/** A mix on the palette of one figure, or of all where none is named. */
export interface StoredPuddle {
  /** Made once, or that of a step of a figure's ladder (`stepPuddle`). */
  id: string
  name?: string
  figure?: string
  /** A strong bottle let down once for the evening: of the whole commission, of bottles alone, mixed from like a bottle. */
  letDown?: true
  /** As it was found when painting of its figure began: it stays so until the painter lets it follow. */
  held?: true
  parts: PuddlePart[]
}

/**
 * The puddle that a step of a figure's ladder is; stored once the painter has settled what is in it.
 * @example stepPuddle('mei', 'base') // "mei.base"
 */
export const stepPuddle = (figure: string, step: StepKey): string => `${figure}.${step}`

const known = new Map<string, ReadonlyMap<string, StepKey>>()
/**
 * Which step of a figure's ladder a puddle is; nothing where it is none.
 * @example stepOf('mei', 'mei.base') // "base"
 */
export function stepOf(figure: string, puddle: string): StepKey | undefined {
  let steps = known.get(figure)
  if (!steps) {
    if (known.size > mostOf.figures) known.clear()
    steps = new Map(stepKeys.map((key) => [stepPuddle(figure, key), key]))
    known.set(figure, steps)
  }
  return steps.get(puddle)
}
