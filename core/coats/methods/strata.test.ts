import { expect, it } from 'vitest'
import { labOf } from '../../colour/lab'
import { flatSpectrum } from '../../colour/spectrum'
import { starterPaints } from '../../paint/starter'
import { EVERYWHERE } from '../../project/place'
import { coatKinds } from '../coatKinds'
import { stackLayers } from '../stack'
import type { StackCoat } from '../stack'
import { strataOf } from './strata'

const umber = starterPaints.find(({ id }) => id === 'burnt-umber')!
const coat = (kind: StackCoat['kind'], place: StackCoat['place'] = EVERYWHERE): StackCoat => ({
  kind,
  thinner: 5,
  passes: 1,
  place,
  parts: [{ paint: umber, drops: 1 }],
})
const under = { kind: 'flat', reflectance: flatSpectrum(0.6) } as const

it('a wash lies deep in recesses and hardly on ridges (common practice, no source)', () => {
  const cut = strataOf({ under, coats: [coat('wash')] })
  const { recess, ridge } = coatKinds.wash.on
  expect(cut.shadow[1]!.um / cut.light[1]!.um).toBeCloseTo(recess / ridge, 9)
  expect(cut.shadow[1]!.lab.L).toBeLessThan(cut.middle[1]!.lab.L)
  expect(cut.middle[1]!.lab.L).toBeLessThan(cut.light[1]!.lab.L)
})

it('a coat kept elsewhere has no film here and changes nothing; every colour is that of the layers', () => {
  const stack = { under, coats: [coat('base'), coat('glaze', [{ light: ['light'] }])] }
  const cut = strataOf(stack)
  expect(cut.middle[2]).toEqual({ lab: cut.middle[1]!.lab, um: 0 })
  expect(cut.light[2]!.um).toBeGreaterThan(0)
  for (const [place, light, relief] of [
    ['shadow', 'shadow', 'recess'],
    ['middle', 'middle', 'flat'],
    ['light', 'light', 'ridge'],
  ] as const)
    expect(cut[place].map(({ lab }) => lab)).toEqual(
      stackLayers(stack, light)[relief].map((r) => labOf(r)),
    )
  expect(cut.middle[0]!.um).toBe(0)
})
