import { expect, it } from 'vitest'
import { plainLighting } from '../project/lighting'
import { ladderTargets } from '../ladder/targets'
import { filmReflectance } from '../paint/film'
import { starterPaints } from '../paint/starter'
import { readsFrom, rowsApart } from '../range/apart'
import type { SeenRow } from '../range/apart'
import { baseReflectance } from '../tone/tone'
import { dryFilmUm } from '../coats/dryFilm'
import { labOf } from '../colour/lab'
import { nearestAlike, setApartByGlaze } from './neighbours'
import type { SkinPuddle } from './mendSkin'

const person = (melanin: number) =>
  baseReflectance({ kind: 'skin', melanin, blood: 0.025, oxygenation: 0.78, carotene: 12 })
const puddlesOf = (melanin: number): SkinPuddle[] =>
  ladderTargets(person(melanin), plainLighting).map(({ key, share, reflectance }) => ({
    key,
    share,
    reflectance,
    mixture: starterPaints[0]!,
  }))
const paintedOf = (puddles: readonly SkinPuddle[]) =>
  puddles.map(({ key, share, reflectance }) => ({ key, share, lab: labOf(reflectance) }))
const rowOf = (puddles: readonly SkinPuddle[], sizeMm = 54): SeenRow => ({
  steps: paintedOf(puddles),
  base: puddles.findIndex(({ key }) => key === 'base'),
  sizeMm,
})
const [tan, nearly, pale] = [puddlesOf(0.06), puddlesOf(0.062), puddlesOf(0.01)]
const at = (from: 'hand' | 'table' | 'shelf') => ({ sizeMm: 54, from })

it('the figure that reads most like a painted one is named, and none that is told apart', () => {
  const others = [rowOf(pale), rowOf(nearly), rowOf(puddlesOf(0.07))]
  const found = nearestAlike(paintedOf(tan), others, at('table'))
  expect(found).toMatchObject({ other: 1, alike: true })
  expect(found!.wanted).toBeCloseTo(readsFrom(54, 'table'), 9)
  expect(nearestAlike(paintedOf(tan), [rowOf(pale)], at('table'))).toBeUndefined()
  expect(nearestAlike(paintedOf(tan), [], at('shelf'))).toBeUndefined()
})

it('a glaze over all sets them apart when it is painted, and none is smaller', () => {
  const bottles = new Map(starterPaints.slice(0, 14).map((paint) => [paint.id, paint]))
  const other = rowOf(nearly)
  const move = setApartByGlaze(tan, other, at('hand'), bottles)!
  expect(move.over).toHaveLength(tan.length)
  const laid = (of: typeof move) => {
    const { bottle } = of.of as { bottle: string }
    const thicknessUm = dryFilmUm(of, 'flat')
    return rowOf(
      tan.map((step) => ({
        ...step,
        reflectance: filmReflectance(bottles.get(bottle)!, {
          thicknessUm,
          over: step.reflectance,
        }),
      })),
    )
  }
  expect(rowsApart(rowOf(tan), other, 'hand').alike).toBe(true)
  expect(rowsApart(laid(move), other, 'hand').alike).toBe(false)
  expect(setApartByGlaze(tan, other, at('hand'), new Map())).toBeUndefined()
  for (const bottle of bottles.keys()) {
    const one = setApartByGlaze(tan, other, at('hand'), new Map([[bottle, bottles.get(bottle)!]]))
    if (one) expect(one.after).toBeGreaterThanOrEqual(move.after - 1e-9)
  }
})
