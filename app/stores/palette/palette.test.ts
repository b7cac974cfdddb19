import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import {
  canBeGiven,
  coatKinds,
  dropsIn,
  isBottle,
  methods,
  MOST_OF_ONE,
  stockFor,
} from '../../../core'
import type { FigurePlan, PlannedPuddle } from '../../../core'
import { seeded } from '../../../core/numbers/seeded'
import { givenInWords, madeInWords } from '../../words/amounts'
import { useAccents } from '../accents/accents'
import { useBench } from '../bench/bench'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { usePalette } from './palette'
import { many } from '../../../tests/thorough'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

const still = async (): Promise<void> => {
  const ladder = useLadder()
  await nextTick()
  await until(() => ladder.searching).toBe(false)
}

/** Every number before a name, as the painter reads it: whole, halves, touches, never above 24. */
function readable(words: string, when: string): void {
  for (const [, count] of words.matchAll(/(?:^|\+ |: )(\S+) /g)) {
    if (count === 'a') continue
    expect(count, `${when}: ${words}`).toMatch(/^(\d+|[1-5]?½)$/)
    expect(parseInt(count!, 10) || 0, `${when}: ${words}`).toBeLessThanOrEqual(MOST_OF_ONE)
  }
}
function dispensable(planned: readonly PlannedPuddle[], when: string): void {
  for (const { given, painted, kept, poured, left } of planned) {
    for (const drops of given.drops) expect(canBeGiven(drops), `${when} ${drops}`).toBe(true)
    expect(given.total, when).toBeCloseTo(painted + kept + dropsIn(poured) + left, 6)
    if (given.near) expect(left, when).toBeGreaterThanOrEqual(-1e-9)
  }
}

describe('amounts', () => {
  it('over random ladders, runs and families, on path, card and bench, are ones that can be dispensed', async () => {
    const store = useProject()
    const ladder = useLadder()
    const palette = usePalette()
    const accents = useAccents()
    const random = seeded(5)
    const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
    const few = [
      'titanium-white',
      'yellow-ochre',
      'red-iron-oxide',
      'burnt-umber',
      'ultramarine',
      'arylide-yellow',
      'carbon-black',
    ]
    for (const { id } of store.paints) store.setPaintIn(id, few.includes(id))
    store.toggleAccent('lower-lip')
    store.toggleDetail('eye')
    const ways: Partial<FigurePlan>[] = [
      { way: 'run' },
      { way: 'run', maxDrops: 24, steps: 9 },
      { family: 0.4 },
      { family: 0.15, maxDrops: 24 },
      { bottles: 5 },
      { maxPaints: 2, maxDrops: 24 },
      {
        way: 'bought',
        steps: 5,
        progression: ['burnt-umber', 'red-iron-oxide', 'yellow-ochre', 'titanium-white'],
      },
    ]
    for (let n = 0; n < many(14, 4); n++) {
      store.chooseFigure(one(store.project.figures).id)
      const usual = { way: undefined, family: undefined, bottles: undefined, steps: 7 } as const
      store.setPlan({ ...usual, maxPaints: 3, maxDrops: undefined, ...ways[n % ways.length]! })
      store.setFigure(store.figure.id, {
        many: one([1, 1, 3, 12, 60, 400]),
        size: { heightMm: one([28, 54, 75, 200]) },
      })
      await still()
      const when = `${n} ${store.figure.id} ${JSON.stringify(ways[n % ways.length])}`
      expect(ladder.trouble, when).toBe('')
      const name = palette.palette.nameOf
      for (const { made } of ladder.steps) {
        expect(made.length, when).toBeGreaterThan(0)
        for (const { of, drops } of made) {
          expect(canBeGiven(drops), when).toBe(true)
          // What is let down is a bottle for the evening.
          if (!isBottle(of) && !of.puddle.startsWith('let-down'))
            expect(drops, when).toBeLessThanOrEqual(12)
        }
        readable(madeInWords(made, name), when)
      }
      dispensable(palette.palette.plan.puddles, when)
      for (const planned of palette.palette.plan.puddles)
        readable(givenInWords(planned, name), when)
      for (const { made } of accents.found.values()) readable(madeInWords(made, name), when)
      const out = dropsIn(palette.palette.plan.bottles)
      const ends = palette.palette.plan.puddles.reduce(
        (sum, p) => sum + p.painted + p.kept + p.left,
        0,
      )
      expect(out, when).toBeCloseTo(ends, 6)
    }
  })

  it('of path, bench and stock are the same to the drop', async () => {
    const store = useProject()
    const coats = useCoats()
    const bench = useBench()
    const palette = usePalette()
    await still()
    coats.start(methods.find(({ key }) => key === 'half-climb')!)
    await until(() => coats.beginning).toBe(false)
    const flesh = store.makePuddle({
      name: 'tea',
      parts: [
        { of: { puddle: 'isaura.base' }, drops: 3 },
        { of: { bottle: 'burnt-umber' }, drops: 1 },
      ],
    })!
    const [first, ...rest] = coats.plan.coats
    coats.set({ coats: [{ ...first!, of: { puddle: flesh } }, ...rest] })
    await until(() => bench.plan.moves.length).toBe(coats.plan.coats.length + 1)
    const planned = (of: PlannedPuddle['of']) => palette.palette.plannedOf(of)
    const mixed = new Set<string>()
    const taken = new Map<string, number>()
    for (const { move } of bench.plan.moves)
      for (const well of bench.mixedFor(move)) {
        expect(well.given, move.words).toEqual(planned(well.of)!.given)
        expect(mixed.has(JSON.stringify(well.of)), move.words).toBe(false)
        mixed.add(JSON.stringify(well.of))
        well.parts.forEach(({ of }, i) => {
          if (isBottle(of))
            taken.set(
              of.bottle,
              (taken.get(of.bottle) ?? 0) + well.given.drops[i]! * well.given.times,
            )
        })
      }
    // The base is poured into the tea before it is painted with: it is mixed there, once.
    expect(mixed).toContain(JSON.stringify({ puddle: 'isaura.base' }))
    const stock = stockFor(bench.mixesToCome, {})
    expect(
      new Map(stock.map(({ paint, neededMl }) => [paint, Math.round(10 * 20 * neededMl)])),
    ).toEqual(new Map([...taken].map(([paint, drops]) => [paint, Math.round(10 * drops)])))
    // What was mixed for a move leaves the bottles, and comes back with it.
    store.setBottle('burnt-umber', { leftMl: 10 })
    while (!bench.done.has(bench.plan.moves[1]!.move.id)) {
      const turn = bench.turn!
      const made = turn.kind === 'mix' ? [JSON.stringify(turn.well.of)] : []
      bench.next()
      // What stands open, to be painted with or poured on, is not mixed again for what comes.
      for (const { move } of bench.plan.moves.filter(({ move }) => !bench.done.has(move.id)))
        for (const { of } of bench.mixedFor(move)) expect(made).not.toContain(JSON.stringify(of))
    }
    const gone = 10 - store.project.bottles!['burnt-umber']!.leftMl!
    const umber = [...store.project.done!, ...store.project.mixed!]
      .flatMap(({ taken: drops = [] }) => drops)
      .filter(({ paint }) => paint === 'burnt-umber')
    expect(umber.length).toBeGreaterThan(0)
    expect(20 * gone).toBeCloseTo(dropsIn(umber), 6)
    while (bench.canGoBack) bench.back()
    expect(store.project.bottles!['burnt-umber']!.leftMl).toBeCloseTo(10, 9)
  })
})

