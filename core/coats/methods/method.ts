import type { PlannedCoat } from '../../project/coat'
import type { StepKey } from '../../project/steps'

/** A mix that a method brings along: what a painter calls it, and its drops of bottles by id. */
export interface MethodMix {
  name: string
  parts: readonly (readonly [bottle: string, drops: number])[]
}

/** A coat of a method: of a step of the figure's own ladder, or of a mix that comes along. */
export interface MethodCoat extends Omit<PlannedCoat, 'of'> {
  mix: StepKey | MethodMix
}

/** A ready stack to start from; common practice, no source. */
export interface Method {
  key: string
  name: string
  /** What it is for. */
  suits: string
  effort: 'quick' | 'usual' | 'long'
  risk: string
  /** Bottles by id. */
  under:
    | { kind: 'flat'; bottle: string }
    | { kind: 'sketch'; dark: string; light: string; strength: number; elevation: number }
  coats: readonly MethodCoat[]
  /** Places of life that its name promises, of a person and of a creature; each is glazed as suits the figure. */
  accents?: { skin: readonly string[]; hide: readonly string[] }
}

/** @example isStep('base') // true */
export const isStep = (mix: MethodCoat['mix']): mix is StepKey => typeof mix === 'string'
