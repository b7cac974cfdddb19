import { coatKindKeys, reliefs } from '../project/coat'
import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { chromaOf } from '../colour/lch'
import { coated, groundOf, measuredOf } from '../paint/film'
import { mixPaints } from '../paint/mix'
import { starterPaints } from '../paint/starter'
import { dryFilmUm } from './dryFilm'
import { EVERYWHERE, lightPlaces, reliefPlaces } from '../project/place'
import { asSeen, filmOn, finishOf, stackLayers } from './stack'
import type { Stack, StackCoat } from './stack'
import { of, seen, coatOf, upTo, flat, end, pale, dark } from '../../tests/fixtures/coats'
import { many } from '../../tests/thorough'

describe('stacks', () => {
  it('equal the film equation composed by hand, for random stacks, in the order shown', () => {
    for (let n = 0; n < many(60, 25); n++) {
      const coats = Array.from({ length: 1 + upTo(5) }, () =>
        coatOf(
          coatKindKeys[upTo(coatKindKeys.length)]!,
          [
            [starterPaints[upTo(36)]!.id, 1 + upTo(4)],
            [starterPaints[upTo(36)]!.id, 1 + upTo(4)],
          ],
          {
            thinner: upTo(12),
            passes: 1 + upTo(3),
            place: [{ light: [lightPlaces[upTo(5)]!] }, { relief: [reliefPlaces[upTo(5)]!] }],
          },
        ),
      )
      const stack = flat(seen([starterPaints[upTo(36)]!.id, 1]), coats)
      for (const where of lightPlaces)
        for (const relief of reliefPlaces) {
          const layers = stackLayers(stack, where)[relief]
          let by = groundOf((stack.under as { reflectance: Float64Array }).reflectance)
          coats.forEach((coat, i) => {
            const thicknessUm = dryFilmUm(coat, filmOn[relief])
            const [first, second] = coat.place
            if (first!.light![0] === where || second!.relief![0] === relief)
              by = coated(by, mixPaints(coat.parts), thicknessUm)
            const seenOfIt = measuredOf(by)
            layers[i + 1]!.forEach((r, band) =>
              expect(Math.abs(r - seenOfIt[band]!)).toBeLessThan(1e-6),
            )
          })
        }
    }
    const [one, other] = [
      coatOf('glaze', [['quinacridone-magenta', 1]]),
      coatOf('layer', [['titanium-white', 1]]),
    ]
    expect(
      deltaE00(labOf(end(flat(dark, [one, other]))), labOf(end(flat(dark, [other, one])))),
    ).toBeGreaterThan(3)
    expect(() => dryFilmUm({ kind: 'layer', thinner: 1, passes: 0 }, 'flat')).toThrow('0 passes')
  })

  it('a sketch is darkest in recesses and lightest where light falls', () => {
    const stack: Stack = {
      under: {
        kind: 'sketch',
        dark: seen(['carbon-black', 1]),
        light: seen(['titanium-white', 1]),
        strength: 0.9,
        elevation: 60,
      },
      coats: [],
    }
    const L = (where: (typeof lightPlaces)[number], relief: 'recess' | 'flat' | 'ridge') =>
      labOf(end(stack, where, relief)).L
    expect(L('light', 'recess')).toBeLessThan(L('light', 'flat') - 10)
    expect(L('shadow', 'flat')).toBeLessThan(L('middle', 'flat'))
    expect(L('middle', 'flat')).toBeLessThan(L('light', 'flat'))
  })
})

