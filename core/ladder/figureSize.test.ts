import fc from 'fast-check'
import { expect, it } from 'vitest'
import { figureSizes, heightIn, sameSize, scaleOf, sizeLimits } from '../project/figureSize'

it('scales painters name are those (common practice, no source); others are the quotient', () => {
  const named: [number, number][] = [
    [28, 64],
    [32, 56],
    [54, 32],
    [75, 24],
    [90, 20],
    [120, 16],
  ]
  for (const [heightMm, scale] of named) expect(scaleOf({ heightMm })).toBe(scale)
  // 1750 mm of a person, from memory.
  expect(scaleOf({ heightMm: 175 })).toBe(10)
})

it('a height in a scale is within what is allowed, larger figures in smaller numbers', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 200 }),
      fc.integer({ min: 1, max: 200 }),
      (one, other) => {
        const [a, b] = [heightIn(one), heightIn(other)]
        for (const height of [a, b]) {
          expect(height).toBeGreaterThanOrEqual(sizeLimits[0])
          expect(height).toBeLessThanOrEqual(sizeLimits[1])
        }
        if (one < other) expect(a).toBeGreaterThanOrEqual(b)
      },
    ),
  )
})

it('usual sizes are told apart; a bust is another size than the figure of its height', () => {
  figureSizes.forEach((one, i) =>
    figureSizes.forEach((other, k) => expect(sameSize(one, other)).toBe(i === k)),
  )
  expect(sameSize({ heightMm: 75 }, { heightMm: 75, bust: false })).toBe(true)
})
