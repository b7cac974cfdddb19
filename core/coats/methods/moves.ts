import type { Place, Where } from '../../project/place'
import type { StepKey } from '../../project/steps'
import type { RoleKey } from '../roles/roles'
import type { Method, MethodCoat, MethodMix } from './method'

/** What methods are written with: undercoats, kinds of coat, mixes and places. */
export const flat = (mix: MethodMix): Method['under'] => ({ kind: 'flat', mix })
export const role = (key: RoleKey, as?: StepKey): MethodMix => ({
  role: key,
  ...(as ? { as } : {}),
})
export const both = (...parts: readonly (readonly [MethodMix, number])[]): MethodMix => ({
  both: parts,
})

/** Dark all over, white from above; the steeper, the less of it falls into recesses. */
export const sketch = (dark: MethodMix, { steep = 60, strength = 0.9 } = {}): Method['under'] => ({
  kind: 'sketch',
  dark,
  light: role('white'),
  strength,
  elevation: steep,
})
export const blackAndWhite = sketch(role('black'))

type More = Omit<MethodCoat, 'kind' | 'mix'>
const coat =
  (kind: MethodCoat['kind']) =>
  (mix: MethodMix, ...more: readonly More[]): MethodCoat =>
    Object.assign({ kind, mix }, ...more) as MethodCoat
export const base = coat('base')
export const layer = coat('layer')
export const glaze = coat('glaze')
export const filter = coat('filter')
export const wash = coat('wash')
export const translucent = coat('translucent')
export const drybrush = coat('drybrush')
export const airbrush = coat('airbrush')
export const varnish = (finish: 'matt' | 'gloss'): MethodCoat => ({
  kind: 'varnish',
  mix: 'base',
  finish,
})

/** Parts of thinner to one of paint; of medium instead of water. */
export const thinned = (thinner: number): More => ({ thinner })
export const medium = (thinner: number): More => ({ thinner, thinnedWith: 'medium' })
/** Thin enough to lie as a veil, and as it comes from the bottle. */
export const veil = thinned(3)
export const neat = thinned(0)
export const passes = (many: number): More => ({ passes: many })
/** Taken off flats and pools while it is wet. */
export const lifted: More = { lifted: true }

/** Where a coat goes: wherever one of these holds. */
export const at = (...place: Where[]): { place: Place } => ({ place })

export const raised = at({ relief: ['flat', 'ridge'] })
export const shadow = at({ light: ['deep-shadow', 'shadow'] })
export const middle = at({ light: ['middle'] })
export const middleUp = at({ light: ['middle', 'light', 'glint'] })
export const shadowAndMiddle = at({ light: ['deep-shadow', 'shadow', 'middle'] })
export const lights = at({ light: ['light', 'glint'] })
/** The same, on less: not where it is deep. */
export const lightsLess = at({ light: ['light', 'glint'], relief: ['flat', 'ridge'] })
export const glints = at({ light: ['glint'] })
export const tops = at({ light: ['glint'], relief: ['ridge'] })
export const ridges = at({ relief: ['ridge'] })
export const recess = at({ relief: ['deepest', 'recess'] })
export const recessOfShadow = at({
  relief: ['deepest', 'recess'],
  light: ['deep-shadow', 'shadow'],
})
export const deepest = at({ relief: ['deepest'] })
export const joinsAndDeepest = at({ relief: ['join', 'deepest'] })
export const joinsAndRecess = at({ relief: ['join', 'recess', 'deepest'] })
/** Where light and dark meet. */
export const turn = at({ light: ['shadow', 'middle'] })
/** A hollow that faces up is covered, what faces down is left. */
export const notDown = at({ down: false })
export const on = (...zones: string[]): { place: Place } => at({ zones })