describe('thinner, sides and finish', () => {
  const wash = coatOf('wash', [['burnt-umber', 1]], { thinner: 4 })
  it('medium holds a wash where it is put, by half; a hand of one’s own is taken as given', () => {
    const held: StackCoat = { ...wash, thinnedWith: 'medium' }
    for (const relief of reliefs)
      expect(dryFilmUm(held, relief)).toBeCloseTo(
        (dryFilmUm(wash, relief) + dryFilmUm({ ...wash, kind: 'layer' }, 'flat')) / 2,
        9,
      )
    const own: StackCoat = { ...wash, on: { recess: 3, flat: 0.1, ridge: 0 } }
    expect(dryFilmUm(own, 'recess') / dryFilmUm(own, 'flat')).toBeCloseTo(30, 9)
    expect(dryFilmUm(own, 'ridge')).toBe(0)
  })

  it('a coat kept to a side or a place of life is laid there and nowhere else', () => {
    const stack = flat(pale, [
      { ...wash, place: [{ side: 'left' }] },
      { ...wash, place: [{ zones: ['lower-lip'] }] },
    ])
    const after = (spot: object) => stackLayers(stack, { light: 'middle', ...spot }).flat
    expect(after({})[2]).toEqual(pale)
    expect(labOf(after({ side: 'left' })[1]!).L).toBeLessThan(labOf(pale).L - 1)
    expect(after({ side: 'right' })[1]).toEqual(pale)
    expect(after({ zone: 'lower-lip' })[1]).toEqual(pale)
    expect(after({ zone: 'lower-lip' })[2]).not.toEqual(pale)
    expect(after({ zone: 'nose' })[2]).toEqual(pale)
  })

  it('a coat for one side’s shadow changes nothing on the other side, nor in its light', () => {
    const stack = flat(pale, [
      { ...wash, place: [{ side: 'left', light: ['deep-shadow', 'shadow'] }] },
    ])
    for (const side of ['left', 'right'] as const)
      for (const light of lightPlaces) {
        const layers = stackLayers(stack, { light, side })
        for (const relief of reliefPlaces) {
          const laid = side === 'left' && light.includes('shadow')
          if (laid) expect(layers[relief].at(-1)).not.toEqual(pale)
          else expect(layers[relief].at(-1), `${side} ${light} ${relief}`).toEqual(pale)
        }
      }
  })

  it('shines as its last varnish unless paint lies over it; matt greys, wet deepens', () => {
    const gloss = { ...wash, kind: 'varnish' as const, finish: 'gloss' as const }
    expect(finishOf([wash, gloss])).toBe('gloss')
    expect(finishOf([gloss, wash])).toBe('matt')
    expect(finishOf([{ ...wash, thinnedWith: 'medium' }])).toBe('satin')
    expect(finishOf([])).toBe('matt')
    const [matt, satin, glossy] = (['matt', 'satin', 'gloss'] as const).map((finish) =>
      labOf(asSeen(dark, finish, 'dry')),
    )
    expect(matt!.L).toBeGreaterThan(satin!.L)
    expect(satin!.L).toBeGreaterThan(glossy!.L)
    expect(chromaOf(matt!)).toBeLessThan(chromaOf(glossy!))
    expect(asSeen(dark, 'matt', 'measured')).toBe(dark)
    // Wet, a matt coat looks as deep as under gloss, but for the milk of the binder.
    const wet = labOf(asSeen(dark, 'matt', 'wet'))
    expect(wet.L).toBeLessThan(matt!.L - 1)
    expect(deltaE00(wet, glossy!)).toBeLessThan(1)
  })
})

