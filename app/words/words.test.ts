import { describe, expect, it } from 'vitest'
import {
  alternatives,
  coatKindKeys,
  exhaustiveRecipes,
  judgeLadder,
  plainLighting,
} from '../../core'
import { starterPaints } from '../../core'
import type { Ingredient, Lab, Place, StepKey } from '../../core'
import { alternativeWords } from './alternatives'
import { placeWords } from './places'
import { readsWords } from './tells'
import { faultWords, mendWords } from './judgement'
import { mixingWords } from './mixing'
import { moveWords } from './moves'
import { partsInWords } from './parts'

const nameOf = (id: string): string => `<${id}>`
const laid = (of: Ingredient): string => `the ${(of as { puddle: string }).puddle}`
const zones = [{ key: 'nose', name: 'Nose' }]

describe('mixes and places', () => {
  it('drops by name, in their order', () => {
    const parts = [
      { paint: 'a', drops: 3 },
      { paint: 'b', drops: 1 },
    ]
    expect(partsInWords(parts, nameOf)).toBe('3 <a> + 1 <b>')
    const said: [Place, string][] = [
      [[{ zones: ['nose'] }], 'on the nose'],
      [[{ zones: ['gone'] }], 'on the gone'],
      [[{ light: ['light', 'glint'] }], 'on the lights'],
      [[{ light: ['middle', 'light', 'glint'] }], 'in the middle and on the lights'],
      [[{ light: ['deep-shadow', 'shadow'], side: 'left' }], 'in the shadow of the left side'],
      [[{ but: ['nose'] }], 'everywhere but the nose'],
      [[{ relief: ['deepest'] }, { down: true }], 'in the deepest recesses and on what faces down'],
      [[{ light: ['shadow'] }, {}], 'all over'],
    ]
    for (const [place, words] of said) expect(placeWords(place, zones)).toBe(words)
  })

  it('every kind of coat makes a sentence with mix, place and thinning; a varnish says how it dries', () => {
    for (const kind of coatKindKeys) {
      const coat = {
        kind,
        of: { puddle: 'base' },
        place: [{ light: ['deep-shadow', 'shadow'] }],
        thinnedWith: 'medium',
      } as const
      const words = moveWords({ kind: 'coat', coat, thinner: 3, passes: 2 }, zones, laid)
      expect(words[0]).toBe(words[0]!.toUpperCase())
      if (kind === 'varnish') expect(words).toBe('Varnish, matt, thin and even')
      else
        expect(words).toMatch(
          /of the base in the shadow, thinned 3 : 1 with medium, 2 thin passes$/,
        )
    }
    const black = { bottle: 'carbon-black' }
    const named = () => 'carbon black'
    expect(moveWords({ kind: 'undercoat', of: black }, zones, named)).toBe('Carbon black, all over')
    const light = { kind: 'sketch', of: black, elevation: 60 } as const
    expect(moveWords(light, zones, () => 'titanium white')).toBe('Titanium white from above, steep')
    expect(moveWords({ kind: 'accent', name: 'Nose' }, zones, laid)).toBe('Glaze of life: Nose')
  })
})

