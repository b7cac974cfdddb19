import { until } from '@vueuse/core'
import fc from 'fast-check'
import { createPinia, disposePinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, toRaw } from 'vue'
import {
  bottlesIn,
  isBottle,
  restsOn,
  starterPaints,
  stepOf,
  stockFor,
  usualAmounts,
} from '../core'
import type { Project } from '../core'
import { many } from '../tests/thorough'
import { useBench } from './stores/bench/bench'
import { coatedSteps } from './stores/coats/coatedSteps'
import { useCoats } from './stores/coats/coats'
import { useLadder } from './stores/ladder/ladder'
import { usePalette } from './stores/palette/palette'
import { useProject } from './stores/project/project'
import { plain } from './stores/project/work'
import { rowOf } from './stores/range/rowOf'
import { useCard } from './views/ladder/card/useCard'

vi.mock('comlink', () => import('../tests/fixtures/comlinkInProcess'))

/** What a painter who changes their mind does, by chance. */
const acts: fc.Arbitrary<() => unknown> = fc.oneof(
  fc.nat(8).map((i) => () => {
    const store = useProject()
    store.setTone(store.project.figures[i % store.project.figures.length]!.tone)
  }),
  fc.constantFrom(3, 5, 7).map((steps) => () => useProject().setPlan({ steps: steps as 3 })),
  fc
    .constantFrom('puddles', 'matched')
    .map((way) => () => useProject().setPlan({ way: way as 'puddles' })),
  fc.constantFrom(0.8, 1.2).map((contrast) => () => useProject().setPlan({ contrast })),
  fc.tuple(fc.nat(13), fc.boolean()).map(([i, isIn]) => () => {
    const store = useProject()
    store.setPaintIn(store.paints[i]!.id, isIn || store.paintsIn.length < 4)
  }),
  fc.constantFrom(28, 54, 90).map((heightMm) => () => {
    const store = useProject()
    store.setFigure(store.figure.id, { size: { heightMm } })
  }),
  fc.constantFrom(1, 3, 12).map((count) => () => {
    const store = useProject()
    store.setFigure(store.figure.id, { many: count })
  }),
  fc.nat(6).map((i) => () => {
    const { steps } = useLadder()
    const step = steps[i % steps.length]!
    if (step.made.length > 0) useLadder().keep(step.key, plain([...step.made]))
  }),
  fc.tuple(fc.nat(3), fc.integer({ min: 1, max: 4 })).map(([i, passes]) => () => {
    const coats = useCoats()
    coats.set({ coats: coats.plan.coats.map((one, k) => (k === i ? { ...one, passes } : one)) })
  }),
  fc
    .constantFrom('eye' as const, 'teeth' as const)
    .map((key) => () => useProject().toggleDetail(key)),
  fc.constantFrom('lips', 'nose').map((place) => () => useProject().toggleAccent(place)),
  fc.subarray([0, 1, 2, 3, 4, 5, 6, 7], { minLength: 5 }).map((few) => () => {
    const store = useProject()
    store.setTable(few.flatMap((i) => store.paintsIn[i]?.id ?? []))
  }),
  fc.constant(() => useBench().next()),
  fc.constant(() => useBench().back()),
  // … but not beyond the coats that every run begins with.
  fc.constant(() => useProject().depth.undo > 1 && useProject().undo()),
)

const BOTTLES = [
  'titanium-white',
  'carbon-black',
  'burnt-umber',
  'red-iron-oxide',
  'yellow-ochre',
  'ultramarine',
  'pyrrole-red',
  'raw-umber',
  'phthalo-green',
  'arylide-yellow',
]
/** The demo with another figure open, bare or in its coats, of another number and size, from some of its bottles. */
const commissions = fc
  .record({
    at: fc.nat(8),
    heightMm: fc.constantFrom(28, 75, 180),
    copies: fc.constantFrom(1, 2, 20),
    bare: fc.boolean(),
    // Few enough that every ladder is proved at once.
    table: fc.shuffledSubarray(BOTTLES, { minLength: 4, maxLength: 6 }),
    beside: fc.shuffledSubarray(BOTTLES, { maxLength: 2 }),
  })
  .map(({ at, heightMm, copies, bare, table, beside }) => (demo: Project): Project => {
    const open = demo.figures[at % demo.figures.length]!
    const { stack, ...figure } = { ...open, size: { heightMm }, many: copies }
    return {
      ...demo,
      palette: table,
      figure: open.id,
      figures: demo.figures.map((one) =>
        one === open ? { ...figure, ...(stack && !bare ? { stack } : {}) } : one,
      ),
      out: starterPaints.flatMap(({ id }) => ([...table, ...beside].includes(id) ? [] : [id])),
      done: [],
      mixed: [],
      timers: [],
    }
  })

async function settled(): Promise<void> {
  const [ladder, bench] = [useLadder(), useBench()]
  const patience = { timeout: 30_000, throwOnTimeout: true }
  await nextTick()
  await until(() => ladder.searching).toBe(false, patience)
  await until(() => bench.ready).toBe(true, patience)
  await nextTick()
}

