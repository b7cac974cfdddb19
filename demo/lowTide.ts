import { plainMood } from '../core'
import type { Figure, FigurePlan, Project } from '../core'

/** The shipped commission: nine figures for a harbour diorama. All invented. */
const plan = (change: Partial<FigurePlan> = {}): FigurePlan => ({
  ...plainMood,
  maxPaints: 3,
  maxDrops: 20,
  kept: {},
  ...change,
})

const skin = (melanin: number, blood: number, oxygenation: number, carotene = 10) =>
  ({ kind: 'skin', melanin, blood, oxygenation, carotene }) as const
const hide = (L: number, a: number, b: number) => ({ kind: 'hide', lab: { L, a, b } }) as const

function figure(
  id: string,
  name: string,
  note: string,
  tone: Figure['tone'],
  change?: Partial<FigurePlan>,
): Figure {
  return { id, name, note, scale: '54 mm', tone, plan: plan(change) }
}

const figures: Figure[] = [
  figure('isaura', 'Isaura, ferrywoman', 'weathered tan', skin(0.052, 0.036, 0.78)),
  figure('bram', 'Old Bram, net-mender', 'light, ruddy', skin(0.009, 0.034, 0.85)),
  figure('tunde', 'Tunde, pilot', 'very deep', skin(0.36, 0.02, 0.75), { contrast: 1.1 }),
  figure('mei', 'Mei, apprentice', 'light olive', skin(0.02, 0.014, 0.7, 22), { contrast: 0.8 }),
  figure('rashida', 'Rashida, lamp-lighter', 'brown', skin(0.13, 0.022, 0.75), { warmth: 0.6 }),
  figure('bosun', 'Drowned bosun', 'dead grey', hide(62, -3, 8), { warmth: -0.5 }),
  figure('kelp-drake', 'Kelp drake', 'blue-green hide', hide(48, -20, -4), { turn: -0.3 }),
  figure('salamander', 'Bog salamander', 'yellow-green hide', hide(56, -16, 32), { turn: -0.5 }),
  figure('imp', 'Brine imp', 'violet hide', hide(42, 18, -20), { turn: 0 }),
]

/** Fourteen single-pigment paints are on the bench; the rest of the starter box waits outside. */
export const onTheBench: readonly string[] = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'raw-umber',
  'ultramarine',
  'phthalo-blue-green',
  'phthalo-green',
  'chromium-oxide-green',
  'quinacridone-magenta',
  'pyrrole-red',
  'arylide-yellow',
  'carbon-black',
  'dioxazine-violet',
]

export function lowTide(paintIds: readonly string[]): Project {
  return {
    format: 'cobaltfinch-project',
    version: 1,
    name: 'Low Tide',
    figure: 'isaura',
    out: paintIds.filter((id) => !onTheBench.includes(id)),
    figures: structuredClone(figures),
  }
}
