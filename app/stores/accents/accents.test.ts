import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import {
  chromaOf,
  dropsIn,
  isBottle,
  labOf,
  opaqueReflectance,
  skinReflectance,
} from '../../../core'
import type { Lab } from '../../../core'
import { useLadder } from '../ladder/ladder'
import { usePalette } from '../palette/palette'
import { paintOf } from '../paints'
import { useProject } from '../project/project'
import { useAccents } from './accents'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

const people = ['isaura', 'bram', 'tunde', 'mei', 'rashida']

/** What the rooms show of a figure, once all of it is found. */
async function shown(figure: string, places: readonly string[], detail?: 'clouded-eye' | 'teeth') {
  const store = useProject()
  const ladder = useLadder()
  const accents = useAccents()
  store.chooseFigure(figure)
  for (const place of places) if (!accents.chosen.includes(place)) store.toggleAccent(place)
  if (detail) store.toggleDetail(detail)
  await nextTick()
  await vi.waitFor(() => {
    expect(ladder.searching).toBe(false)
    expect([...accents.found.keys()]).toEqual(expect.arrayContaining([...places]))
    if (detail) expect(accents.small).toBeDefined()
  }, 20_000)
  const glaze = (place: string) => accents.found.get(place)!
  return { accents, glaze, palette: usePalette() }
}

it('T16: stubble is equal parts of a blue and the flesh with a spot of black, a grey on every complexion', async () => {
  for (const figure of people) {
    const { glaze, palette } = await shown(figure, ['stubble'])
    const { made, before, after, target, ratio, shift } = glaze('stubble')
    const [flesh, blue, black] = made
    expect(flesh!.of, figure).toEqual({ puddle: `${figure}.base` })
    expect(flesh!.drops).toBe(blue!.drops)
    expect(black!.drops).toBeLessThanOrEqual(blue!.drops / 8)
    const pigments = [blue, black].map(
      (part) => isBottle(part!.of) && paintOf(part!.of.bottle).pigments[0],
    )
    expect(pigments, figure).toEqual([
      expect.stringMatching(/^PB\d/),
      expect.stringMatching(/^PBk/),
    ])
    // A wash, not a layer; greyer and colder than the skin, and no lighter.
    expect(ratio, figure).toBeGreaterThanOrEqual(3)
    expect(chromaOf(after), figure).toBeLessThan(chromaOf(before) - 1)
    expect(after.b, figure).toBeLessThan(before.b)
    expect(after.L, figure).toBeLessThan(before.L)
    expect(glaze('stubble').deltaE00, figure).toBeLessThan(Math.max(4, 0.8 * shift))
    expect(target.L).toBeLessThan(before.L)
    // It stands on the palette as a mix that holds the base.
    const well = palette.wells.find(({ name }) => name === 'Jaw, stubble')!
    expect(well.made).toEqual(made)
    expect(dropsIn(palette.palette.plannedOf(well.of)!.poured)).toBe(0)
  }
})

it('T17: the upper lip ends darker than the lower, of two glazes, on every complexion', async () => {
  for (const figure of people) {
    const { glaze } = await shown(figure, ['upper-lip', 'lower-lip'])
    const [upper, lower] = [glaze('upper-lip'), glaze('lower-lip')]
    expect(upper.after.L, figure).toBeLessThan(lower.after.L)
    const key = ({ made, ratio, passes }: typeof upper) => JSON.stringify([made, ratio, passes])
    expect(key(upper), figure).not.toBe(key(lower))
    expect(lower.after.a, figure).toBeGreaterThan(lower.before.a)
  }
})

it('T18: eyes and teeth are never pure white; a clouded eye is a grey blue held down with grey', async () => {
  const { accents } = await shown('bram', [], 'clouded-eye')
  const toneOf = (key: string): Lab[] =>
    accents.details.find((one) => one.key === key)!.tones.map(({ lab }) => lab!)
  for (const { L, a, b } of toneOf('clouded-eye')) {
    expect(b).toBeLessThan(-2)
    expect(b).toBeGreaterThan(-10)
    expect(Math.abs(a)).toBeLessThan(5.5)
    expect(L).toBeLessThan(82)
  }
  const white = labOf(opaqueReflectance(paintOf('titanium-white')))
  for (const key of ['eye', 'clouded-eye', 'teeth'])
    for (const { L } of toneOf(key)) expect(L, key).toBeLessThan(white.L - 10)
  for (const { a, b } of toneOf('eye')) {
    expect(b).toBeGreaterThan(0)
    expect(Math.hypot(a, b)).toBeLessThan(12)
  }
  // Of the skin of a person nothing is as blue as that.
  expect(
    labOf(skinReflectance({ melanin: 0.02, blood: 0.02, oxygenation: 0.7 })).b,
  ).toBeGreaterThan(0)
})
