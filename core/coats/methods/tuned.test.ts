import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import { starterPaints } from '../../paint/starter'
import { EVERYWHERE } from '../../project/place'
import { RecipeTable } from '../../recipe/recipeTable'
import { coatOf, flat, of, seen, upTo } from '../../../tests/fixtures/coats'
import { endAims, endOf, offBy } from './ends'
import { tuned } from './tuned'

const box = [
  'titanium-white',
  'yellow-ochre',
  'red-iron-oxide',
  'burnt-umber',
  'ultramarine',
  'carbon-black',
].map(of)
const table = new RecipeTable(box, { maxPaints: 3, maxDrops: 10 })
const nearest = (target: Lab) => table.nearest(target)[0]!.parts
const aims = {
  shadow: { L: 36, a: 14, b: 14 },
  middle: { L: 52, a: 15, b: 18 },
  light: { L: 64, a: 13, b: 19 },
}

describe('a stack tuned to where it should end', () => {
  const shadow = [{ light: ['deep-shadow', 'shadow'] as const }]
  const lights = [{ light: ['light', 'glint'] as const }]

  it('ends where it should under a wash that would darken it', () => {
    const coats = [
      coatOf('base', [['red-iron-oxide', 1]], { passes: 4 }),
      coatOf('wash', [['burnt-umber', 1]], { thinner: 3 }),
    ]
    const stack = flat(seen(['carbon-black', 1]), coats)
    const same = { shadow: aims.middle, middle: aims.middle, light: aims.middle }
    const mixes = tuned({ stack, aims: same, nearest })
    const after = {
      ...stack,
      coats: coats.map((coat, i) => ({ ...coat, parts: mixes.get(i) ?? coat.parts })),
    }
    expect(offBy(endOf(after), same).middle).toBeLessThan(2.5)
    expect(offBy(endOf(stack), same).middle).toBeGreaterThan(10)
  })

  it('comes nearer in all places together, or is left as it is, over random stacks', () => {
    const kinds = ['base', 'layer', 'glaze', 'wash', 'translucent', 'varnish'] as const
    for (let n = 0; n < 12; n++) {
      const places = [EVERYWHERE, shadow, [{ light: ['middle'] as const }], lights]
      const coats = Array.from({ length: 2 + upTo(4) }, () =>
        coatOf(
          kinds[upTo(kinds.length)]!,
          [
            [starterPaints[upTo(36)]!.id, 1 + upTo(4)],
            [starterPaints[upTo(36)]!.id, 1 + upTo(4)],
          ],
          { thinner: 1 + upTo(6), passes: 1 + upTo(3), place: places[upTo(places.length)]! },
        ),
      )
      const stack = flat(seen(['burnt-umber', 1]), coats)
      const mixes = tuned({ stack, aims, nearest })
      const after = {
        ...stack,
        coats: coats.map((coat, i) => ({ ...coat, parts: mixes.get(i) ?? coat.parts })),
      }
      const [before, now] = [stack, after].map((one) => offBy(endOf(one), aims).mean)
      if (mixes.size > 0) expect(now, String(n)).toBeLessThan(before! - 0.15)
      for (const [i, parts] of mixes) {
        expect(coats[i]!.kind).not.toBe('varnish')
        expect(parts.every(({ paint }) => box.includes(paint))).toBe(true)
      }
    }
  })

  it('leaves what ends well alone', () => {
    const mix = nearest(aims.middle)
    const parts = mix.map(({ paint, drops }): [string, number] => [paint.id, drops])
    const stack = flat(seen(...parts), [coatOf('base', parts, { passes: 8 })])
    const same = { shadow: aims.middle, middle: aims.middle, light: aims.middle }
    expect(tuned({ stack, aims: same, nearest }).size).toBe(0)
  })
})

it('aims are the mean of the steps by their shares, without the deepest and the glint', () => {
  const step = (key: string, L: number, share: number) => ({
    key,
    target: { L, a: 0, b: 0 },
    share,
  })
  const whole = [
    step('crevice', 10, 0.1),
    step('shade', 30, 0.1),
    step('half-shade', 40, 0.3),
    step('base', 50, 0.2),
    step('light', 60, 0.2),
    step('glint', 90, 0.1),
  ]
  const found = endAims(whole)
  expect(found.shadow.L).toBeCloseTo((30 * 0.1 + 40 * 0.3) / 0.4, 9)
  expect([found.middle.L, found.light.L]).toEqual([50, 60])
  const short = endAims(whole.filter(({ key }) => ['shade', 'base', 'light'].includes(key)))
  expect([short.shadow.L, short.middle.L, short.light.L].map(Math.round)).toEqual([30, 50, 60])
  expect(offBy(found, found).mean).toBe(0)
  expect(deltaE00(found.shadow, found.middle)).toBeGreaterThan(5)
})
