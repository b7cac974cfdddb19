import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { chromaOf, hueOf } from '../colour/lch'
import { wavelengthsNm } from '../colour/spectrum'
import { starterPaints } from '../paint/starter'
import { hideReflectance } from './hide'
import { setApart, apartFrom, APART_DELTA } from './setApart'
import { skinReflectance } from './skin'
import type { Skin } from './skin'
import { hidePlaces, skinPlaces } from './startingPlaces'
import { stateNames } from './states'
import { baseReflectance, toneLab, zonesOf } from './tone'
import { typologyAngle, typologyClasses, typologyOf } from './typology'
import { placeOnAxis, valueOnAxis } from './field/axes'
import { mixGamut, reachableChroma, reaches } from './field/gamut'
import { hideField } from './field/hideField'
import { skinField } from './field/skinField'
import { displayColour } from '../colour/display'

const skin = (change: Partial<Skin> = {}): Skin => ({
  melanin: 0.04,
  blood: 0.02,
  oxygenation: 0.75,
  ...change,
})
const lab = (change: Partial<Skin> = {}) => labOf(skinReflectance(skin(change)))
const melanins = Array.from({ length: 25 }, (_, i) => valueOnAxis('melanin', i / 24))
const falls = (values: number[]): boolean => values.every((v, i) => i === 0 || v < values[i - 1]!)

describe('skin', () => {
  it('more melanin is darker and lower in typology angle, through the published classes in order', () => {
    const labs = melanins.map((melanin) => lab({ melanin, blood: 0.01 }))
    expect(falls(labs.map(({ L }) => L))).toBe(true)
    expect(falls(labs.map(typologyAngle))).toBe(true)
    const names = [...new Set(labs.map(typologyOf))]
    expect(names).toEqual(typologyClasses.map(({ name }) => name))
    // Limits of Chardon et al. 1991.
    expect(typologyOf({ L: 50 + 10 * Math.tan(0.9599 + 0.01), a: 10, b: 10 })).toBe('very light')
    expect(typologyOf({ L: 50 + 10 * Math.tan(0.9599 - 0.01), a: 10, b: 10 })).toBe('light')
    expect(typologyOf({ L: 44, a: 10, b: 10 })).toBe('deep')
  })

  it('more blood is redder, and less so on dark skin', () => {
    const gain = (melanin: number): number => {
      const run = [0.004, 0.008, 0.016, 0.032, 0.064].map((blood) => lab({ melanin, blood }).a)
      expect(falls(run.map((a) => -a))).toBe(true)
      return run.at(-1)! - run[0]!
    }
    expect(gain(0.008)).toBeGreaterThan(1.6 * gain(0.3))
  })

  it('oxygenated blood dips at 542 and 577 nm, deoxygenated only between them', () => {
    const at = (oxygenation: number) => {
      const curve = skinReflectance(skin({ melanin: 0.01, blood: 0.03, oxygenation }))
      return (nm: number) => curve[wavelengthsNm.indexOf(nm)]!
    }
    const rich = at(0.98)
    expect(rich(540)).toBeLessThan(rich(520))
    expect(rich(540)).toBeLessThan(rich(560))
    expect(rich(580)).toBeLessThan(rich(560))
    const poor = at(0)
    expect(poor(560)).toBeLessThan(poor(540))
    expect(poor(560)).toBeLessThan(poor(580))
  })

  it('falls within measured populations (Xiao et al. 2017, doi:10.1111/srt.12323; ranges recalled)', () => {
    const within = (name: string, L: number[], a: number[], b: number[]): void => {
      const seen = labOf(skinReflectance(skinPlaces.find((one) => one.name === name)!.tone))
      for (const [value, [least, most]] of [
        [seen.L, L],
        [seen.a, a],
        [seen.b, b],
      ] as [number, [number, number]][]) {
        expect(value).toBeGreaterThan(least)
        expect(value).toBeLessThan(most)
      }
    }
    within('fair, rosy', [60, 73], [5, 14], [8, 20])
    within('tan', [50, 63], [7, 15], [12, 23])
    within('very deep', [30, 45], [7, 14], [10, 21])
  })

  it('starting places run evenly from light to dark', () => {
    const Ls = skinPlaces.map(({ tone }) => labOf(skinReflectance(tone)).L)
    const steps = Ls.slice(1).map((L, i) => Ls[i]! - L)
    const mean = (Ls[0]! - Ls.at(-1)!) / steps.length
    for (const step of steps) {
      expect(step).toBeGreaterThan(mean * 0.2)
      expect(step).toBeLessThan(mean * 1.5)
    }
    expect(
      Math.max(...hidePlaces.map(({ tone }) => labOf(hideReflectance(tone)).L)),
    ).toBeGreaterThan(70)
  })
})