/** A first coat all over of what lies under it is its own undercoat. */
const covered = ({ under, coats }: (typeof methods)[number]): boolean =>
  under.kind === 'flat' &&
  !coats[0]!.place &&
  JSON.stringify(under.mix) === JSON.stringify(coats[0]!.mix)

describe('every method on every figure of the demo', () => {
  it('reaches the bench move by move with its puddle, thinner, passes and amount', async () => {
    const store = useProject()
    const coats = useCoats()
    const bench = useBench()
    const accents = useAccents()
    const few = ['titanium-white', 'red-iron-oxide', 'yellow-ochre', 'ultramarine', 'carbon-black']
    for (const { id } of store.paints) store.setPaintIn(id, few.includes(id))
    for (const [at, figure] of store.project.figures.entries()) {
      store.chooseFigure(figure.id)
      store.setPlan({ maxPaints: 2, maxDrops: 8 })
      await still()
      // Each method on one or two figures; with THOROUGH=1 on all nine.
      const every = many(1, 14)
      for (const method of methods.filter((_, i) => (i + at) % every === 0)) {
        const when = `${figure.id} ${method.key}`
        coats.start(method)
        await until(() => coats.beginning).toBe(false)
        expect(coats.plan.method, when).toBe(method.key)
        await until(() => {
          const ids = bench.plan.moves.map(({ move }) => move.of)
          return coats.plan.coats.every(({ id }) =>
            ids.some((of) => of.kind === 'coat' && of.coat === id),
          )
        }).toBe(true)
        expect(bench.plan.moves, when).toHaveLength(
          method.coats.length +
            (method.under.kind === 'sketch' ? 2 : covered(method) ? 0 : 1) +
            (store.figure.accents ?? []).length,
        )
        // Glazes are looked for one by one: on the first figure all are waited for.
        if (figure === store.project.figures[0])
          await until(() => accents.chosen.every((place) => accents.found.has(place))).toBe(true)
        for (const { move } of bench.plan.moves) {
          const { of: laid } = move
          if (laid.kind === 'accent' && (accents.found.get(laid.place)?.passes ?? 0) === 0) continue
          const wells = bench.wellsOf(move)
          const what = `${when}: ${move.words}`
          const palette = bench.palettes.get(figure.id)!
          if (move.of.kind === 'coat' && !coatKinds[bench.coatOf(move)!.kind].pigmented) {
            expect(palette.varnishDrops(1), what).toBeGreaterThan(0)
            continue
          }
          expect(wells.length, what).toBeGreaterThan(0)
          dispensable(wells, what)
          if (move.of.kind !== 'coat') continue
          const coat = bench.coatOf(move)!
          const { of } = move
          const planned = coats.plan.coats.find(({ id }) => id === of.coat)!
          expect(coat.thinner, what).toBe(planned.thinner ?? coatKinds[planned.kind].thinner)
          expect(coat.passes, what).toBe(planned.passes ?? 1)
          expect(coat.parts.length, what).toBeGreaterThan(0)
        }
      }
    }
  }, 60_000)
})
