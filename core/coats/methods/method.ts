import type { PlannedCoat } from '../../project/coat'
import type { StepKey } from '../../project/steps'
import type { RoleKey } from '../roles/roles'

/**
 * What a coat of a method is of: a step of the figure's own ladder; a mix by what it is called; both of two in parts; one
 * bottle, as dark or light as a step; or one of several amounts of two, the nearest to a step.
 */
export type MethodMix =
  | StepKey
  | { role: RoleKey; as?: StepKey }
  | { both: readonly (readonly [mix: MethodMix, parts: number])[] }
  | { bottle: 'dark' | 'light'; as: StepKey }
  | {
      amounts: readonly [MethodMix, MethodMix]
      ratios: readonly (readonly [number, number])[]
      as: StepKey
    }

/** A move: a coat of a method. */
export interface MethodCoat extends Omit<PlannedCoat, 'of'> {
  mix: MethodMix
}

/** A ready way to paint; common practice, no source. */
export interface Method {
  key: string
  name: string
  /** What it is for. */
  suits: string
  /** Whom it is for: living skin, hides, the dead. */
  for: readonly ('skin' | 'hide' | 'dead')[]
  effort: 'quick' | 'usual' | 'long'
  risk: string
  under:
    | { kind: 'flat'; mix: MethodMix }
    | { kind: 'sketch'; dark: MethodMix; light: MethodMix; strength: number; elevation: number }
  coats: readonly MethodCoat[]
  /** Places of life that its name promises, of a person and of a creature; each is glazed as suits the figure. */
  accents?: { skin: readonly string[]; hide: readonly string[] }
  /** It is meant to end elsewhere than its ladder: translucent, under two lights, dead. */
  endsApart?: boolean
}

export const isStep = (mix: MethodMix): mix is StepKey => typeof mix === 'string'
