import { expect, it } from 'vitest'
import { amountWords, shareWords } from './words'

it('drops are counted as a painter counts them', () => {
  expect(amountWords(1)).toBe('1 drop')
  expect(amountWords(3)).toBe('3 drops')
  expect(amountWords(3.5)).toBe('3½ drops')
  expect(amountWords(0.25, false)).toBe('¼')
  expect(amountWords(0.1, false)).toBe('⅒')
  expect(amountWords(2.97, false)).toBe('3')
  expect(amountWords(18.6)).toBe('19 drops')
})

it('a share is one that the eye can split', () => {
  expect(shareWords(1 / 3)).toBe('a third')
  expect(shareWords(0.5)).toBe('half')
  expect(shareWords(0.37)).toBe('about two fifths')
  expect(shareWords(0.1)).toBe('a 10th')
  expect(shareWords(0.68)).toBe('two thirds')
})
