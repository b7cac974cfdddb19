import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { plainLighting } from '../../project/lighting'
import { ladderTargets } from '../../ladder/targets'
import { filmReflectance } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { baseReflectance } from '../../tone/tone'
import { betterOrder, howThin, passesToHide, secondCoat } from './coverage'
import { glazeSearch, usualRatios } from './glazeSearch'
import { overLight } from './overLight'
import { dryFilmUm } from '../dryFilm'
import { seen, coatOf, flat, end, pale, dark } from '../../../tests/fixtures/coats'

describe('answers', () => {
  const bench = starterPaints.filter(({ id }) => onTheBench.includes(id))
  const limits = { maxPaints: 4, maxDrops: 16 }

  it('over-lighting lands on the ladder within 1 where it can, and says where it cannot', () => {
    const offs: number[] = []
    const wash = coatOf(
      'wash',
      [
        ['burnt-umber', 1],
        ['red-iron-oxide', 1],
      ],
      { thinner: 14 },
    )
    for (const { reflectance } of ladderTargets(
      baseReflectance(lowTide([]).figures[0]!.tone),
      plainLighting,
    ).slice(3, 6)) {
      const {
        recipe,
        lands,
        deltaE00: off,
        reachable,
      } = overLight(reflectance, wash, bench, limits)
      const over = opaqueReflectance(mixPaints(recipe.parts))
      const by = labOf(
        filmReflectance(mixPaints(wash.parts), { thicknessUm: dryFilmUm(wash, 'flat'), over }),
      )
      expect(deltaE00(by, lands)).toBeLessThan(1e-9)
      expect(reachable).toBe(off <= 1)
      offs.push(off)
      expect(labOf(over).L).toBeGreaterThan(lands.L)
    }
    expect(offs[0]).toBeLessThan(1)

    const heavy = coatOf('wash', [['carbon-black', 1]], { thinner: 0, passes: 3 })
    expect(overLight(pale, heavy, bench, limits)).toMatchObject({
      reachable: false,
      because: 'coat',
    })
  })

  it('the glaze search is the best of its whole grid', () => {
    const paints = starterPaints.slice(0, 8)
    const ratios = [3, 6, 10]
    const zones = [
      { from: pale, to: { L: 70, a: 22, b: 16 } },
      { from: dark, to: { L: 30, a: 14, b: 4 } },
    ]
    glazeSearch({ zones, paints, ratios, mostPasses: 3 }).forEach((found, n) => {
      let least = Infinity
      for (const paint of paints)
        for (const thinner of ratios)
          for (const passes of [1, 2, 3]) {
            const thicknessUm = dryFilmUm({ kind: 'glaze', thinner, passes }, 'flat')
            const lab = labOf(filmReflectance(paint, { thicknessUm, over: zones[n]!.from }))
            least = Math.min(least, deltaE00(lab, zones[n]!.to))
          }
      expect(found.deltaE00).toBeCloseTo(least, 8)
    })
    expect(usualRatios).toHaveLength(12)
    expect(() => glazeSearch({ zones, paints: [], ratios, mostPasses: 1 })).toThrow('at least one')
  })

  it('how many coats, how thin, what a second coat does and which order is better', () => {
    const layer = coatOf('layer', [
      ['titanium-white', 3],
      ['yellow-ochre', 1],
    ])
    const passes = passesToHide(layer)
    const ratio = (n: number) => {
      const film = (over: Float64Array) =>
        labOf(
          filmReflectance(mixPaints(layer.parts), {
            thicknessUm: dryFilmUm({ ...layer, passes: n }, 'flat'),
            over,
          }),
        )
      return (
        ((film(seen(['carbon-black', 1])).L + 16) / (film(seen(['titanium-white', 1])).L + 16)) ** 3
      )
    }
    expect(ratio(passes)).toBeGreaterThan(0.97)
    expect(ratio(Math.max(1, passes - 2))).toBeLessThan(ratio(passes))
    const glaze = coatOf('glaze', [['quinacridone-magenta', 1]])
    const thin = howThin(coatOf('glaze', [['burnt-sienna', 1]]), pale, 4, [...usualRatios, 20, 30])
    expect(Math.abs(thin.shift - 4)).toBeLessThan(1.2)
    const { once, twice } = secondCoat({ ...glaze, thinner: 8 }, pale)
    expect(twice).toBeGreaterThan(once)
    const other = coatOf('layer', [['titanium-white', 1]], { thinner: 4 })
    const order = betterOrder(glaze, other, dark, end(flat(dark, [glaze, other])))
    expect(order.first).toBe('one')
    expect(order.oneFirst).toBeLessThan(1e-6)
    expect(order.apart).toBeCloseTo(order.otherFirst, 6)
  })
})
