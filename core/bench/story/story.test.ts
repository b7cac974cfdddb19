import { describe, expect, it } from 'vitest'
import { comparedSittings, sittingsOf } from './sittings'

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
