import { expect, it } from 'vitest'
import { endsShortly, fewWords, onTableWords, sharingWords } from './range'
import { endWords, mixingWords } from './mixing'

const set = { set: ['a', 'b', 'c', 'd', 'e', 'f'], mean: 2.36, worst: 8.24, cut: 0 }

it('says how sure a set of few bottles is', () => {
  expect(fewWords({ ...set, proved: true, atLeast: 2.36 }, false)).toBe(
    'Six bottles, off by 2.4 on average, at worst 8.2. No other six do better.',
  )
  const open = { ...set, proved: false, atLeast: 1.26 }
  expect(fewWords(open, true)).toMatch(/No other six can be more than 1\.1 better; still proving…$/)
  expect(fewWords(open, false)).toMatch(/No other six can be more than 1\.1 better\.$/)
  // A mean that is cut is no less than it says.
  expect(fewWords({ ...set, cut: 3, proved: true, atLeast: 2.36 }, false)).toBe(
    'Six bottles, off by at least 2.4 on average, at worst at least 8.2. Three colours are further off than 20 and count as 20. No other six do better.',
  )
  expect(onTableWords(4, { ...set, cut: 1 })).toBe(
    '4 bottles on the table: off by at least 2.4 on average where each step is mixed by itself, at worst at least 8.2. One colour is further off than 20 and counts as 20.',
  )
})

it('says where paint ends before the ladder wanted to, and nothing where it does not', () => {
  const reached = { ends: { dark: 18.4 }, wanted: { dark: 9 } }
  expect(endsShortly(reached, 18.4, 61)).toBe('L* 18–61, not 9–61')
  expect(endsShortly({ ends: {}, wanted: {} }, 18, 61)).toBeUndefined()
  expect(endWords(reached, { dark: 18, light: 90 })).toBe(
    ' Drawn in: the dark wanted L* 9, with this paint it ends at 18.',
  )
  expect(endWords({ ends: {}, wanted: {} }, { dark: 9, light: 90 })).toBe('')
  expect(endWords(undefined, { dark: 9, light: 90 })).toBe('')
})

it('says what a touch is and what sharing costs', () => {
  const note = { way: 'puddles', puddles: [0, 3, 5], mean: 0.6, another: 0 } as const
  expect(mixingWords({ ...note, touch: { end: 'light', paint: 'white' } }, String)).toContain(
    'The lightest step is the puddle beside it with a touch of white.',
  )
  const of = { giver: { figure: { name: 'Rashida, lamp-lighter' } }, given: { name: 'Crevice' } }
  expect(sharingWords({ ...of, costs: 0.17 })).toBe('Crevice as Rashida’s: +0.2')
  expect(sharingWords({ ...of, costs: 0.01 })).toBe('Crevice as Rashida’s: no loss')
  expect(sharingWords({ ...of, costs: -0.3 })).toBe('Crevice as Rashida’s: -0.3')
})

it('offers one more puddle only where it brings something', () => {
  const note = { way: 'puddles', puddles: [0, 3, 6], mean: 1.07 } as const
  expect(mixingWords({ ...note, another: 0.1 }, String)).not.toContain('One more')
  expect(mixingWords({ ...note, another: 0.44 }, String)).toContain(
    'One more puddle would take 0.4 off that.',
  )
})
