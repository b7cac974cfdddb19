import fc from 'fast-check'
import { expect, it } from 'vitest'
import { dispensed } from '../../core'
import type { Ingredient } from '../../core'
import {
  aboutWords,
  amountWords,
  countWords,
  givenInWords,
  madeInWords,
  partWords,
  timesWords,
} from './amounts'
import { useWords } from './uses'

const nameOf = (of: Ingredient): string => ('bottle' in of ? of.bottle : `the ${of.puddle}`)

it('drops are counted as a painter counts them', () => {
  expect([1, 3, 3.5, 0.25, 2.25, 24].map(countWords)).toEqual(['1', '3', '3½', '¼', '2¼', '24'])
  expect([0.1, 0.3, 0.6, 0.5].map(countWords)).toEqual(['a touch', '3 touches', '6 touches', '½'])
  expect([0.1, 0.5, 2].map((drops) => partWords(drops, 'white'))).toEqual([
    'a touch of white',
    '½ white',
    '2 white',
  ])
  expect([0.1, 0.5, 1, 1.5, 7].map(amountWords)).toEqual([
    'a touch',
    '½ drop',
    '1 drop',
    '1½ drops',
    '7 drops',
  ])
  expect([0.1, 0.4, 2.5, 2.97, 18.6].map(aboutWords)).toEqual([
    'less than half a drop',
    'about ½ drop',
    '2½ drops',
    'about 3 drops',
    'about 18½ drops',
  ])
  expect([1, 2, 5].map(timesWords)).toEqual(['', 'twice over', '5 times over'])
})

it('a mix is what is put together, in a ratio and in amounts that are given', () => {
  const parts = [
    { of: { puddle: 'base' }, drops: 3 },
    { of: { bottle: 'white' }, drops: 1 },
  ]
  expect(madeInWords(parts, nameOf)).toBe('3 the base + 1 white')
  const given = dispensed([3, 1], 160)
  expect(givenInWords({ of: { puddle: 'light' }, parts, given }, nameOf)).toMatch(
    /^(\d+½?) the base \+ (\d+½?) white, twice over$|times over$/,
  )
  const poured = { of: { bottle: 'umber' }, parts: [{ of: { bottle: 'umber' }, drops: 1 }] }
  expect(givenInWords({ ...poured, given: dispensed([1], 4) }, nameOf)).toBe('4 umber')
})

it('no amount of any mix reads as a fraction that cannot be given', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 24 }), { minLength: 1, maxLength: 4 }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      (ratio, wanted) => {
        const given = dispensed(ratio, wanted)
        const parts = ratio.map((drops, i) => ({ of: { bottle: `p${i}` }, drops }))
        const words = givenInWords({ of: { puddle: 'x' }, parts, given }, nameOf)
        expect(words).toMatch(
          /^((\d+|[1-5]?½|a touch of|[2-46-9] touches of) p\d)( \+ (\d+|[1-5]?½|a touch of|[2-46-9] touches of) p\d)*(, (twice|\d+ times) over)?$/,
        )
      },
    ),
  )
})

it('where a puddle is used is said by what it is there', () => {
  const called = {
    figure: (id: string) => id.toUpperCase(),
    place: (place: string) => `the ${place}`,
  }
  const words = (
    [
      { kind: 'undercoat', figure: 'mei' },
      { kind: 'coat', figure: 'mei', coat: 'c', at: 2 },
      { kind: 'accent', figure: 'mei', place: 'nose' },
      { kind: 'detail', figure: 'mei', detail: 'eye' },
      { kind: 'puddle', puddle: 'p', name: 'tea' },
      { kind: 'puddle', puddle: 'q' },
    ] as const
  ).map((use) => useWords(use, called))
  expect(words).toEqual([
    'the undercoat of MEI',
    'coat 3 of MEI',
    'the nose of MEI',
    'eye of MEI',
    'the mix tea',
    'the mix without a name',
  ])
})