describe('what is wrong with a ladder', () => {
  const ladder = (labs: readonly Lab[], shares = [1 / 3, 1 / 3, 1 / 3]) =>
    judgeLadder(
      labs.map((painted, i) => ({
        key: (['shade', 'base', 'light'] as const)[i]! as StepKey,
        painted,
        share: shares[i]!,
      })),
      { ...plainLighting, steps: 3 },
    )
  const lab = (L: number, a: number, b: number): Lab => ({ L, a, b })
  const cases: [string, Lab[], RegExp, number[]?][] = [
    ['flat', [lab(45, 13, 15), lab(52, 15, 17), lab(60, 15, 18)], /^Too flat .*: 15 of lightness/],
    ['glint', [lab(44, 12, 12), lab(52, 15, 17), lab(92, 12, 14)], /from Base to Light is \d/],
    ['green shade', [lab(30, 2, 14), lab(52, 15, 17), lab(74, 14, 18)], /^Shade drifts to green/],
    ['yellow dark', [lab(15, 6, 8), lab(34, 8, 18), lab(55, 9, 18)], /a hue of 66°/],
    ['saturated lights', [lab(40, 14, 15), lab(68, 12, 16), lab(88, 20, 24)], /^Light is more/],
    ['chalky', [lab(30, 12, 12), lab(52, 15, 17), lab(76, 4, 6)], /^Light is chalky: 7 of chroma/],
    ['uneven', [lab(20, 12, 12), lab(52, 15, 17), lab(68, 14, 18)], /^Steps are uneven: gaps from/],
    [
      'stranded lights',
      [lab(12, 7, 6), lab(34, 14, 15), lab(60, 14, 16)],
      /^Lights take 50% of dark skin/,
      [0.2, 0.3, 0.5],
    ],
  ]
  it.each(cases)('%s is said with its number, and has a mend', (key, labs, says, shares) => {
    const found = ladder(labs, shares).find(({ fault }) => fault.key === key)!
    expect(faultWords(found.fault)).toMatch(says)
    expect(mendWords[found.fault.key]).not.toBe('')
    expect(Object.keys(found.change)).toHaveLength(
      key === 'chalky' ? 3 : key === 'green shade' || key === 'saturated lights' ? 2 : 1,
    )
  })
})

describe('ways of mixing', () => {
  it('each says what the painter has to know', () => {
    expect(mixingWords({ way: 'matched', opened: 4, mean: 0.81, all: true }, nameOf)).toBe(
      '4 bottles, off by 0.8 on average; no other choice of so many does better.',
    )
    expect(mixingWords({ way: 'matched', opened: 4, mean: 1, all: false }, nameOf)).toContain(
      'the 24 that are used most',
    )
    expect(mixingWords({ way: 'run', shade: 'a', light: 'b', uneven: 0.123 }, nameOf)).toBe(
      '<a> toward shade, <b> toward light; gaps uneven by at most 12%, no run of whole drops does better.',
    )
    expect(mixingWords({ way: 'run', light: 'b', uneven: 0 }, nameOf)).toMatch(/^<b> toward light;/)
    expect(mixingWords({ way: 'bought', wide: [] }, nameOf)).toContain('no gap is too wide')
    const wide = [{ from: 'a', to: 'b', gap: 12.4 }]
    expect(mixingWords({ way: 'bought', wide }, nameOf)).toBe(
      'A bottle is missing between <a> and <b> (12 apart).',
    )
  })

  it('every alternative says what speaks for it', () => {
    const target = { L: 55, a: 15, b: 18 }
    const paints = starterPaints.filter((_, i) => [0, 2, 5, 10, 11, 14, 18, 24].includes(i))
    const found = exhaustiveRecipes({ target, paints, maxPaints: 3, maxDrops: 10, limit: 300 })
    const list = alternatives(found, undefined, {
      preference: 'opaque',
      stock: new Map(),
    })
    const closest = list.find(({ kind }) => kind === 'closest')!
    const words = list.map((one) => alternativeWords(one, closest))
    expect(new Set(words).size).toBe(words.length)
    expect(words).toContain('Closest')
    expect(words.length).toBeGreaterThan(2)
    for (const text of words) expect(text[0]).toBe(text[0]!.toUpperCase())
    expect(alternativeWords({ ...closest, kind: 'shared' }, closest)).toMatch(
      /^Fewest bottles anew/,
    )
    expect(alternativeWords({ ...closest, kind: 'lamp', underLamp: 1.25 }, closest)).toContain(
      '1.3',
    )
  })
})

it('how strong a bottle reads is said as hands pour it', () => {
  expect(readsWords('ochre', 0.8)).toBe('ochre reads a fifth weaker')
  expect(readsWords('ochre', 1.5)).toBe('ochre reads half stronger')
  expect(readsWords('ochre', 2.44)).toBe('ochre reads 2.4 times as strong')
  expect(readsWords('ochre', 1.05)).toBe('ochre reads as told')
})
