import { describe, expect, it } from 'vitest'
import { chromaOf, deltaE00, hueOf, labOf, opaqueReflectance, skinReflectance } from '../../core'
import { mix, lab, hueApart, falls, rises, glazed, darkSkin } from './tradeBottles'

/** Facts of the trade by number: common practice, no published source. */

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

  it('T1 from the trio, too: yellow, magenta and a spot of dark blue is a brown; four magenta to one ultramarine a violet', () => {
    const brown = lab({ 'arylide-yellow': 4, 'quinacridone-magenta': 3, ultramarine: 1 })
    expect(brown.L).toBeLessThan(40)
    expect(hueOf(brown)).toBeGreaterThan(20)
    expect(hueOf(brown)).toBeLessThan(75)
    // Hue window of a violet from memory of such mixes: neither navy nor rose.
    const violet = lab({ 'quinacridone-magenta': 4, ultramarine: 1 })
    expect(hueOf(violet)).toBeGreaterThan(290)
    expect(hueOf(violet)).toBeLessThan(335)
    expect(chromaOf(violet)).toBeGreaterThan(10)
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
    const green = lab({ 'titanium-white': 12, 'phthalo-green': 1 })
    const dead = lab({ 'titanium-white': 24, 'pyrrole-red': 1, 'phthalo-green': 1 })
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