describe('states and places of life', () => {
  const complexions = skinPlaces.map(({ tone }) => tone)

  it('blood out and oxygen down looks dead on any complexion: less chroma, hue toward green', () => {
    for (const one of complexions) {
      const alive = toneLab({ kind: 'skin', ...one })
      const dead = toneLab({ kind: 'skin', ...one, state: 'dead' })
      expect(chromaOf(dead)).toBeLessThan(chromaOf(alive))
      expect(hueOf(dead)).toBeGreaterThan(hueOf(alive) + 10)
      expect(dead.a).toBeLessThan(alive.a - 4)
    }
  })

  it('every state works at every strength on every complexion, and strength 0 changes nothing', () => {
    for (const one of complexions)
      for (const state of stateNames) {
        const tone = { kind: 'skin', ...one, state } as const
        expect(
          deltaE00(toneLab({ ...tone, strength: 0 }), toneLab({ kind: 'skin', ...one })),
        ).toBeLessThan(1e-9)
        expect(deltaE00(toneLab(tone), toneLab({ kind: 'skin', ...one }))).toBeGreaterThan(1)
      }
  })

  it('lips, palms, veins and stubble differ as on life: redder, lighter on dark skin, cooler, greyer', () => {
    for (const melanin of [0.008, 0.05, 0.3]) {
      const base = lab({ melanin })
      const zones = zonesOf({ kind: 'skin', ...skin({ melanin }) })
      const of = (key: string) => labOf(zones.find((zone) => zone.key === key)!.reflectance)
      expect(of('lower-lip').a).toBeGreaterThan(base.a + 3)
      expect(of('nose').a).toBeGreaterThan(of('forehead').a)
      expect(of('upper-lip').L).toBeLessThan(of('lower-lip').L)
      expect(of('stubble').b).toBeLessThan(base.b - 1)
      expect(chromaOf(of('stubble'))).toBeLessThan(chromaOf(of('jaw')))
      expect(of('stubble').b).toBeGreaterThan(0)
      expect(of('vein').b).toBeLessThan(base.b)
      expect(of('vein').a).toBeLessThan(of('nose').a)
    }
    const palmOver = (melanin: number) =>
      labOf(
        zonesOf({ kind: 'skin', ...skin({ melanin }) }).find(({ key }) => key === 'palm')!
          .reflectance,
      ).L - lab({ melanin }).L
    expect(palmOver(0.3)).toBeGreaterThan(12)
    expect(palmOver(0.008)).toBeLessThan(3)
  })

  it('T5 deep skin is more saturated for its lightness and redder than yellow; refuses what cannot be', () => {
    const deep = lab({ melanin: 0.3 })
    const pale = lab({ melanin: 0.006 })
    expect(chromaOf(deep) / deep.L).toBeGreaterThan(chromaOf(pale) / pale.L)
    expect(hueOf(deep)).toBeLessThan(75)
    expect(() => lab({ melanin: 2 })).toThrow('melanin is 2; allowed is 0.003 to 0.45')
    expect(() => hideReflectance({ lab: { L: 50, a: 0, b: 0 }, bile: 3 })).toThrow('bile is 3')
  })
})

