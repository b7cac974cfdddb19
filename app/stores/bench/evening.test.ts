import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { methods } from '../../../core'
import { useAccents } from '../accents/accents'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { useBench } from './bench'
import { thorough } from '../../../tests/thorough'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

/** Drops of the same three figures of 54 mm in one evening while puddles were of twenty drops, measured before they became small. */
const BEFORE = { 'wash-and-restore': 143, 'half-climb': 170.3 } as const
const FIGURES = ['isaura', 'bram', 'tunde']

const EVENINGS = Object.entries(BEFORE)
  .flatMap(([key, before]) => [54, 32].map((heightMm) => ({ key, before, heightMm })))
  .filter((_, n) => thorough || n % 3 === 0)

it.each(EVENINGS)(
  'three figures of $heightMm mm with $key: a third of the drops at most, and a third of it left over',
  async ({ key, before, heightMm }) => {
    setActivePinia(createPinia())
    const store = useProject()
    const ladder = useLadder()
    const coats = useCoats()
    const bench = useBench()
    const accents = useAccents()
    // For three figures a touch is less paint than a let-down of ten drops.
    for (const { id } of store.project.puddles!) store.dropPuddle(id)
    for (const id of FIGURES) {
      store.chooseFigure(id)
      store.setFigure(id, { size: { heightMm } })
      await nextTick()
      await until(() => ladder.searching).toBe(false)
      coats.start(methods.find((one) => one.key === key)!)
      await until(() => coats.beginning).toBe(false)
      store.toggleAccent('lower-lip')
      store.toggleDetail('eye')
      await nextTick()
      await until(() => accents.chosen.every((place) => accents.found.has(place))).toBe(true)
    }
    const [first, ...others] = FIGURES
    store.chooseFigure(first!)
    bench.set({ along: others })
    await nextTick()
    await until(() => ladder.searching).toBe(false)
    await until(() => bench.palettes.size).toBe(FIGURES.length)
    const wells = () => bench.plan.moves.flatMap(({ move }) => bench.mixedFor(move))
    const whole = () =>
      FIGURES.every((id) => bench.plan.moves.some(({ move }) => move.figure === id)) &&
      // What is not found yet has no name.
      bench.plan.moves.every(({ move }) => !move.words.includes('…'))
    await until(whole).toBe(true)
    const poured = bench.mixesToCome
      .flatMap(({ parts }) => parts)
      .reduce((sum, { drops }) => sum + drops, 0)
    const left = wells().reduce((sum, one) => sum + one.left, 0)
    // Four fifths were over before; what is painted, or stays in brush and on palette, is not.
    expect(poured).toBeLessThanOrEqual(before / 3)
    expect(left / poured).toBeLessThanOrEqual(0.35)
  },
)
