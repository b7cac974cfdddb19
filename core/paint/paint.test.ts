import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { flatSpectrum } from '../colour/spectrum'
import { filmInside, filmReflectance } from './film'
import { coatsToHide, contrastRatio } from './hiding'
import { mixPaints, thin } from './mix'
import { infiniteReflectance, opaqueReflectance } from './opaque'
import type { Mixture } from './paint'
import { starterPaints } from './starter'
import { inside, outside } from './surface'

const paint = fc.constantFrom(...starterPaints)
const drops = fc.double({ min: 0.01, max: 50, noNaN: true })
const of = (id: string): Mixture => starterPaints.find((one) => one.id === id)!

describe('mixing', () => {
  it('mixing a paint with itself changes nothing, and order does not matter', () => {
    fc.assert(
      fc.property(paint, drops, paint, drops, (one, a, other, b) => {
        const self = mixPaints([
          { paint: one, drops: a },
          { paint: one, drops: b },
        ])
        self.K.forEach((k, i) => expect(k).toBeCloseTo(one.K[i]!, 8))
        const there = mixPaints([
          { paint: one, drops: a },
          { paint: other, drops: b },
        ])
        const back = mixPaints([
          { paint: other, drops: b },
          { paint: one, drops: a },
        ])
        there.S.forEach((s, i) => expect(s).toBeCloseTo(back.S[i]!, 9))
      }),
    )
  })

  it('a mix reflects between its members at every wavelength', () => {
    fc.assert(
      fc.property(paint, drops, paint, drops, (one, a, other, b) => {
        const mixed = opaqueReflectance(
          mixPaints([
            { paint: one, drops: a },
            { paint: other, drops: b },
          ]),
        )
        const [r1, r2] = [opaqueReflectance(one), opaqueReflectance(other)]
        mixed.forEach((r, i) => {
          expect(r).toBeGreaterThanOrEqual(Math.min(r1[i]!, r2[i]!) - 1e-12)
          expect(r).toBeLessThanOrEqual(Math.max(r1[i]!, r2[i]!) + 1e-12)
        })
      }),
    )
  })

  it('names the part that is wrong', () => {
    expect(() => mixPaints([])).toThrow('at least one drop')
    expect(() => mixPaints([{ paint: starterPaints[0]!, drops: NaN }])).toThrow('part 1')
    expect(() => thin(starterPaints[0]!, -1)).toThrow('-1 parts')
  })
})

describe('films', () => {
  it('stay within 0–1 whatever K, S, thickness and ground', () => {
    const big = fc.oneof(
      fc.constantFrom(0, 1e-300, 1e-12, 1e9),
      fc.double({ min: 0, max: 1e5, noNaN: true }),
    )
    const thick = fc.oneof(
      fc.constantFrom(0, Infinity, 1e-12),
      fc.double({ min: 0, max: 1e4, noNaN: true }),
    )
    fc.assert(
      fc.property(big, big, thick, fc.double({ min: 0, max: 1, noNaN: true }), (K, S, X, G) => {
        const r = filmInside(K, S, X, G)
        expect(r).toBeGreaterThanOrEqual(-1e-12)
        expect(r).toBeLessThanOrEqual(1 + 1e-12)
        expect(infiniteReflectance(K, S)).toBeLessThanOrEqual(1)
      }),
      { numRuns: 1000 },
    )
  })

  it('refuse a negative thickness and a ground that is no reflectance', () => {
    const over = flatSpectrum(0.5)
    expect(() => filmReflectance(starterPaints[0]!, { thicknessUm: -1, over })).toThrow(
      'thicknessUm is -1',
    )
    over[3] = 1.2
    expect(() => filmReflectance(starterPaints[0]!, { thicknessUm: 5, over })).toThrow(
      'over is 1.2 at 410 nm',
    )
  })

  it('the surface correction undoes itself', () => {
    for (const finish of ['gloss', 'satin', 'matt'] as const)
      for (let r = 0; r <= 1; r += 0.05)
        expect(inside(outside(r, finish), finish)).toBeCloseTo(r, 12)
  })
})

describe('hiding of 10 µm coats', () => {
  it('titanium white is 0.85 in three to six coats and 0.98 only beyond six', () => {
    const coats = coatsToHide(of('titanium-white'), 10, 0.85)
    expect(coats).toBeGreaterThanOrEqual(3)
    expect(coats).toBeLessThanOrEqual(6)
    expect(coatsToHide(of('titanium-white'), 10)).toBeGreaterThan(6)
  })

  it('a flesh mix is 0.80 in two or three, carbon black hides in one, a phthalo glaze never in five', () => {
    const flesh = mixPaints(
      Object.entries({ 'titanium-white': 9, 'yellow-ochre': 2, 'red-iron-oxide': 1 }).map(
        ([id, n]) => ({ paint: of(id), drops: n }),
      ),
    )
    expect([2, 3]).toContain(coatsToHide(flesh, 10, 0.8))
    expect(coatsToHide(of('carbon-black'), 10)).toBe(1)
    expect(coatsToHide(thin(of('phthalo-blue-green'), 6), 10, 0.98, 5)).toBe(Infinity)
    expect(contrastRatio(of('zinc-white'), 10)).toBeLessThan(
      contrastRatio(of('titanium-white'), 10),
    )
  })
})
