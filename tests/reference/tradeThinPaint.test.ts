import { describe, expect, it } from 'vitest'
import {
  chromaOf,
  coatThicknessUm,
  contrastRatio,
  deltaE00,
  filledAs,
  filmReflectance,
  flatSpectrum,
  labOf,
  mixPaints,
  opaqueReflectance,
  smoothestReflectance,
  starterPaints,
  thin,
} from '../../core'
import type { Mixture, Spectrum } from '../../core'
import { mix, falls, rises, glazed, shift, paleSkin, darkSkin } from './tradeBottles'

/** Facts of the trade by number: common practice, no published source. */

describe('thin paint', () => {
  const orange = mix({ 'pyrrole-orange': 1 })

  it('T10 6:1 is a filter, 3:1 shows, 2:1 nearly covers; 7:1 of a strong violet is more than 11:1', () => {
    const onDark = [2, 3, 6].map((parts) => shift(darkSkin, glazed(orange, parts, darkSkin)))
    expect(falls(onDark)).toBe(true)
    expect(onDark[2]).toBeGreaterThan(1)
    expect(onDark[2]).toBeLessThan(6)
    const violet = mix({ 'dioxazine-violet': 1 })
    const strong = shift(darkSkin, glazed(violet, 7, darkSkin))
    const right = shift(darkSkin, glazed(violet, 11, darkSkin))
    expect(right).toBeLessThan(strong * 0.85)
  })

  it('T10 as differences, on hobby bottles: filter 2–4, violet 3–7 right and 8 too much, pink 2–5', () => {
    const ground = (L: number, a: number, b: number) => smoothestReflectance({ L, a, b })
    const [brownShadow, middleFlesh, lip] = [
      ground(32, 15, 15),
      ground(45, 15, 18),
      ground(50, 22, 14),
    ]
    const moves = (id: string, parts: number, over: Spectrum): number =>
      shift(over, glazed(mix({ [id]: 1 }), parts, over))
    const within = (value: number, least: number, most: number): void => {
      expect(value).toBeGreaterThan(least)
      expect(value).toBeLessThan(most)
    }
    within(moves('pyrrole-orange', 6, middleFlesh), 2, 4)
    for (const parts of [10, 11]) within(moves('dioxazine-violet', parts, brownShadow), 3, 7)
    expect(moves('dioxazine-violet', 7, brownShadow)).toBeGreaterThan(8)
    within(moves('quinacridone-magenta', 12, lip), 2, 5)
    // What painters buy as artists' acrylic is far too strong for it at the same thinning.
    const tube = filledAs(
      starterPaints.find(({ id }) => id === 'dioxazine-violet')!,
      'artists',
    )
    expect(shift(brownShadow, glazed(tube, 10, brownShadow))).toBeGreaterThan(12)
  })

  it('T9 translucent flesh: two coats read darker and richer than one, medium 1:4 paler than 1:2', () => {
    const flesh = filledAs(
      starterPaints.find(({ id }) => id === 'warm-flesh')!,
      'translucent',
    )
    const over = opaqueReflectance(mix({ 'titanium-white': 1 }))
    const coat = (parts: number, passes: number) => {
      const laid = (ground: Spectrum): Spectrum =>
        filmReflectance(flesh, { thicknessUm: coatThicknessUm(parts), over: ground })
      return labOf(passes === 1 ? laid(over) : laid(laid(over)))
    }
    expect(coat(2, 2).L).toBeLessThan(coat(2, 1).L - 1)
    expect(chromaOf(coat(2, 2))).toBeGreaterThan(chromaOf(coat(2, 1)) + 1)
    expect(coat(4, 1).L).toBeGreaterThan(coat(2, 1).L)
  })

  it('T11 a wash darkens everything under it', () => {
    const wash = mix({ 'burnt-umber': 1 })
    for (const under of [paleSkin, darkSkin, opaqueReflectance(mix({ 'yellow-ochre': 1 }))])
      expect(labOf(glazed(wash, 2, under)).L).toBeLessThan(labOf(under).L - 1)
  })

  it('T12 a coat over black is dark and dull, over white vivid', () => {
    for (const id of ['pyrrole-red', 'yellow-ochre', 'phthalo-green', 'quinacridone-magenta']) {
      const over = (ground: number) =>
        labOf(filmReflectance(mix({ [id]: 1 }), { thicknessUm: 8, over: flatSpectrum(ground) }))
      expect(over(0).L).toBeLessThan(over(0.85).L)
      expect(chromaOf(over(0))).toBeLessThan(chromaOf(over(0.85)))
    }
  })

  it('T13 the same thin mix passed two to four times covers more and nears its own colour', () => {
    const flesh = mix({ 'titanium-white': 9, 'yellow-ochre': 2, 'red-iron-oxide': 1 })
    const own = labOf(opaqueReflectance(flesh))
    const black = flatSpectrum(0.01)
    const off = [1, 2, 3, 4].map((passes) => deltaE00(labOf(glazed(flesh, 1, black, passes)), own))
    expect(falls(off)).toBe(true)
    expect(rises([1, 2, 3, 4].map((n) => contrastRatio(flesh, 5 * n)))).toBe(true)
  })

  it('T14 an orange glaze right on dark skin is too much on pale; a touch of blue puts it right', () => {
    const chromaGain = (paint: Mixture, skin: Spectrum) =>
      chromaOf(labOf(glazed(paint, 6, skin))) - chromaOf(labOf(skin))
    expect(chromaGain(orange, paleSkin)).toBeGreaterThan(1.5 * chromaGain(orange, darkSkin))
    const mended = mix({ 'pyrrole-orange': 1, ultramarine: 0.14 })
    expect(chromaGain(mended, paleSkin)).toBeLessThan(0.7 * chromaGain(orange, paleSkin))
  })

  it('T15 lighter mixes cover more per coat', () => {
    // More white in a translucent skin glaze: the share of the ground that still shows falls.
    const cover = [2, 6, 12, 24].map((white) =>
      contrastRatio(mix({ 'titanium-white': white, 'quinacridone-rose': 4, 'raw-sienna': 4 }), 10),
    )
    expect(rises(cover)).toBe(true)
  })

  it('T16 stubble: blue and flesh in equal parts with a spot of black cools and darkens the jaw', () => {
    const flesh = mix({ 'titanium-white': 9, 'yellow-ochre': 2, 'red-iron-oxide': 1 })
    const stubble = mixPaints([
      { paint: mix({ ultramarine: 1 }), drops: 1 },
      { paint: flesh, drops: 1 },
      { paint: mix({ 'carbon-black': 1 }), drops: 0.08 },
    ])
    const grey = labOf(opaqueReflectance(stubble))
    expect(chromaOf(grey)).toBeLessThan(20)
    expect(grey.b).toBeLessThan(-3)
    const jaw = labOf(glazed(thin(stubble, 1), 2, paleSkin))
    // Felt as a blue-grey shade, not painted on.
    expect(deltaE00(jaw, labOf(paleSkin))).toBeGreaterThan(1.5)
    expect(deltaE00(jaw, labOf(paleSkin))).toBeLessThan(12)
    expect(jaw.b).toBeLessThan(labOf(paleSkin).b - 1)
    expect(jaw.L).toBeLessThan(labOf(paleSkin).L)
  })
})
