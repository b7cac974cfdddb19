import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import { deltaE00, labOf, mixPaints, opaqueReflectance, starterPaints } from '../../../core'
import { stubBrowser } from '../../../tests/fixtures/browserGlobals'
import { storesInMemory } from '../../../tests/fixtures/storageInMemory'
import { paintOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { useNewPaint } from './add/useNewPaint'
import { sorts, useBoxList } from './list/useBoxList'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
vi.mock('localforage', () => import('../../../tests/fixtures/storageInMemory'))
beforeEach(() => {
  setActivePinia(createPinia())
  storesInMemory.clear()
  stubBrowser()
  return () => vi.unstubAllGlobals()
})

describe('the list of the box', () => {
  it('finds by name and Colour Index name, by kind, family and opacity, one within the other', () => {
    const { filter, shown } = useBoxList()
    expect(shown.value).toHaveLength(starterPaints.length)
    filter.words = 'PB29'
    expect(shown.value.map(({ id }) => id)).toContain('ultramarine')
    expect(shown.value.every(({ pigments }) => pigments.includes('PB29'))).toBe(true)
    filter.words = 'OCHRE'
    expect(shown.value.map(({ id }) => id)).toContain('yellow-ochre')
    const some = shown.value.length
    filter.opacity = 'transparent'
    expect(shown.value.length).toBeLessThan(some)
    filter.words = ''
    expect(shown.value.every(({ opacity }) => opacity === 'transparent')).toBe(true)
    filter.opacity = ''
    filter.words = 'no such paint'
    expect(shown.value).toEqual([])
  })

  it('every order shows the same paints; by lightness they rise, what is nearly empty comes first', () => {
    const store = useProject()
    store.setBottle('carbon-black', { ml: 17, leftMl: 1 })
    store.setBottle('ultramarine', { ml: 17, leftMl: 8 })
    store.setPaintIn('yellow-ochre', false)
    const { filter, shown, leftOf } = useBoxList()
    const orders = sorts.map((sort) => {
      filter.sort = sort
      return shown.value.map(({ id }) => id)
    })
    for (const order of orders) expect([...order].sort()).toEqual([...orders[0]!].sort())
    filter.sort = 'lightness'
    const values = shown.value.map((paint) => labOf(opaqueReflectance(paint)).L)
    expect(values).toEqual([...values].sort((one, other) => one - other))
    filter.sort = 'what is left'
    expect(shown.value.slice(0, 2).map(({ id }) => id)).toEqual(['carbon-black', 'ultramarine'])
    expect(leftOf('carbon-black')).toBeCloseTo(1 / 17, 9)
    filter.low = true
    expect(shown.value.map(({ id }) => id)).toEqual(['carbon-black'])
    filter.low = false
    filter.inPlan = true
    expect(shown.value.map(({ id }) => id)).not.toContain('yellow-ochre')
  })
})

describe('a paint that is put into the box', () => {
  it('by eye: has the colour that was told, the name that is free, and is mixed from', async () => {
    const store = useProject()
    const made = useNewPaint()
    const lab = { L: 46, a: 38, b: 30 }
    made.about.name = 'Yellow ochre'
    made.about.pigments = 'PY43, PR101; PBk11'
    made.readings.neat = { lab }
    await until(made.paint).toMatch((paint) => paint !== undefined)
    // Told of a matt patch: its glare is in what was seen, not in the paint.
    const seen = opaqueReflectance(made.paint.value!, 'matt')
    expect(deltaE00(labOf(seen), lab)).toBeLessThan(2)
    // The ground's own name is taken, so it gets a number.
    expect(made.add()).toBe('yellow-ochre-2')
    const kept = store.paints.find(({ id }) => id === 'yellow-ochre-2')!
    expect(kept).toMatchObject({ name: 'Yellow ochre', pigments: ['PY43', 'PR101', 'PBk11'] })
    expect(store.project.bottles!['yellow-ochre-2']).toEqual({ ml: 17, leftMl: 17 })
    expect(store.paintsIn).toContain(kept)
    store.undo()
    expect(store.paints.some(({ id }) => id === 'yellow-ochre-2')).toBe(false)
  })

  it('by neat and tint of a known paint: what it mixes is predicted closely', async () => {
    const truth = paintOf('burnt-sienna')
    const white = paintOf('titanium-white')
    const mixed = (drops: number, whites: number) =>
      opaqueReflectance(
        mixPaints([
          { paint: truth, drops },
          { paint: white, drops: whites },
        ]),
      )
    const made = useNewPaint()
    made.way.value = 'tint'
    made.readings.neat = { reflectance: opaqueReflectance(truth) }
    await nextTick()
    expect(made.paint.value).toBeUndefined()
    made.readings.tint = { reflectance: mixed(1, 9) }
    await until(made.paint).toMatch((paint) => paint !== undefined)
    expect(made.trouble.value).toBe('')
    for (const whites of [1, 3, 30]) {
      const predicted = opaqueReflectance(
        mixPaints([
          { paint: made.paint.value!, drops: 1 },
          { paint: white, drops: whites },
        ]),
      )
      expect(deltaE00(labOf(predicted), labOf(mixed(1, whites))), `${whites}`).toBeLessThan(0.5)
    }
  })

  it('what was told and read is there again, spectra too, until the paint is in the box', async () => {
    const scope = effectScope()
    const made = scope.run(() => useNewPaint())!
    const neat = {
      reflectance: opaqueReflectance(paintOf('burnt-sienna')),
      source: 'value' as const,
    }
    made.about.name = 'Clay'
    made.tintStep.value = 3
    made.film.thicknessUm = 33
    made.readings.neat = neat
    await nextTick()
    scope.stop()
    const again = useNewPaint()
    expect([again.about.name, again.tintStep.value, again.film.thicknessUm]).toEqual([
      'Clay',
      3,
      33,
    ])
    expect(again.readings.neat).toEqual(neat)
    await until(again.paint).toMatch((paint) => paint !== undefined)
    again.add()
    const next = useNewPaint()
    expect([next.about.name, next.tintStep.value, next.readings.neat]).toEqual([
      '',
      undefined,
      undefined,
    ])
  })

  it('a colour that no paint has is refused in words, and the next is taken', async () => {
    const made = useNewPaint()
    made.readings.neat = { lab: { L: 50, a: 0, b: 120 } }
    await until(made.trouble).toMatch((words) => words !== '')
    expect(made.add()).toBeUndefined()
    made.readings.neat = { lab: { L: 50, a: 0, b: 20 } }
    await until(made.paint).toMatch((paint) => paint !== undefined)
    expect(made.trouble.value).toBe('')
  })
})
