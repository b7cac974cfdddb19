import { describe, expect, it } from 'vitest'
import { plainLighting } from '../project/lighting'
import { ladderTargets } from '../ladder/targets'
import { lchOf, labOfLch } from '../colour/lch'
import { baseReflectance } from '../tone/tone'
import type { Tone } from '../tone/tone'
import { readsFrom, rowsApart } from './apart'
import type { SeenRow } from './apart'
import { setRowApart } from './setRowApart'

const flesh = {
  kind: 'skin',
  melanin: 0.05,
  blood: 0.025,
  oxygenation: 0.78,
  carotene: 14,
} as const
const rowOf = (tone: Tone, sizeMm = 54): SeenRow => {
  const steps = ladderTargets(baseReflectance(tone), plainLighting)
  return {
    steps: steps.map(({ target, share }) => ({ lab: target, share })),
    base: steps.findIndex(({ key }) => key === 'base'),
    sizeMm,
  }
}
const shifted = (row: SeenRow, dL: number, dh: number): SeenRow => ({
  ...row,
  steps: row.steps.map(({ lab, share }) => {
    const { L, C, h } = lchOf(lab)
    return { lab: labOfLch({ L: L + dL, C, h: h + dh }), share }
  }),
})

describe('which rows read alike (T27; common practice, no source)', () => {
  const row = rowOf(flesh)
  it('the same are alike from anywhere', () => {
    for (const from of ['hand', 'table', 'shelf'] as const)
      expect(rowsApart(row, row, from).alike).toBe(true)
  })
  it.each([
    ['3 lighter', 3, 0],
    ['10° of hue', 0, 10],
  ])('%s: told apart in the hand, not from a shelf', (_, dL, dh) => {
    const other = shifted(row, dL, dh)
    expect(rowsApart(row, other, 'hand').alike).toBe(false)
    expect(rowsApart(row, other, 'shelf').alike).toBe(true)
  })
  it('3 lighter is not seen across the table, 10 lighter is; on a large figure sooner than on a small', () => {
    expect(rowsApart(row, shifted(row, 3, 0), 'table').alike).toBe(true)
    expect(rowsApart(row, shifted(row, 10, 0), 'table').alike).toBe(false)
    expect(readsFrom(200, 'table')).toBeLessThan(readsFrom(54, 'table'))
    expect(readsFrom(28, 'table')).toBeGreaterThan(readsFrom(54, 'table'))
  })
  it('recesses alone tell two rows apart', () => {
    const darker = {
      ...row,
      steps: row.steps.map(({ lab, share }, i) => ({
        lab: i < row.base ? { ...lab, L: lab.L - 12 } : lab,
        share,
      })),
    }
    const { recess, light, alike } = rowsApart(row, darker, 'table')
    expect([alike, light < 0.01, recess > 5]).toEqual([false, true, true])
  })
})

describe('setting a row apart', () => {
  const others: Tone[] = [flesh, { kind: 'hide', lab: { L: 50, a: -18, b: 24 } }]
  it.each(others)('moves $kind until it reads, no further', (tone) => {
    for (const from of ['hand', 'table'] as const) {
      const row = rowOf(tone)
      const reads = (one: Tone): boolean => !rowsApart(rowOf(one), row, from).alike
      const apart = setRowApart(tone, { sizeMm: 54, reads })!
      expect(reads(apart.tone)).toBe(true)
      const { recess, light, wanted } = rowsApart(rowOf(apart.tone), row, from)
      expect(Math.max(recess, light)).toBeLessThan(wanted + 0.05)
    }
  })
  it('goes along the conventions: a small hide yellower, a large one bluer (T21), skin in its melanin alone', () => {
    const hide = others[1]!
    const reads = (size: number) => (one: Tone) =>
      !rowsApart(rowOf(one, size), rowOf(hide, size), 'table').alike
    const hue = (tone: Tone): number => (tone.kind === 'hide' ? lchOf(tone.lab).h : NaN)
    const hueOf = (size: number): number =>
      hue(setRowApart(hide, { sizeMm: size, reads: reads(size) })!.tone)
    const before = hue(hide)
    expect(hueOf(30)).toBeLessThan(before)
    expect(hueOf(120)).toBeGreaterThan(before)
    const skin = setRowApart(flesh, { sizeMm: 54, reads: reads(54) })
    expect({ ...skin!.tone, melanin: 0 }).toEqual({ ...flesh, melanin: 0 })
  })
  it('leaves what reads already, and says when no move is enough', () => {
    expect(setRowApart(flesh, { sizeMm: 54, reads: () => true })).toEqual({ tone: flesh, by: 0 })
    expect(setRowApart(flesh, { sizeMm: 54, reads: () => false })).toBeUndefined()
  })
})
