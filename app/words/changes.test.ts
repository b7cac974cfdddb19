import { expect, it } from 'vitest'
import { lowTide } from '../../demo/lowTide'
import { changeWords } from './changes'

it('says shortly what a change was about', () => {
  const before = lowTide([])
  const [isaura, ...others] = before.figures
  const with1 = (made: object) => ({ ...before, figures: [{ ...isaura!, ...made }, ...others] })
  expect(changeWords(before, with1({ plan: { ...isaura!.plan, contrast: 0.6 } }))).toBe(
    'contrast of Isaura',
  )
  expect(changeWords(before, with1({ tone: { ...isaura!.tone } }))).toBe('tone of Isaura')
  expect(changeWords(before, { ...before, palette: [] })).toBe('bottles on the table')
  expect(changeWords(before, { ...before, figures: others })).toBe('figures of the commission')
  expect(
    changeWords(before, { ...before, figures: before.figures.map((one) => ({ ...one, many: 2 })) }),
  ).toBe('9 figures')
})
