import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { coatKinds } from '../../coats/coatKinds'
import { runSheet } from '../runSheet'
import { dropSizeFrom, habitsFrom } from './habits'

it('a habit is the middle of at least three, so one slip does not make it', () => {
  const glaze = (thinner: number) => ({ kind: 'glaze' as const, thinner })
  const dried = [8, 12, 10, 60].map((tookMin) => ({
    kind: 'wash' as const,
    reckonedMin: 20,
    tookMin,
  }))
  const { thinner, drying } = habitsFrom([glaze(8), glaze(9), glaze(30), { kind: 'wash' }], dried)
  expect(thinner).toEqual({ glaze: 9 })
  expect(drying.wash).toBeCloseTo(0.55, 9)
  expect(habitsFrom([glaze(8), glaze(9)], dried.slice(0, 2))).toEqual({ thinner: {}, drying: {} })
})

it('what was learnt of drying goes into the run sheet, by kind of coat', () => {
  const { size } = lowTide([]).figures[0]!
  const moves = (drying: object) =>
    runSheet(
      {
        id: 'isaura',
        copy: 1,
        sizeMm: size.heightMm,
        accents: [],
        stack: {
          under: { kind: 'flat', of: { bottle: 'raw-umber' } },
          coats: [
            { id: 'a', kind: 'wash', of: { puddle: 'isaura.shade' } },
            { id: 'b', kind: 'glaze', of: { bottle: 'ultramarine' } },
          ],
        },
      },
      { drying, slower: 2, wordsOf: ({ kind }) => kind },
    )
  expect(moves({ wash: 0.5 })[1]!.dryMin).toBe(Math.round(coatKinds.wash.minutes.dry * 0.5))
  expect(moves({})[1]!.dryMin).toBe(coatKinds.wash.minutes.dry * 2)
  // A step of the ladder is this figure's; a mix of one's own may be shared with any.
  expect(moves({})[1]!.puddle).toContain('isaura')
  expect(moves({})[2]!.puddle).not.toContain('isaura')
})

it('drop size needs a real difference in the bottle', () => {
  expect(dropSizeFrom(46, 10, 8)).toBe(23)
  expect(dropSizeFrom(9, 10, 8)).toBeUndefined()
  expect(dropSizeFrom(46, 10, 9.9)).toBeUndefined()
})
