import { describe, expect, it } from 'vitest'
import { remixed } from './remix'
import { comparedSittings, sittingsOf } from './sittings'

describe('a mix again', () => {
  it('keeps its shares as nearly as whole drops allow, over many amounts', () => {
    const parts = [
      { paint: 'white', drops: 11 },
      { paint: 'ochre', drops: 2 },
      { paint: 'red', drops: 1 },
    ]
    expect(remixed(parts, 28)).toEqual(
      parts.map(({ paint, drops }) => ({ paint, drops: 2 * drops })),
    )
    for (let drops = 3; drops <= 120; drops++) {
      const again = remixed(parts, drops)
      expect(again.reduce((sum, part) => sum + part.drops, 0)).toBe(drops)
      again.forEach((part, i) => {
        expect(part.drops).toBeGreaterThanOrEqual(1)
        if (drops >= 14)
          expect(Math.abs(part.drops - (parts[i]!.drops * drops) / 14)).toBeLessThan(1)
      })
    }
    expect(() => remixed(parts, 2)).toThrow('2 drops of 3 paints')
    expect(() => remixed(parts, 7.5)).toThrow('7.5 drops')
  })
})

describe('sittings', () => {
  const entry = (day: number, what: string, L: number, real?: number) => ({
    at: new Date(2026, 9, day, 20).toISOString(),
    what,
    predicted: { L, a: 10, b: 10 },
    ...(real === undefined ? {} : { real: { L: real, a: 10, b: 10 } }),
    minutes: 10,
  })
  const log = [
    entry(3, 'base', 50, 52),
    entry(3, 'glaze', 40),
    entry(9, 'base', 50, 57),
    entry(9, 'light', 70, 70),
    entry(9, 'glaze', 40, 40),
  ]

  it('are days, newest first, with how far they were off and how long they took', () => {
    const [late, early] = sittingsOf(log)
    expect([late!.day, early!.day]).toEqual(['2026-10-09', '2026-10-03'])
    expect(late!.minutes).toBe(30)
    expect(early!.meanOff).toBeGreaterThan(1.5)
    expect(early!.meanOff).toBeLessThan(2.5)
    expect(sittingsOf([entry(1, 'wash', 30)])[0]!.meanOff).toBeUndefined()
  })

  it('are compared by what was painted in both, furthest apart first', () => {
    const [late, early] = sittingsOf(log)
    const both = comparedSittings(early!, late!)
    expect(both.map(({ what }) => what)).toEqual(['base', 'glaze'])
    expect(both[0]!.apart).toBeGreaterThan(4)
    expect(both[1]!.apart).toBe(0)
  })
})
