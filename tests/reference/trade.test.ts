import { describe, expect, it } from 'vitest'
import {
  chromaOf,
  coatThicknessUm,
  contrastRatio,
  deltaE00,
  filledAs,
  filmReflectance,
  flatSpectrum,
  hueOf,
  labOf,
  mixPaints,
  opaqueReflectance,
  skinReflectance,
  smoothestReflectance,
  starterPaints,
  thin,
} from '../../core'
import type { Lab, Mixture, Spectrum } from '../../core'

/** Facts of the trade by number: common practice, no published source. */

type Drops = Record<string, number>
const mix = (drops: Drops): Mixture =>
  mixPaints(
    Object.entries(drops).map(([id, n]) => ({
      paint: starterPaints.find((p) => p.id === id)!,
      drops: n,
    })),
  )
const lab = (drops: Drops): Lab => labOf(opaqueReflectance(mix(drops)))
const hueApart = (one: Lab, other: Lab): number =>
  Math.abs(((hueOf(one) - hueOf(other) + 540) % 360) - 180)
const falls = (values: number[]): boolean => values.every((v, i) => i === 0 || v < values[i - 1]!)
const rises = (values: number[]): boolean => falls(values.map((v) => -v))
/** A glaze: parts of thinner to one of paint, wicked off the brush, over what is there. */
const glazed = (paint: Mixture, parts: number, over: Spectrum, passes = 1): Spectrum =>
  passes === 0
    ? over
    : glazed(
        paint,
        parts,
        filmReflectance(paint, { thicknessUm: coatThicknessUm(parts, true), over }),
        passes - 1,
      )
const shift = (before: Spectrum, after: Spectrum): number => deltaE00(labOf(before), labOf(after))

const paleSkin = skinReflectance({ melanin: 0.006, blood: 0.012, oxygenation: 0.75 })
const darkSkin = skinReflectance({ melanin: 0.3, blood: 0.02, oxygenation: 0.75 })

