import fc from 'fast-check'
import { expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { chromaOf } from '../colour/lch'
import { dabBeside, dabWays } from './dabs'

it('a dab beside another differs in the way that is said, by so much', () => {
  fc.assert(
    fc.property(
      fc.record({
        L: fc.double({ min: 15, max: 85, noNaN: true }),
        a: fc.double({ min: -30, max: 40, noNaN: true }),
        b: fc.double({ min: -30, max: 45, noNaN: true }),
      }),
      fc.constantFrom(...dabWays),
      fc.double({ min: 0.5, max: 6, noNaN: true }),
      (lab, way, by) => {
        const dab = dabBeside(lab, way, by)
        const off = deltaE00(lab, dab)
        if (way === 'greyer' && off < by - 1e-3) expect(chromaOf(dab)).toBeLessThan(1e-3)
        else expect(off).toBeCloseTo(by, 3)
        if (way === 'darker') expect(dab.L).toBeLessThan(lab.L)
        if (way === 'lighter') expect(dab.L).toBeGreaterThan(lab.L)
        if (way === 'redder') expect(dab.a).toBeGreaterThan(lab.a)
        if (way === 'bluer') expect(dab.b).toBeLessThan(lab.b)
        if (way === 'stronger') expect(chromaOf(dab)).toBeGreaterThan(chromaOf(lab))
      },
    ),
  )
  expect(dabBeside({ L: 99.5, a: 0, b: 0 }, 'lighter', 3).L).toBe(100)
})
