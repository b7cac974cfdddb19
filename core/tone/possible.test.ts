import fc from 'fast-check'
import { expect, it } from 'vitest'
import { chromaOf, hueOf, labOfLch } from '../colour/lch'
import { smoothestReflectance } from '../colour/smoothest'
import { labOf } from '../colour/lab'
import { possibleLab } from './possible'
import { skinReflectance } from './skin'
import { usualCarotene } from './usualCarotene'

it('is a colour that a surface can have, of the same lightness and hue, with no more chroma', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 95, noNaN: true }),
      fc.double({ min: 0, max: 140, noNaN: true }),
      fc.double({ min: 0, max: 359, noNaN: true }),
      (L, C, h) => {
        const lab = possibleLab({ L, C, h })
        expect(() => smoothestReflectance(lab)).not.toThrow()
        expect(lab.L).toBe(L)
        expect(chromaOf(lab)).toBeLessThanOrEqual(C + 1e-9)
        if (chromaOf(lab) > 1) expect(Math.abs(hueOf(lab) - h)).toBeLessThan(1e-6)
      },
    ),
    { numRuns: 40 },
  )
  const tame = { L: 60, C: 20, h: 60 }
  const { a, b } = labOfLch(tame)
  expect(possibleLab(tame)).toEqual({ L: 60, a, b })
})

it('carotene falls with melanin, from pale to deep, and keeps pale skin from turning violet', () => {
  const melanin = [0.003, 0.006, 0.02, 0.06, 0.15, 0.3, 0.45]
  const um = melanin.map(usualCarotene)
  expect([um[0], um.at(-1)]).toEqual([25, 4])
  um.slice(1).forEach((one, i) => expect(one).toBeLessThanOrEqual(um[i]!))
  const cheek = (carotene: number) =>
    labOf(skinReflectance({ melanin: 0.012, blood: 0.024, oxygenation: 0.85, carotene }))
  // A European cheek has b* 14–18 (recalled); with 10 µM for all it came out at about 10.
  expect(cheek(usualCarotene(0.012)).b).toBeGreaterThan(13)
  expect(cheek(usualCarotene(0.012)).b).toBeGreaterThan(cheek(10).b + 2)
})
