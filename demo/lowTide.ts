import { blankCommission, blankFigure, blankPlan, LET_DOWN_WHITE } from '../core'
import type { Figure, FigurePlan, Project } from '../core'

/** The shipped commission: nine figures for a harbour diorama. All invented. */
const skin = (melanin: number, blood: number, oxygenation: number, carotene: number) =>
  ({ kind: 'skin', melanin, blood, oxygenation, carotene }) as const
const hide = (L: number, a: number, b: number) => ({ kind: 'hide', lab: { L, a, b } }) as const

const figure = (
  id: string,
  name: string,
  note: string,
  tone: Figure['tone'],
  change: Partial<FigurePlan> = {},
  about: Partial<Figure> = {},
): Figure =>
  blankFigure(id, {
    name,
    note,
    kind: tone.kind === 'hide' ? 'creature' : 'person',
    tone,
    plan: { ...blankPlan(), maxPaints: 4, ...change },
    ...about,
  })

/** The picture that the demo's ferrywoman is painted after, rendered by `npm run picture`. */
export const DEMO_PICTURE = 'low-tide-isaura'

const figures: Figure[] = [
  figure(
    'isaura',
    'Isaura, ferrywoman',
    'weathered tan',
    skin(0.06, 0.03, 0.78, 15),
    { form: 'woman' },
    { picture: { photo: DEMO_PICTURE, name: 'isaura.png' } },
  ),
  figure('bram', 'Old Bram, net-mender', 'light, ruddy', skin(0.011, 0.026, 0.85, 24), {
    form: 'old',
  }),
  figure('tunde', 'Tunde, pilot', 'very deep', skin(0.36, 0.02, 0.75, 6), { contrast: 1.1 }),
  figure('mei', 'Mei, apprentice', 'light olive', skin(0.024, 0.013, 0.75, 23), {
    contrast: 0.8,
    form: 'child',
  }),
  figure('rashida', 'Rashida, lamp-lighter', 'brown', skin(0.13, 0.022, 0.75, 11), {
    warmth: 0.6,
    form: 'crone',
  }),
  figure(
    'bosun',
    'Drowned bosun',
    'dead grey',
    hide(59, -2, 7),
    { contrast: 0.75, warmth: -0.25, sheen: 0.2, form: 'gaunt' },
    { kind: 'dead' },
  ),
  figure('kelp-drake', 'Kelp drake', 'blue-green hide', hide(48, -20, -4), {
    turn: -0.3,
    form: 'drake',
  }),
  figure('salamander', 'Bog salamander', 'yellow-green hide', hide(56, -16, 32), {
    turn: -0.5,
    form: 'newt',
  }),
  figure('imp', 'Brine imp', 'violet hide', hide(42, 18, -20), { turn: 0, form: 'horned' }),
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

/** The eight of them on the table: the best eight for the nine figures (core/ladder/mixing/fewPuddles.test.ts). */
const onTheTable: readonly string[] = [
  'titanium-white',
  'yellow-ochre',
  'burnt-umber',
  'red-iron-oxide',
  'arylide-yellow',
  'phthalo-green',
  'chromium-oxide-green',
  'dioxazine-violet',
]

/** Strong ones of the eight, let down once for the evening (core/range/letDowns.test.ts). */
const letDown = ['red-iron-oxide', 'dioxazine-violet'] as const

/** The demo's address, unless it is brought back beside one that was changed. */
export const DEMO_ID = 'low-tide'

export const lowTide = (paintIds: readonly string[]): Project =>
  blankCommission(DEMO_ID, 'Low Tide', {
    figure: 'isaura',
    out: paintIds.filter((id) => !onTheBench.includes(id)),
    palette: onTheTable.filter((id) => paintIds.length === 0 || paintIds.includes(id)),
    bottles: Object.fromEntries(onTheBench.map((id) => [id, { owned: true }])),
    figures: structuredClone(figures),
    puddles: letDown.map((bottle) => ({
      id: `let-down-${bottle}`,
      name: `${bottle.replaceAll('-', ' ')}, let down`,
      letDown: true,
      parts: [
        { of: { bottle }, drops: 1 },
        { of: { bottle: 'titanium-white' }, drops: LET_DOWN_WHITE },
      ],
    })),
  })
