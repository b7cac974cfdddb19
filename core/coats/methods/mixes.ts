import type { PlannedCoat, StackPlan } from '../plan'

/** What methods are written with: undercoats, kinds of coat, mixes and places. */
export const flat = (paint: string): StackPlan['under'] => ({ kind: 'flat', paint })
export const sketch = (dark: string, strength: number, elevation = 60): StackPlan['under'] => ({
  kind: 'sketch',
  dark,
  light: 'titanium-white',
  strength,
  elevation,
})
export type Mix = PlannedCoat['mix']
export type More = Omit<PlannedCoat, 'kind' | 'mix'>
const coat =
  (kind: PlannedCoat['kind']) =>
  (mix: Mix, more: More = {}): PlannedCoat => ({ kind, mix, ...more })
export const base = coat('base')
export const layer = coat('layer')
export const glaze = coat('glaze')
export const filter = coat('filter')
export const wash = coat('wash')
export const translucent = coat('translucent')
export const drybrush = coat('drybrush')
export const airbrush = coat('airbrush')

export const violet: Mix = [['dioxazine-violet', 1]]
export const redBrown: Mix = [
  ['red-iron-oxide', 2],
  ['burnt-umber', 1],
]
export const violetBrown: Mix = [
  ['burnt-umber', 3],
  ['dioxazine-violet', 1],
]
export const coldBlue: Mix = [
  ['ultramarine', 2],
  ['burnt-umber', 1],
]
export const blueGreen: Mix = [
  ['phthalo-green', 1],
  ['ultramarine', 1],
]
export const orange: Mix = [
  ['arylide-yellow', 2],
  ['pyrrole-red', 1],
]
export const magenta: Mix = [['quinacridone-magenta', 1]]
export const rose: Mix = [
  ['quinacridone-magenta', 1],
  ['titanium-white', 3],
]
export const paleBlue: Mix = [
  ['ultramarine', 1],
  ['titanium-white', 8],
]
export const yellowGreen: Mix = [
  ['arylide-yellow', 3],
  ['chromium-oxide-green', 1],
  ['titanium-white', 2],
]
export const warmRed: Mix = [
  ['pyrrole-red', 1],
  ['burnt-umber', 1],
]
export const pinkGreen: Mix = [
  ['quinacridone-magenta', 1],
  ['chromium-oxide-green', 2],
  ['titanium-white', 6],
]
/** Burnt sienna to white, in drops. */
export const run = (sienna: number, white: number): Mix => [
  ['burnt-sienna', sienna],
  ...(white > 0 ? ([['titanium-white', white]] as const) : []),
]
export const shadow = { place: 'shadow' } as const
export const middle = { place: 'middle' } as const
export const lights = { place: 'lights' } as const
