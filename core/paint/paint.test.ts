import type { Mixture } from './mixture'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { chromaOf } from '../colour/lch'
import { flatSpectrum } from '../colour/spectrum'
import { wetLook, withFinish } from './appearance'
import { cautions } from './cautions'
import { coated, filmReflectance, groundOf, measuredOf } from './film'
import { filmInside } from './kubelkaFilm'
import { coatsToHide, contrastRatio } from './hiding'
import { mixPaints, thin } from './mix'
import { MixEvaluator } from './mixEvaluator'
import { infiniteReflectance, opaqueReflectance } from './opaque'
import { starterPaints } from './starter'
import { stackReflectance } from './stack'
import { tintingStrength } from './strength'
import { filledAs } from './strengthKinds'
import { BRIGHTEST, inside, outside } from './surface'

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

  it('the evaluator gives the colours of the plain functions, from one paint to five', () => {
    const evaluator = new MixEvaluator([
      ...starterPaints,
      { K: flatSpectrum(0), S: flatSpectrum(0) },
    ])
    const out = new Float64Array(3)
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(starterPaints.length - 1), fc.integer({ min: 1, max: 30 })), {
          minLength: 1,
          maxLength: 5,
        }),
        (parts) => {
          evaluator.writeLab(
            parts.map(([p]) => p),
            parts.map(([, d]) => d),
            parts.length,
            out,
            0,
          )
          const plain = labOf(
            opaqueReflectance(
              mixPaints(parts.map(([p, d]) => ({ paint: starterPaints[p]!, drops: d }))),
            ),
          )
          expect(out[0]).toBeCloseTo(plain.L, 8)
          expect(out[1]).toBeCloseTo(plain.a, 8)
          expect(out[2]).toBeCloseTo(plain.b, 8)
        },
      ),
    )
    evaluator.writeLab([starterPaints.length], [1], 1, out, 0)
    expect(out[0]).toBe(0)
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
        expect(r).toBeGreaterThanOrEqual(-1e-11)
        expect(r).toBeLessThanOrEqual(1 + 1e-11)
        expect(infiniteReflectance(K, S)).toBeLessThanOrEqual(1)
        const film = { K: flatSpectrum(K), S: flatSpectrum(S) }
        const [seen] = filmReflectance(film, { thicknessUm: X * 1000, over: flatSpectrum(G) })
        expect(seen).toBeGreaterThanOrEqual(-1e-9)
        expect(seen).toBeLessThanOrEqual(Math.max(G, BRIGHTEST) + 1e-9)
      }),
      // K² below what a double holds: endless, and without scattering
      { numRuns: 1000, examples: [[3e-162, 0, Infinity, 1]] },
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

describe('looks and strength', () => {
  it('wet looks darker and more vivid than dry matt; matt varnish greys, gloss deepens', () => {
    for (const id of ['red-iron-oxide', 'ultramarine', 'burnt-umber', 'chromium-oxide-green']) {
      const dry = opaqueReflectance(of(id), 'matt')
      expect(labOf(wetLook(dry)).L).toBeLessThan(labOf(dry).L - 1)
      expect(chromaOf(labOf(wetLook(dry)))).toBeGreaterThan(chromaOf(labOf(dry)))
      const varnished = withFinish(opaqueReflectance(of(id)), 'gloss', 'matt')
      expect(deltaE00(labOf(varnished), labOf(dry))).toBeLessThan(1e-9)
    }
  })

  it('tinting strength: phthalo and dioxazine far above ultramarine and oxides, those far above green earth', () => {
    const strength = (id: string) =>
      tintingStrength(
        filledAs(
          starterPaints.find((one) => one.id === id)!,
          'artists',
        ),
        of('titanium-white'),
      )
    const strong = ['phthalo-blue-green', 'phthalo-green', 'dioxazine-violet'].map(strength)
    const middle = ['ultramarine', 'red-iron-oxide', 'chromium-oxide-green'].map(strength)
    expect(Math.min(...strong)).toBeGreaterThan(1.2 * Math.max(...middle))
    expect(Math.min(...middle)).toBeGreaterThan(2 * strength('green-earth'))
    expect(strength('titanium-white')).toBeCloseTo(0, 12)
  })

  it('a stack is films laid one on the other, and order matters', () => {
    const [red, blue] = [of('pyrrole-red'), of('ultramarine')]
    const ground = flatSpectrum(0.6)
    const coats = [red, blue].map((mixture) => ({ mixture, thicknessUm: 6 }))
    const byHand = measuredOf(coated(coated(groundOf(ground), red, 6), blue, 6))
    expect(stackReflectance(ground, coats)).toEqual(byHand)
    expect(stackReflectance(ground, coats.toReversed())).not.toEqual(byHand)
  })

  it('cautions stand with every hazardous pigment', () => {
    const hazardous = { 'cadmium-red': 'cadmium', 'cobalt-blue': 'cobalt', viridian: 'chromium' }
    for (const [id, word] of Object.entries(hazardous)) {
      const paint = starterPaints.find((one) => one.id === id)!
      expect(paint.hazards.map((key) => cautions[key]).join()).toMatch(
        new RegExp(`${word}.*safety data sheet`),
      )
    }
  })
})
