import { describe, expect, it } from 'vitest'
import { EVERYWHERE } from '../../project/place'
import { lightParts, spotShares } from '../../place/spots'
import { coatDrops, keptDrops, skinAreaCm2, usualAmounts } from './needed'
import { wantedDrops } from './wanted'
import type { Painted } from './wanted'

const figure = { ...usualAmounts, sizeMm: 75 }
const coat = { share: 1, coats: 2, thinner: 1, wicked: false }

describe('how much paint', () => {
  it('goes by the square of the height, the number of figures, coats and the share', () => {
    const one = coatDrops(figure, coat)
    expect(coatDrops({ ...figure, sizeMm: 150 }, coat)).toBeCloseTo(4 * one, 9)
    expect(coatDrops({ ...figure, figures: 12 }, coat)).toBeCloseTo(12 * one, 9)
    expect(coatDrops(figure, { ...coat, coats: 1, share: 0.5 })).toBeCloseTo(one / 4, 9)
    // Twice as much thinner to a part of paint: two thirds of the paint in the same wet film.
    expect(coatDrops(figure, { ...coat, thinner: 2 })).toBeCloseTo((one * 2) / 3, 9)
    expect(coatDrops(figure, { ...coat, wicked: true })).toBeCloseTo(one / 4, 9)
    // A life-size person of the round figures: 1.8 m² of skin when all of it is bare.
    expect(skinAreaCm2(1750, 1)).toBeCloseTo(18_000, 6)
  })
})

describe('what a figure wants of every puddle', () => {
  const spots = spotShares(lightParts(60, 3, 3))
  const painted: Painted = {
    amounts: figure,
    spots,
    under: [{ bottle: 'raw-umber' }],
    coats: [],
    accents: [],
    details: [],
  }
  const of = (more: Partial<Painted>, puddle: string): number =>
    wantedDrops({ ...painted, ...more }).find(
      (one) => 'puddle' in one.of && one.of.puddle === puddle,
    )?.drops ?? 0
  const laid = (puddle: string, passes: number, place = EVERYWHERE) => ({
    of: { puddle },
    kind: 'base' as const,
    thinner: 1,
    passes,
    place,
  })

  it('is what coats take, and nothing where no coat lays it', () => {
    expect(of({}, 'base')).toBe(0)
    const eight = of({ coats: [laid('base', 8)] }, 'base')
    expect(eight).toBeCloseTo(coatDrops(figure, { ...coat, coats: 8 }), 9)
    // Two coats of one puddle are one amount, and what stays in the brush stays once.
    const two = wantedDrops({ ...painted, coats: [laid('base', 3), laid('base', 5)] }).slice(1)
    expect(two).toHaveLength(1)
    expect(two[0]!.drops).toBeCloseTo(eight, 9)
    expect(two[0]!.kept).toBeCloseTo(keptDrops(1, eight), 9)
    // What takes less than a touch is painted from the tip.
    const point = wantedDrops({ ...painted, details: [{ puddle: 'tea' }] })
    expect(point.at(-1)).toMatchObject({ kept: 0.3 })
  })

  it('counts a puddle of the painter’s own by its coats, glazes and eyes, and the undercoat', () => {
    const tea = { puddle: 'tea' }
    const onCoat = of({ coats: [laid('tea', 2)] }, 'tea')
    const onLip = of({ accents: [{ of: tea, thinner: 6, passes: 1 }] }, 'tea')
    const onEye = of({ details: [tea] }, 'tea')
    expect([onCoat, onLip, onEye].every((drops) => drops > 0)).toBe(true)
    const all = of(
      {
        coats: [laid('tea', 2)],
        accents: [{ of: tea, thinner: 6, passes: 1 }],
        details: [tea],
      },
      'tea',
    )
    expect(all).toBeCloseTo(onCoat + onLip + onEye, 9)
    const under = wantedDrops(painted).find((one) => 'bottle' in one.of)!
    expect(under.of).toEqual({ bottle: 'raw-umber' })
    expect(under.drops).toBeCloseTo(coatDrops(figure, { ...coat, coats: 1 }), 9)
    // A varnish has no colour that would be mixed.
    const varnish = { ...laid('tea', 2), kind: 'varnish' as const }
    expect(of({ coats: [varnish] }, 'tea')).toBe(0)
  })
})
