import { describe, expect, it } from 'vitest'
import { formatShoppingNote, formatStockCsv } from '../../formats/csv/stock'
import { afterTaking, recounted, stockFor, takenMl } from './stock'

const mixes = [
  {
    parts: [
      { paint: 'white', drops: 20 },
      { paint: 'ochre', drops: 5 },
    ],
  },
  { parts: [{ paint: 'white', drops: 10 }] },
  {
    parts: [
      { paint: 'umber', drops: 4 },
      { paint: 'white', drops: 30 },
    ],
  },
]
const bottles = {
  white: { ml: 1, leftMl: 1.6, dropsPerMl: 20 },
  ochre: { leftMl: 5, dropsPerMl: 25 },
}
const nameOf = (id: string): string => (id === 'white' ? '=white "A"' : id)

describe('stock', () => {
  it('counts drops by the size each bottle gives them', () => {
    expect(Object.fromEntries(takenMl(mixes, bottles))).toEqual({
      white: 3,
      ochre: 0.2,
      umber: 0.2,
    })
  })

  it('says what runs out, at which mix, and how many bottles that is; the uncounted before the plenty', () => {
    const rows = stockFor(mixes, bottles)
    expect(rows.map(({ paint }) => paint)).toEqual(['white', 'umber', 'ochre'])
    expect(rows[0]).toMatchObject({ leftMl: 1.6, bottles: 2, runsOutAt: 2 })
    expect(rows[0]!.missingMl).toBeCloseTo(1.4, 9)
    expect(rows[1]).toEqual({ paint: 'umber', neededMl: 0.2, missingMl: 0, bottles: 0 })
    expect(rows[2]!.runsOutAt).toBeUndefined()
    expect(stockFor([], bottles)).toEqual([])
  })

  it('takes drops from counted bottles, gives them back, and never goes below empty', () => {
    const after = afterTaking([mixes[0]!], bottles)
    expect(after.white!.leftMl).toBeCloseTo(0.6, 9)
    expect(after.ochre!.leftMl).toBeCloseTo(4.8, 9)
    const back = mixes[0]!.parts.map(({ paint, drops }) => ({ paint, drops: -drops }))
    expect(afterTaking([{ parts: back }], after)).toMatchObject(bottles)
    expect(afterTaking(mixes, bottles).white!.leftMl).toBe(0)
    expect(afterTaking(mixes, {})).toEqual({})
    // One ml was said to be left, and 20 drops and 10 were poured of it.
    const counted = { white: recounted(undefined, 1) }
    const emptied = afterTaking(mixes.slice(0, 2), counted)
    expect(emptied.white).toMatchObject({ leftMl: 0, dropsSince: 30 })
    const given = (drops: number) =>
      afterTaking([{ parts: [{ paint: 'white', drops: -drops }] }], emptied).white!.leftMl
    expect([10, 20, 30].map(given)).toEqual([0, 0.5, 1])
  })

  it('learns the size of a drop from two looks at a bottle', () => {
    const first = recounted(undefined, 10)
    expect(first).toEqual({ leftMl: 10, countedMl: 10, dropsSince: 0 })
    const used = afterTaking([mixes[2]!, mixes[1]!], { white: first }).white!
    expect(used).toMatchObject({ dropsSince: 40, leftMl: 8 })
    // Forty drops took 1.6 ml: 25 drops in a millilitre, not 20.
    expect(recounted(used, 8.4)).toEqual({
      leftMl: 8.4,
      countedMl: 8.4,
      dropsSince: 0,
      dropsPerMl: 25,
    })
    expect(recounted(used, 12)).not.toHaveProperty('dropsPerMl')
  })

  it('as text and as CSV, formulas held back', () => {
    const rows = stockFor(mixes, bottles)
    const note = formatShoppingNote(rows, nameOf)
    expect(note).toContain('2 × =white "A" (1.4 ml short)')
    expect(note).toContain('Look how much is left of:\n  umber (0.2 ml needed)')
    const csv = formatStockCsv(rows, nameOf).split('\r\n')
    expect(csv[0]).toBe('\uFEFFpaint,needed_ml,left_ml,missing_ml,bottles_to_buy')
    expect(csv[1]).toBe(`"'=white ""A""",3.00,1.60,1.40,2`)
    expect(csv[2]).toBe('umber,0.20,,,')
    expect(formatShoppingNote(stockFor([mixes[1]!], { white: { leftMl: 9 } }), nameOf)).toBe(
      'Nothing runs out of what was counted.\n',
    )
  })
})
