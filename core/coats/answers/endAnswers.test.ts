import { coatKindKeys } from '../../project/coat'
import { expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { filmReflectance } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { skinReflectance } from '../../tone/skin'
import { coatKinds } from '../coatKinds'
import { dryFilmUm } from '../dryFilm'
import type { StackCoat } from '../stack'
import { EVERYWHERE } from '../../project/place'
import { endAnswers } from './endAnswers'

const box = starterPaints.slice(0, 14)
const of = (id: string) => box.find((paint) => paint.id === id)!
const wanted = skinReflectance({ melanin: 0.06, blood: 0.03, oxygenation: 0.78, carotene: 15 })
const aim = labOf(wanted)
const coat: StackCoat = {
  kind: 'glaze',
  thinner: 6,
  passes: 1,
  place: EVERYWHERE,
  parts: [{ paint: of('burnt-sienna'), drops: 1 }],
}

it('what goes under a coat lands where it says once the coat is on it', () => {
  const { over } = endAnswers(coat, { wanted, end: wanted, aim }, box)
  const ground = opaqueReflectance(mixPaints(over!.recipe.parts))
  const laid = filmReflectance(mixPaints(coat.parts), {
    thicknessUm: dryFilmUm(coat, 'flat'),
    over: ground,
  })
  expect(deltaE00(labOf(laid), over!.lands)).toBeLessThan(1e-9)
  expect(deltaE00(over!.lands, aim)).toBeCloseTo(over!.deltaE00, 9)
  expect(labOf(ground).L).toBeGreaterThan(aim.L)
})

it('the glaze that brings an end back does so by as much as it says, or is none', () => {
  const end = skinReflectance({ melanin: 0.03, blood: 0.02, oxygenation: 0.7, carotene: 15 })
  const { knock } = endAnswers(coat, { wanted, end, aim }, box)
  expect(knock!.before).toBeCloseTo(deltaE00(labOf(end), aim), 9)
  expect(knock!.deltaE00).toBeLessThan(knock!.before)
  const film = { kind: 'glaze', thinner: knock!.ratio, passes: knock!.passes } as const
  const laid = filmReflectance(knock!.paint, { thicknessUm: dryFilmUm(film, 'flat'), over: end })
  expect(deltaE00(labOf(laid), aim)).toBeCloseTo(knock!.deltaE00, 6)
})

it('a coat without pigment asks for nothing under it, all others do', () => {
  for (const kind of coatKindKeys) {
    const { over } = endAnswers({ ...coat, kind, thinner: 3 }, { wanted, end: wanted, aim }, box)
    expect(over !== undefined, kind).toBe(coatKinds[kind].pigmented)
  }
  expect(() => endAnswers(coat, { wanted, end: wanted, aim }, [])).toThrow('at least one paint')
})

it('over-lit is the same flesh with white, and what is glazed is a colour: no white veil, no black', () => {
  const own = [of('red-iron-oxide'), of('yellow-ochre')]
  const all = [wanted, opaqueReflectance(of('red-iron-oxide')), opaqueReflectance(box.at(-1)!)]
  for (const ground of all)
    for (const lighter of all) {
      const { over, knock } = endAnswers(
        coat,
        { wanted: ground, end: lighter, aim: labOf(ground) },
        box,
        own,
      )
      const may = [...own.map(({ id }) => id), 'titanium-white', 'zinc-white']
      for (const { paint } of over!.recipe.parts) expect(may).toContain(paint.id)
      expect(['titanium-white', 'zinc-white', 'carbon-black', 'bone-black']).not.toContain(knock!.paint.id)
    }
  const grey = [of('titanium-white'), of('carbon-black')]
  expect(endAnswers(coat, { wanted, end: wanted, aim }, grey).knock).toBeUndefined()
})
