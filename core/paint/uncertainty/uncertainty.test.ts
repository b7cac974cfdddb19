import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import { estimatePaint, plainPaint } from '../calibration/estimatePaint'
import { contrastRatio, opacityOf } from '../hiding'
import { mixPaints } from '../mix'
import { opaqueReflectance } from '../opaque'
import { familyOf, hueFamilies, paletteOrder } from '../order'
import { cautionFor, works } from '../cautions'
import type { Paint } from '../paint'
import { starterPaints } from '../starter'
import { moved, SHAPES } from './basis'
import { choleskyOf, packedFactor } from './cholesky'
import { predictMix } from './predicted'
import { drawn, spreadOf, STARTER_SPREAD, SPREAD_LENGTH } from './spread'
import { seeded } from '../../numbers/seeded'

const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
function normals(seed: number): () => number {
  const random = seeded(seed)
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

describe('uncertainty', () => {
  it('a packed factor gives its matrix back', () => {
    const matrix = [
      [4, 2, 1],
      [2, 3, 0.5],
      [1, 0.5, 2],
    ]
    const factor = choleskyOf(matrix)
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++) {
        let sum = 0
        for (let k = 0; k < 3; k++) sum += packedFactor(factor, i, k) * packedFactor(factor, j, k)
        expect(sum).toBeCloseTo(matrix[i]![j]!, 12)
      }
    expect(STARTER_SPREAD).toHaveLength(SPREAD_LENGTH)
  })

  it('two in three drawn boxes land within the stated distance of a mix', () => {
    const spread = spreadOf({ strength: 0.15, depth: 0.08, hue: 0.05, slope: 0.05 })
    const normal = normals(3)
    for (const ids of [
      ['titanium-white', 'yellow-ochre', 'red-iron-oxide'],
      ['burnt-umber', 'ultramarine', 'titanium-white'],
    ]) {
      const parts = ids.map((id, i) => ({ paint: { ...of(id), spread }, drops: [6, 3, 2][i]! }))
      const { lab, within } = predictMix(parts)
      let inside = 0
      for (let n = 0; n < 600; n++) {
        const real = parts.map(({ paint, drops }) => ({
          paint: drawn(paint, spread, normal),
          drops,
        }))
        if (deltaE00(labOf(opaqueReflectance(mixPaints(real))), lab) <= within) inside++
      }
      expect(inside / 600).toBeGreaterThan(0.58)
      expect(inside / 600).toBeLessThan(0.78)
    }
  })

  it('of one shape alone, two in three land where the paint moved by one deviation does', () => {
    const white = of('titanium-white')
    for (let k = 0; k < SHAPES; k++)
      for (const id of ['yellow-ochre', 'ultramarine']) {
        const spread = new Array<number>(SPREAD_LENGTH).fill(0)
        spread[(k * (k + 1)) / 2 + k] = 0.03
        const sure = spread.map(() => 0)
        const mix = (paint: Paint) => [
          { paint, drops: 3 },
          { paint: { ...white, spread: sure }, drops: 2 },
        ]
        const { lab, within } = predictMix(mix({ ...of(id), spread }))
        const by = Array.from({ length: SHAPES }, (_, i) => (i === k ? 0.03 : 0))
        const there = labOf(opaqueReflectance(mixPaints(mix({ ...of(id), ...moved(of(id), by) }))))
        // 150 points of the distribution tell its two thirds within some hundredths.
        const off = deltaE00(there, lab)
        expect(Math.abs(within / off - 1), `${id} ${k}`).toBeLessThan(0.12)
      }
  })

  it('a surer paint makes a surer mix, and a paint of which there is none says nothing', () => {
    const sure = spreadOf({ strength: 0.02, depth: 0.01, hue: 0.01, slope: 0.01 })
    const mix = (spread: readonly number[]) =>
      predictMix([
        { paint: { ...of('ultramarine'), spread }, drops: 1 },
        { paint: { ...of('titanium-white'), spread: sure }, drops: 3 },
      ]).within
    expect(mix(sure)).toBeLessThan(mix(STARTER_SPREAD) / 3)
    const parts = [
      { paint: of('ultramarine'), drops: 2 },
      { paint: of('carbon-black'), drops: 0 },
    ]
    expect(predictMix(parts).within).toBe(predictMix(parts.slice(0, 1)).within)
  })
})

describe('a paint from one colour', () => {
  it('has that colour and hides as its class does', () => {
    for (const [L, a, b] of [
      [61, 14, 17],
      [30, 25, -30],
      [75, -10, 40],
    ] as const)
      for (const opacity of ['opaque', 'semi-opaque', 'semi-transparent', 'transparent'] as const) {
        const paint = estimatePaint({ L, a, b }, opacity, {}, { source: 'value' })
        expect(deltaE00(labOf(opaqueReflectance(paint)), { L, a, b })).toBeLessThan(1)
        expect(paint.spread).toHaveLength(SPREAD_LENGTH)
        const pictured = plainPaint({ L, a, b }, opacity)
        expect(deltaE00(labOf(opaqueReflectance(pictured)), { L, a, b })).toBeLessThan(0.5)
        expect(opacityOf(pictured)).toBe(opacity)
      }
    expect(contrastRatio(plainPaint({ L: 50, a: 0, b: 0 }, 'opaque'), 10)).toBeGreaterThan(
      contrastRatio(plainPaint({ L: 50, a: 0, b: 0 }, 'transparent'), 10) * 3,
    )
  })

  it('refuses what no paint can look like', () => {
    expect(() => estimatePaint({ L: 50, a: 120, b: -120 }, 'opaque')).toThrow('swatch 1')
    expect(() => estimatePaint({ L: 50, a: 0, b: 0, white: 'A/2' }, 'opaque')).toThrow(
      'D65/2 is needed',
    )
    expect(() => estimatePaint({ L: NaN, a: 0, b: 0 }, 'opaque')).toThrow('no value of a colour')
  })
})

describe('order and cautions', () => {
  it('families are where a painter looks for them, and the palette runs through them', () => {
    const family = (id: string) => familyOf(of(id), of('titanium-white'))
    expect(family('titanium-white')).toBe('white and grey')
    expect(family('carbon-black')).toBe('black')
    expect(family('pyrrole-red')).toBe('red')
    expect(family('arylide-yellow')).toBe('yellow')
    expect(family('phthalo-green')).toBe('green')
    expect(family('phthalo-blue-red')).toBe('blue')
    expect(family('dioxazine-violet')).toBe('violet')
    const order = paletteOrder(starterPaints, of('titanium-white'))
    const places = order.map(({ family: one }) => hueFamilies.indexOf(one))
    expect(places).toEqual([...places].sort((one, other) => one - other))
    expect(order).toHaveLength(starterPaints.length)
  })

  it('every kind of work has its caution and defers to label, safety data sheet and local rules', () => {
    for (const work of works)
      for (const hazards of [[], ['cadmium'], ['copper', 'solvent']] as const)
        expect(cautionFor(work, hazards)).toMatch(
          /label and the safety data sheet, and follow local rules/,
        )
    expect(cautionFor('spraying', ['cadmium'])).toContain('Never spray')
    expect(cautionFor('sanding', ['lead'])).toContain('Never sand')
    expect(cautionFor('spraying', [], 'varnish')).toContain('away from flames')
  })
})