describe('hides', () => {
  it('blood reddens, bile greens, pallor lightens, and lips tie flesh in (T21)', () => {
    const base = { lab: { L: 48, a: -20, b: 8 } }
    const plain = labOf(hideReflectance(base))
    expect(labOf(hideReflectance({ ...base, blood: 0.5 })).a).toBeGreaterThan(plain.a + 3)
    expect(labOf(hideReflectance({ ...base, bile: 0.8 })).b).toBeGreaterThan(plain.b)
    expect(labOf(hideReflectance({ ...base, pallor: 0.8 })).L).toBeGreaterThan(plain.L + 5)
    const violet = labOf(hideReflectance({ ...base, blood: 0.5, bloodHue: 310 }))
    expect(violet.b).toBeLessThan(plain.b - 3)
    const zones = zonesOf({ kind: 'hide', ...base })
    const of = (key: string) => labOf(zones.find((zone) => zone.key === key)!.reflectance)
    expect(of('lip').a).toBeGreaterThan(of('flank').a + 3)
    expect(of('belly').L).toBeGreaterThan(of('flank').L)
    expect(of('back').L).toBeLessThan(of('flank').L)
  })

  it('T27 sets a hide apart from its like by moving no more than needed, within what is allowed', () => {
    const one = { L: 48, a: -20, b: -4 }
    const other = { L: 50, a: -19, b: 0 }
    const moved = setApart(one, [other])
    expect(apartFrom(moved, other).deltaE00).toBeGreaterThanOrEqual(APART_DELTA)
    expect(deltaE00(moved, one)).toBeLessThan(20)
    expect(setApart(one, [{ L: 80, a: 30, b: 30 }])).toBe(one)
    expect(setApart(one, [other], ({ L }) => L < 48).L).toBeLessThan(48)
    expect(setApart(one, [other], () => false)).toEqual(one)
  })
})

describe('fields', () => {
  it('the skin field is within 1/255 of the exact colour at every pixel that is looked at', () => {
    const [width, height] = [97, 71]
    for (const common of [
      { oxygenation: 0.9, carotene: 30 },
      { oxygenation: 0.2, state: 'ill', strength: 0.7 },
    ] as const) {
      const { pixels } = skinField(common, width, height)
      for (let y = 0; y < height; y += 7)
        for (let x = 0; x < width; x += 9) {
          const exact = displayColour(
            labOf(
              baseReflectance({
                kind: 'skin',
                ...common,
                melanin: valueOnAxis('melanin', y / (height - 1)),
                blood: valueOnAxis('blood', x / (width - 1)),
              }),
            ),
          ).rgb
          exact.forEach((v, c) =>
            expect(Math.abs(pixels[4 * (y * width + x) + c]! - v * 255)).toBeLessThanOrEqual(1),
          )
        }
    }
    expect(placeOnAxis('blood', valueOnAxis('blood', 0.37))).toBeCloseTo(0.37, 12)
    expect(() => skinField({ oxygenation: 0.7 }, 1.5, 20)).toThrow('allowed is 2 to 4096')
  })

  it('the gamut of a box holds its own mixes, grows with the box and hatches what it cannot reach', () => {
    const earths = starterPaints.filter(({ id }) =>
      ['titanium-white', 'yellow-ochre', 'red-iron-oxide', 'carbon-black'].includes(id),
    )
    const small = mixGamut(earths)!
    const large = mixGamut(starterPaints.slice(0, 24))!
    expect(reaches(small, { L: 65, a: 12, b: 16 })).toBe(true)
    expect(reaches(small, { L: 50, a: -20, b: -10 })).toBe(false)
    let bigger = 0
    for (let L = 20; L < 90; L += 10)
      for (let h = 0; h < 360; h += 30)
        if (reachableChroma(large, L, h) > reachableChroma(small, L, h) + 1) bigger++
    expect(bigger).toBeGreaterThan(20)
    expect(hideField(20, large, 40, 30).reached).toBeGreaterThan(
      hideField(20, small, 40, 30).reached,
    )
    expect(mixGamut(earths, () => false)).toBeUndefined()
  })
})
