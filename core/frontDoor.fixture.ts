import { lowTide } from '../demo/lowTide'
import * as core from './index'
import type { Lab, Paint } from './index'
import { corners as cardMarks, photograph } from './paint/card/card.fixture'

/** What the examples of the front door may name besides the front door itself. */
const of = (id: string): Paint => core.starterPaints.find((paint) => paint.id === id)!
const [white, ochre, oxide, umber, blue, black] = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'ultramarine',
  'carbon-black',
].map(of) as [Paint, Paint, Paint, Paint, Paint, Paint]
const box = [white, ochre, oxide, umber, blue, black]
const flesh: Lab = { L: 65, a: 18, b: 18 }
const skin = { melanin: 0.05, blood: 0.02, oxygenation: 0.75, carotene: 10 }
const tone = { kind: 'skin', ...skin } as const
const base = core.baseReflectance(tone)
const now = (): number => performance.now()
const request = { target: flesh, paints: box, maxPaints: 3, maxDrops: 12, limit: 20 }
const found = core.findRecipes(request)
const wished = {
  ...request,
  white,
  lights: [],
  wholeCurve: false,
  touches: false,
  constraints: {},
}
const steps = core.ladderTargets(base, core.plainMood)
const targets = steps.map(({ target }) => target)
const closest = (aims: readonly Lab[], paints: readonly Paint[]) =>
  aims.map((target) => core.findRecipes({ ...request, target, paints, limit: 1 })[0]!)
const mixed = closest(targets, box)
const ladder = steps.map(({ key }, i) => ({ key, parts: mixed[i]!.parts }))
const puddles = steps.map(({ key }, i) => ({ key, parts: mixed[i]!.parts, need: 4 }))
const judged = steps.map(({ key, share }, i) => ({ key, share, painted: mixed[i]!.lab }))
const parts = [{ paint: ochre, drops: 1 }]
const coat = { kind: 'glaze', thinner: 6, passes: 1, place: 'all', parts } as const
const glaze = { id: 'c', kind: 'glaze', mix: [['yellow-ochre', 1]] } as const
const plan = { under: { kind: 'flat', paint: 'titanium-white' }, coats: [glaze] } as const
const figures = lowTide([]).figures
const figure = { ...figures[0]!, id: 'troll', name: 'Troll' }
const project = core.blankCommission('low-tide', 'Low Tide')
const sheet = {
  id: 'bram',
  copy: 1,
  sizeMm: 54,
  stack: plan,
  accents: [],
} as unknown as core.SheetFigure
const moves = core.runSheet(sheet, { wordsOf: ({ kind }) => kind })
const reflectance = core.opaqueReflectance(ochre)
const measurements = [{ name: 'yellow ochre', reflectance }]
const readings = [2, 3, 4, 5].map((drops) => ({
  parts: [
    { paint: white.id, drops },
    { paint: ochre.id, drops: 1 },
  ],
  reflectance: core.opaqueReflectance(
    core.mixPaints([
      { paint: white, drops },
      { paint: ochre, drops: 1 },
    ]),
  ),
}))
const entry = { at: '2026-11-26T10:00:00Z', what: 'base', predicted: flesh }
const [sitting] = core.sittingsOf([entry])
const rows = [
  {
    step: 'Base',
    share: 1,
    target: flesh,
    painted: flesh,
    deltaE00: 0,
    parts: [{ name: 'yellow ochre', drops: 1 }],
  },
]
const card = {
  title: 'Bram',
  lines: [],
  steps: [{ name: 'Base', share: 1, lab: flesh, mix: ['1 yellow ochre'], off: 0 }],
  thinning: '',
  path: [],
  coats: [],
  accents: [],
  notes: '',
  grey: false,
}
/** Two triangles of a square. */
const mesh = {
  positions: Float32Array.from([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0]),
  normals: Float32Array.from([0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1]),
  triangles: Uint32Array.from([0, 1, 2, 0, 2, 3]),
}
const corners = core.stlCorners(core.formatStl(core.surfaceNet(core.forms.egg.distance, 8)))
const cardPicture = photograph({ cast: [1, 1, 1], exposure: 0.9, fall: 1 })
/** The start of a PNG of one pixel (ISO/IEC 15948, 11.2.2). */
const pngHead = Uint8Array.from([
  ...[137, 80, 78, 71, 13, 10, 26, 10, 0, 0, 0, 13, 73, 72, 68, 82],
  ...[0, 0, 0, 1, 0, 0, 0, 1, 8, 6, 0, 0, 0, 31, 21, 196, 137],
])

export const scope: Readonly<Record<string, unknown>> = {
  ...core,
  ...{ white, ochre, oxide, umber, blue, black, box, flesh, skin, tone, base, found, wished },
  ...{ now, until: Infinity, targets, closest, ladder, puddles, judged, coat, plan, figure },
  ...{ project, sheet, moves, measurements, readings, sitting, rows, card, mesh, corners },
  ...{ cardPicture, cardCorners: cardMarks, pngHead, paints: box, newId: () => 'new', paintOf: of },
  ids: new Set(core.starterPaints.map(({ id }) => id)),
}