/** Every room's word for what the open figure is mixed and laid of, against one reading of the commission. */
async function roomsAgree(): Promise<void> {
  const [store, ladder, coats] = [useProject(), useLadder(), useCoats()]
  const bench = useBench()
  const figure = toRaw(store.figure)
  const { id } = figure
  // The range mixes the same ladder.
  const row = await rowOf(
    figure,
    store.onTable.map(toRaw),
    (store.project.puddles ?? []).map(toRaw),
  )
  // Of the same moment.
  await settled()
  const { palette } = usePalette()
  expect(row.steps.map(({ key, made }) => [key, made])).toEqual(
    ladder.steps.map(({ key, made }) => [key, made]),
  )
  row.steps.forEach(({ painted }, i) =>
    expect(painted.L).toBeCloseTo(ladder.steps[i]!.painted!.L, 9),
  )
  // What coats are laid of is what is in the wells, and what is mixed for the bench.
  coats.plan.coats.forEach(({ of }, i) =>
    expect(coats.stack.coats[i]!.parts).toEqual(palette.mixOf(of)),
  )
  for (const { move } of bench.plan.moves)
    for (const well of move.figure === id ? bench.wellsOf(move) : [])
      if (!isBottle(well.of))
        expect(well.parts.map(({ of }) => of)).toEqual(
          palette.partsOf(well.of.puddle)!.map(({ of }) => of),
        )
  // The line-up and the card show the coats as they come out, where there are any.
  const card = useCard(ref(''), ref(false)).value
  const base = row.steps.findIndex(({ key }) => key === 'base')
  const coated = coatedSteps(figure, palette, row.steps.length, base)
  expect(row.coated).toEqual(coated)
  expect(card.steps.map((step) => step.coated)).toEqual(coated ?? row.steps.map(() => undefined))
  expect(card.steps.map(({ lab }) => lab)).toEqual(ladder.steps.map(({ painted }) => painted))
  // Off by as much, wherever that stands.
  row.steps.forEach(({ off }, i) => expect(card.steps[i]!.off).toBeCloseTo(off, 9))
  // What is needed is what is poured.
  const poured = bench.mixesToCome.flatMap(({ parts }) => parts)
  for (const { paint, neededMl } of stockFor(bench.mixesToCome, store.project.bottles ?? {})) {
    const perMl = store.project.bottles?.[paint]?.dropsPerMl ?? usualAmounts.dropsPerMl
    const drops = poured.reduce((sum, one) => sum + (one.paint === paint ? one.drops : 0), 0)
    expect(neededMl * perMl).toBeCloseTo(drops, 6)
  }
  // A bottle that is not in is said, and none is that is.
  const isIn = new Set(store.paintsIn.map((paint) => paint.id))
  const used = new Set(
    coats.plan.coats
      .flatMap(({ of }) => bottlesIn([{ of, drops: 1 }], palette.partsOf))
      .map(({ paint }) => paint),
  )
  const said = coats.missing.map((one) => one.id)
  for (const bottle of used) expect(said.includes(bottle)).toBe(!isIn.has(bottle))
}

/** Puddles that were settled hold what they held, unless they were settled anew, let go or taken out. */
function nothingDecidedMoved(before: Project, after: Project): void {
  const now = new Map(after.puddles?.map((one) => [one.id, one]))
  for (const { id, figure, parts } of before.puddles ?? []) {
    const one = now.get(id)
    if (one && !(figure && stepOf(figure, id))) expect(one.parts).toEqual(parts)
  }
  // So do eyes and teeth that were found when painting began.
  const figures = new Map(after.figures.map((one) => [one.id, one]))
  for (const { id, details = [] } of before.figures)
    for (const { key, poured } of details) {
      const detail = figures.get(id)?.details?.find((one) => one.key === key)
      if (poured && detail?.poured) expect(detail.poured).toEqual(poured)
    }
  for (const { rests } of restsOn(before, after))
    for (const { of, how } of rests)
      if (of.kind === 'step' && how === 'keeps')
        expect(now.has(`${after.figure}.${of.step}`) || after.figures.length > 1).toBe(true)
}

describe('rooms', () => {
  it('say the same of one figure after any changes, and undo takes all of them back', async () => {
    await fc.assert(
      fc.asyncProperty(
        commissions,
        fc.array(acts, { minLength: 2, maxLength: 6 }),
        async (made, list) => {
          const pinia = createPinia()
          setActivePinia(pinia)
          const store = useProject()
          store.restore(made(plain(toRaw(store.project))))
          useCoats().set({ films: undefined })
          await settled()
          const first = JSON.stringify(store.project)
          const depth = store.depth.undo
          for (const act of list) {
            const before = store.project
            act()
            nothingDecidedMoved(before, store.project)
            await settled()
          }
          const scope = effectScope()
          await scope.run(roomsAgree)
          scope.stop()
          while (store.depth.undo > depth) store.undo()
          expect(JSON.stringify(store.project)).toBe(first)
          disposePinia(pinia)
        },
      ),
      { numRuns: many(5000, 2) },
    )
  })
})
