import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { starterPaints } from '../../paint/starter'
import { dropsNeeded, LEAST_PUDDLE, skinAreaCm2, usualAmounts } from './amounts'
import { puddlePath } from './puddlePath'
import { simulatePath } from './simulate'
import { seeded } from '../../numbers/seeded'

describe('the puddle path', () => {
  it('over 200 random ladders every puddle is within 0.3 of its recipe, nothing is subtracted, at most 15% is spent beyond the least', () => {
    const random = seeded(3)
    for (let n = 0; n < 200; n++) {
      const paints = [0, 1, 2, 3]
        .map(() => starterPaints[Math.floor(random() * starterPaints.length)]!)
        .filter((paint, i, all) => all.indexOf(paint) === i)
      const steps = Array.from({ length: 3 + 2 * Math.floor(4 * random()) }, (_, i) => {
        const parts = paints
          .map((paint) => ({ paint, drops: Math.floor(random() * 8) }))
          .filter(({ drops }) => drops > 0)
        return {
          key: `step ${i}`,
          need: 3 + 40 * random() * random(),
          parts: parts.length > 0 ? parts : [{ paint: paints[0]!, drops: 1 }],
        }
      })
      const { moves, total, least, bottles } = puddlePath(steps, steps.length >> 1)
      expect(moves.filter(({ kind }) => kind === 'paint')).toHaveLength(steps.length)
      for (const { move, lab, drops } of simulatePath(moves)) {
        const { parts } = steps.find(({ key }) => key === move.step)!
        if (move.kind === 'mix' || move.kind === 'add')
          for (const added of move.add) expect(added.drops).toBeGreaterThan(0)
        if (lab && drops > 1e-6)
          expect(
            deltaE00(lab, labOf(opaqueReflectance(mixPaints(parts)))),
            `${n} ${move.step}`,
          ).toBeLessThan(0.3)
        if (move.kind === 'paint')
          expect(move.drops + move.keep).toBeGreaterThan(
            steps.find(({ key }) => key === move.step)!.need - 1e-6,
          )
      }
      expect(total / least).toBeLessThanOrEqual(1.15)
      expect(bottles.reduce((sum, { drops }) => sum + drops, 0)).toBeCloseTo(total, 9)
    }
  })

  it('a run lifts from the base toward both sides; what shares no paint is mixed fresh', () => {
    const [white, ochre, umber, blue] = [
      'titanium-white',
      'yellow-ochre',
      'burnt-umber',
      'ultramarine',
    ].map((id) => starterPaints.find((paint) => paint.id === id)!)
    const step = (key: string, ...parts: [typeof white, number][]) => ({
      key,
      need: 12,
      parts: parts.map(([paint, drops]) => ({ paint: paint!, drops })),
    })
    const { moves } = puddlePath(
      [
        step('shade', [ochre, 2], [umber, 3]),
        step('base', [ochre, 3], [umber, 1]),
        step('light', [ochre, 3], [umber, 1], [white, 4]),
        step('glint', [blue, 1], [white, 9]),
      ],
      1,
    )
    expect(moves[0]).toMatchObject({ kind: 'mix', step: 'base' })
    const lifts = moves.flatMap((move) => (move.kind === 'lift' ? [`${move.step} ${move.to}`] : []))
    expect(lifts.sort()).toEqual(['base light', 'base shade'])
    expect(moves).toContainEqual(expect.objectContaining({ kind: 'mix', step: 'glint' }))
    expect(() => puddlePath([{ key: 'x', parts: [], need: 1 }], 0)).toThrow('no paint')
    expect(() => simulatePath([{ kind: 'paint', step: 'base', drops: 3, keep: 0 }])).toThrow(
      'which holds 0',
    )
  })
})

it('amounts grow with figures, coats and the square of size, and never fall below a puddle', () => {
  const shares = [0.2, 0.5, 0.3]
  const drops = (change: object): number[] =>
    dropsNeeded({ ...usualAmounts, sizeMm: 54, shares, figures: 40, ...change })
  drops({}).forEach((need, i) => {
    expect(drops({ figures: 80 })[i]).toBeCloseTo(2 * need, 9)
    expect(drops({ coats: 4 })[i]).toBeCloseTo(2 * need, 9)
    expect(drops({ sizeMm: 108 })[i]).toBeCloseTo(4 * need, 9)
    expect(drops({ thinner: 3 })[i]).toBeCloseTo(need / 2, 9)
  })
  expect(drops({ figures: 1, sizeMm: 28 })).toEqual(shares.map(() => LEAST_PUDDLE))
  // A person of 1.75 m has about 1.8 m² of skin: at 54 mm some 17 cm².
  expect(skinAreaCm2(54, 1)).toBeCloseTo(17.1, 1)
})