describe('mixing', () => {
  it('white 9 : ochre 2 : red oxide 1 is a light flesh', () => {
    const flesh = lab({ 'titanium-white': 9, 'yellow-ochre': 2, 'red-iron-oxide': 1 })
    expect(flesh.L).toBeGreaterThan(58)
    expect(flesh.L).toBeLessThan(72)
    expect(hueOf(flesh)).toBeGreaterThan(30)
    expect(hueOf(flesh)).toBeLessThan(60)
  })

  it('T1 yellow, red and dark blue make brown; a dark blue darkens more than a middle blue', () => {
    const brown = (blue: string) => lab({ 'arylide-yellow': 4, 'pyrrole-red': 2, [blue]: 1 })
    const dark = brown('ultramarine')
    expect(hueOf(dark)).toBeGreaterThan(20)
    expect(hueOf(dark)).toBeLessThan(90)
    expect(chromaOf(dark)).toBeLessThan(
      chromaOf(lab({ 'arylide-yellow': 4, 'pyrrole-red': 2 })) / 2,
    )
    expect(dark.L).toBeLessThan(brown('cobalt-blue').L)
  })

  it('T2 yellow, cyan-blue and magenta reach more vivid secondaries than yellow, warm red and dark blue', () => {
    // A mixed secondary is judged as painters use it, at its most vivid in whole drops and with white.
    const vivid = (one: string, other: string): number => {
      let most = 0
      for (let a = 1; a <= 8; a++)
        for (let b = 1; b <= 8; b++)
          for (const white of [0, 4, 12])
            most = Math.max(most, chromaOf(lab({ [one]: a, [other]: b, 'titanium-white': white })))
      return most
    }
    const set = (yellow: string, blue: string, red: string): number =>
      vivid(yellow, blue) + vivid(blue, red) + vivid(red, yellow)
    expect(set('arylide-yellow', 'phthalo-blue-green', 'quinacridone-magenta')).toBeGreaterThan(
      set('arylide-yellow', 'ultramarine', 'red-iron-oxide'),
    )
  })

  it('T3 red oxide and white alone climb in lightness and fall in chroma', () => {
    const run = [1, 2, 3, 4, 5].map((white) =>
      lab({ 'red-iron-oxide': 1, 'titanium-white': white }),
    )
    expect(rises(run.map(({ L }) => L))).toBe(true)
    expect(falls(run.map(chromaOf))).toBe(true)
  })

  it('T4 brown lightened with white is greyer than lightened as far with pale pink', () => {
    const brown = { 'burnt-umber': 4, 'red-iron-oxide': 1 }
    const withWhite = lab({ ...brown, 'titanium-white': 6 })
    const pink = (n: number) =>
      lab({ ...brown, 'titanium-white': n, 'pyrrole-red': n * 0.1, 'yellow-ochre': n * 0.2 })
    let drops = 6
    while (pink(drops).L < withWhite.L) drops += 0.05
    expect(Math.abs(pink(drops).L - withWhite.L)).toBeLessThan(0.2)
    expect(chromaOf(withWhite)).toBeLessThan(chromaOf(pink(drops)) - 2)
  })

  it('T5 dark skin leans redder and more saturated for its depth; leaning yellow it turns toward green', () => {
    const light = labOf(skinReflectance({ melanin: 0.01, blood: 0.01, oxygenation: 0.75 }))
    const dark = labOf(darkSkin)
    expect(chromaOf(dark) / dark.L).toBeGreaterThan(chromaOf(light) / light.L)
    const green = mix({ 'burnt-umber': 6, 'arylide-yellow': 9, 'carbon-black': 0.3 })
    const red = mix({ 'burnt-umber': 6, 'red-iron-oxide': 3, 'carbon-black': 0.3 })
    expect(hueOf(labOf(opaqueReflectance(green)))).toBeGreaterThan(
      hueOf(labOf(opaqueReflectance(red))) + 25,
    )
  })

  it('T6 pale green and pink neutralise each other; pale blue greys flesh, then turns it blue', () => {
    const pink = lab({ 'titanium-white': 12, 'pyrrole-red': 1 })
    const green = lab({ 'titanium-white': 12, 'phthalo-green': 4 })
    const dead = lab({ 'titanium-white': 24, 'pyrrole-red': 1, 'phthalo-green': 4 })
    expect(chromaOf(dead)).toBeLessThan(0.4 * Math.min(chromaOf(pink), chromaOf(green)))
    const flesh = { 'titanium-white': 9, 'yellow-ochre': 2, 'red-iron-oxide': 1 }
    const blued = [0, 0.8, 6].map((n) => lab({ ...flesh, 'cobalt-blue': n }))
    expect(chromaOf(blued[1]!)).toBeLessThan(chromaOf(blued[0]!) * 0.75)
    expect(blued[2]!.b).toBeLessThan(-5)
    const whiter = lab({ ...flesh, 'titanium-white': 15, 'cobalt-blue': 6 })
    expect(whiter.L).toBeGreaterThan(blued[2]!.L + 3)
  })

  it('T7 a drop run from base to light rises at every step; equal drops are not half-way', () => {
    const part = (base: number, light: number) =>
      lab({ 'burnt-umber': base, 'red-iron-oxide': base, 'titanium-white': 2 * light })
    const run = [
      [1, 0],
      [3, 1],
      [2, 1],
      [1, 1],
      [1, 2],
      [1, 3],
      [0, 1],
    ] as const
    const colours = run.map(([base, light]) => part(base, light))
    expect(rises(colours.map(({ L }) => L))).toBe(true)
    const [base, half, light] = [colours[0]!, colours[3]!, colours[6]!]
    expect(Math.abs(deltaE00(base, half) - deltaE00(half, light))).toBeGreaterThan(10)
  })
})

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

describe('hides', () => {
  const green = { 'chromium-oxide-green': 4, 'arylide-yellow': 2 }

  it('T22 blue-green shades a green hide and keeps it alive; dark blue shades violet; magenta over blue is violet', () => {
    const hide = lab(green)
    const blueGreen = lab({ ...green, 'phthalo-green': 6, 'phthalo-blue-green': 3 })
    const blackened = lab({ ...green, 'carbon-black': 0.25 })
    expect(blueGreen.L).toBeLessThan(hide.L - 8)
    expect(chromaOf(blueGreen) / blueGreen.L).toBeGreaterThan(chromaOf(blackened) / blackened.L)
    const violet = { 'dioxazine-violet': 4, 'titanium-white': 6 }
    const shaded = lab({ ...violet, 'indanthrone-blue': 5 })
    expect(shaded.L).toBeLessThan(lab(violet).L - 4)
    expect(hueApart(shaded, lab(violet))).toBeLessThan(45)
    const blue = opaqueReflectance(mix({ ultramarine: 1, 'titanium-white': 3 }))
    const rich = labOf(glazed(mix({ 'quinacridone-magenta': 1 }), 2, blue, 5))
    expect(hueOf(rich)).toBeGreaterThan(285)
    expect(hueOf(rich)).toBeLessThan(350)
    expect(rich.a).toBeGreaterThan(labOf(blue).a + 5)
  })

  it('T23 two parts green to one of yellow lights a green hide and stays natural', () => {
    const light = lab({ 'chromium-oxide-green': 2, 'arylide-yellow': 1 })
    const start = lab({ 'chromium-oxide-green': 1 })
    expect(light.L).toBeGreaterThan(start.L)
    expect(hueOf(light)).toBeGreaterThan(90)
    expect(hueOf(light)).toBeLessThan(hueOf(start))
    expect(chromaOf(light)).toBeLessThan(45)
  })
})
