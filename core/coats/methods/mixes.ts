import type { Place, Where } from '../../project/place'
import type { Method, MethodCoat, MethodMix } from './method'

/** What methods are written with: undercoats, kinds of coat, mixes and places. */
export const flat = (bottle: string): Method['under'] => ({ kind: 'flat', bottle })
export const sketch = (dark: string, strength: number, elevation = 60): Method['under'] => ({
  kind: 'sketch',
  dark,
  light: 'titanium-white',
  strength,
  elevation,
})
type More = Omit<MethodCoat, 'kind' | 'mix'>
const coat =
  (kind: MethodCoat['kind']) =>
  (mix: MethodCoat['mix'], more: More = {}): MethodCoat => ({ kind, mix, ...more })
export const base = coat('base')
export const layer = coat('layer')
export const glaze = coat('glaze')
export const filter = coat('filter')
export const wash = coat('wash')
export const translucent = coat('translucent')
export const drybrush = coat('drybrush')
export const airbrush = coat('airbrush')

/** Where a coat goes: wherever one of these holds. */
export const at = (...place: Where[]): { place: Place } => ({ place })

/** A mix under the name that painters would give it. */
export const mixed = (name: string, ...parts: MethodMix['parts']): MethodMix => ({ name, parts })

export const violet = mixed('violet', ['dioxazine-violet', 1])
export const redBrown = mixed('red-brown', ['red-iron-oxide', 2], ['burnt-umber', 1])
export const violetBrown = mixed('violet-brown', ['burnt-umber', 3], ['dioxazine-violet', 1])
export const coldBlue = mixed('cold dark blue', ['ultramarine', 2], ['burnt-umber', 1])
export const blueGreen = mixed('dark blue-green', ['phthalo-green', 1], ['ultramarine', 1])
export const orange = mixed('orange', ['arylide-yellow', 2], ['pyrrole-red', 1])
export const magenta = mixed('magenta', ['quinacridone-magenta', 1])
export const rose = mixed('rose', ['quinacridone-magenta', 1], ['titanium-white', 3])
export const paleBlue = mixed('pale blue', ['ultramarine', 1], ['titanium-white', 8])
export const yellowGreen = mixed(
  'yellow-green',
  ['arylide-yellow', 3],
  ['chromium-oxide-green', 1],
  ['titanium-white', 2],
)
export const warmRed = mixed('warm red', ['pyrrole-red', 1], ['burnt-umber', 1])
export const pinkGreen = mixed(
  'pink greyed with green',
  ['quinacridone-magenta', 1],
  ['chromium-oxide-green', 2],
  ['titanium-white', 6],
)
/** A red-brown to white, in drops. */
export const run = (brown: string, drops: number, white: number): MethodMix =>
  mixed(
    white > 0 ? `red-brown and white, ${drops} : ${white}` : 'red-brown',
    [brown, drops],
    ...(white > 0 ? ([['titanium-white', white]] as const) : []),
  )
export const shadow = at({ light: ['deep-shadow', 'shadow'] })
export const middle = at({ light: ['middle'] })
export const lights = at({ light: ['light', 'glint'] })