describe('facts of the trade (common practice, no source)', () => {
  const shift = (coat: StackCoat, over: Float64Array) =>
    deltaE00(labOf(over), labOf(end(flat(over, [coat]))))
  const orange: [string, number][] = [
    ['arylide-yellow', 2],
    ['pyrrole-red', 1],
  ]

  it('T21: flesh on the lips of a green hide is tied in by a thin wash, and stays flesh', () => {
    const hide = seen(['chromium-oxide-green', 4], ['arylide-yellow', 2], ['titanium-white', 2])
    const flesh = coatOf(
      'layer',
      [
        ['titanium-white', 4],
        ['quinacridone-magenta', 1],
        ['yellow-ochre', 1],
      ],
      { place: [{ zones: ['lower-lip'] }], passes: 2 },
    )
    const over = coatOf('wash', [['chromium-oxide-green', 1]], { thinner: 6 })
    const spots = [{}, { zone: 'lower-lip' }].map((spot) =>
      stackLayers(flat(hide, [flesh, over]), { light: 'middle', ...spot }).flat.map((r) =>
        labOf(r),
      ),
    )
    const [skin, lip] = spots as [(typeof spots)[0], (typeof spots)[0]]
    expect(deltaE00(lip[2]!, skin[2]!)).toBeLessThan(deltaE00(lip[1]!, skin[1]!) - 1)
    expect(lip[2]!.a).toBeGreaterThan(skin[2]!.a + 8)
  })

  it('T9: two translucent coats are darker and more chromatic than one', () => {
    const white = seen(['titanium-white', 1])
    const coat = (passes: number) =>
      coatOf(
        'translucent',
        [
          ['red-iron-oxide', 1],
          ['yellow-ochre', 2],
        ],
        { thinner: 4, passes },
      )
    const [one, two] = [1, 2].map((passes) => labOf(end(flat(white, [coat(passes)]))))
    expect(two!.L).toBeLessThan(one!.L - 2)
    expect(chromaOf(two!)).toBeGreaterThan(chromaOf(one!) + 2)
  })

  it('T10, T14: an orange filter of ordinary pigment load at 6:1 moves dark flesh by 2–6 and pale flesh a third as much again; 1:1 more than twice', () => {
    const filter = (thinner: number): StackCoat => ({
      kind: 'glaze',
      thinner,
      passes: 1,
      place: EVERYWHERE,
      parts: orange.map(([id, drops]) => ({ paint: of(id), drops })),
    })
    const middleDark = seen(['burnt-umber', 4], ['red-iron-oxide', 2], ['titanium-white', 2])
    expect(shift(filter(6), middleDark)).toBeGreaterThan(1.3)
    expect(shift(filter(6), middleDark)).toBeLessThan(6)
    expect(shift(filter(6), pale)).toBeGreaterThan(1.3 * shift(filter(6), middleDark))
    expect(shift(filter(1), middleDark)).toBeGreaterThan(2 * shift(filter(6), middleDark))
    const violet = (thinner: number) => coatOf('glaze', [['dioxazine-violet', 1]], { thinner })
    expect(shift(violet(7), dark)).toBeGreaterThan(1.15 * shift(violet(11), dark))
  })

  it('T11, T12, T13, T26: washes darken, black dulls, passes cover, a wash lies in the recess and a glaze where it is put', () => {
    const wash = coatOf('wash', [['burnt-umber', 1]], { thinner: 4 })
    for (const relief of reliefs)
      expect(labOf(end(flat(pale, [wash]), 'middle', relief)).L).toBeLessThan(labOf(pale).L)
    const coat = coatOf('translucent', [['pyrrole-red', 1]], { thinner: 2 })
    expect(chromaOf(labOf(end(flat(seen(['titanium-white', 1]), [coat]))))).toBeGreaterThan(
      chromaOf(labOf(end(flat(seen(['carbon-black', 1]), [coat])))) + 15,
    )
    const left = (passes: number) =>
      deltaE00(
        labOf(
          end(
            flat(dark, [
              coatOf(
                'layer',
                [
                  ['titanium-white', 3],
                  ['yellow-ochre', 1],
                ],
                { thinner: 3, passes },
              ),
            ]),
          ),
        ),
        labOf(seen(['titanium-white', 3], ['yellow-ochre', 1])),
      )
    expect(left(4)).toBeLessThan(left(2))
    expect(left(2)).toBeLessThan(left(1))
    const on = (kind: StackCoat['kind']) =>
      reliefs.map((relief) => dryFilmUm(coatOf(kind, [['burnt-umber', 1]]), relief))
    const [recess, middle, ridge] = on('wash')
    expect(recess!).toBeGreaterThan(4 * middle!)
    expect(middle!).toBeGreaterThan(2 * ridge!)
    expect(new Set(on('glaze')).size).toBe(1)
  })
})
