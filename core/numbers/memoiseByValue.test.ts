import { expect, it } from 'vitest'
import { memoiseByValue } from './memoiseByValue'
import { baseReflectance } from '../tone/tone'
import type { Tone } from '../tone/tone'

it('what was computed of equal data is the same object; a refusal is computed anew', () => {
  let runs = 0
  const double = memoiseByValue(({ n }: { n: number }) => {
    runs++
    if (n < 0) throw new RangeError('n is below 0')
    return { twice: 2 * n }
  }, 600)
  expect(double({ n: 2 })).toBe(double({ n: 2 }))
  expect(double({ n: 3 }).twice).toBe(6)
  expect(runs).toBe(2)
  for (let i = 0; i < 2; i++) expect(() => double({ n: -1 })).toThrow('below 0')
  expect(runs).toBe(4)
  for (let n = 0; n < 2000; n++) double({ n })
  expect(double({ n: 2 }).twice).toBe(4)
})

it('a tone changed by a little is another tone', () => {
  const hide = (b: number): Tone => ({ kind: 'hide', lab: { L: 50, a: -10, b } })
  expect(baseReflectance(hide(20))).toBe(baseReflectance(hide(20)))
  expect(baseReflectance(hide(20.01))).not.toEqual(baseReflectance(hide(20)))
})
