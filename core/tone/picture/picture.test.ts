import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../../colour/deltaE00'
import { encode, linearRgbOfXyz } from '../../colour/display'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { flatSpectrum } from '../../colour/spectrum'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import type { XYZ } from '../../colour/white'
import { blackbody } from '../../ladder/light/keyLight'
import { plainLighting } from '../../project/lighting'
import { ladderTargets } from '../../ladder/targets'
import { fitSkin, fitTone } from '../fitTone'
import { skinReflectance } from '../skin'
import { identifyPicture } from './identify'
import { assumedDaylight, fromNeutral, xyzAround } from './neutral'
import type { Picture } from './picture'
import { pictureTones } from './pictureTones'
import { seeded } from '../../numbers/seeded'

const skin = { melanin: 0.05, blood: 0.022, oxygenation: 0.75 }
const steps = ladderTargets(skinReflectance(skin), {
  ...plainLighting,
  steps: 5,
  sheen: 0.1,
  warmth: 0,
  contrast: 0.75,
})

/** Noise that is the same every time. */
const random = seeded(7)
const noise = (): number => random() - 0.5

/** What a camera that was balanced for D65 records of a surface under a blackbody of `kelvin`. */
function recorder(kelvin: number): (surface: Spectrum) => [number, number, number] {
  const { x, y, z } = weightsOf()
  const light = blackbody(kelvin).map((v, i) => v / blackbody(6500)[i]!)
  return (surface) => {
    const xyz: XYZ = [0, 0, 0]
    surface.forEach((r, i) => {
      xyz[0] += x[i]! * r * light[i]!
      xyz[1] += y[i]! * r * light[i]!
      xyz[2] += z[i]! * r * light[i]!
    })
    return linearRgbOfXyz(xyz).map((v) =>
      Math.min(255, Math.max(0, 255 * encode(v * 0.8) + 3 * noise())),
    ) as [number, number, number]
  }
}

/** Bands of the ladder, a grey card, specks of glint and strands of hair. */
function photograph(kelvin: number): Picture {
  const [width, height] = [120, 80]
  const record = recorder(kelvin)
  const pixels = new Uint8ClampedArray(4 * width * height)
  const hair = flatSpectrum(0.03)
  for (let yy = 0; yy < height; yy++)
    for (let xx = 0; xx < width; xx++) {
      const strand = xx % 23 === 0
      const glint = (xx * 31 + yy * 17) % 211 === 0
      const surface =
        yy < 12
          ? flatSpectrum(0.5)
          : strand
            ? hair
            : steps[Math.floor(xx / (width / 5))]!.reflectance
      const rgb = glint ? [255, 255, 255] : record(surface)
      pixels.set([...rgb, 255], 4 * (yy * width + xx))
    }
  return { width, height, pixels }
}

describe('tones from a picture', () => {
  it('a ladder photographed under warm light comes back within 3 ΔE00 after a click on the grey', () => {
    const picture = photograph(4300)
    const mask = Uint8Array.from(picture.pixels.subarray(0, 9600), (_, i) =>
      i >= 14 * 120 ? 1 : 0,
    )
    const correct = fromNeutral(xyzAround(picture, 60, 6))
    const tones = pictureTones(picture, { mask, count: 5, correct })
    // The camera's exposure of 0.8 is not known to anyone, so it is known to the test alone.
    const expected = steps.map(({ reflectance }) => labOf(reflectance.map((r) => r * 0.8)))
    tones.forEach(({ lab, share }, i) => {
      expect(deltaE00(lab, expected[i]!)).toBeLessThan(3)
      expect(share).toBeGreaterThan(0.1)
    })
    const uncorrected = pictureTones(picture, { mask, count: 5, correct: assumedDaylight })
    expect(deltaE00(uncorrected[2]!.lab, expected[2]!)).toBeGreaterThan(6)
  })

  it('the same picture gives the same tones, and too little of it is refused', () => {
    const picture = photograph(6500)
    const options = { count: 4, correct: assumedDaylight }
    expect(pictureTones(picture, options)).toEqual(pictureTones(picture, options))
    expect(() => pictureTones(picture, { ...options, mask: new Uint8Array(9600) })).toThrow(
      'only 0 usable pixels',
    )
    expect(() => pictureTones(picture, { ...options, count: 9 })).toThrow('allowed is 3 to 7')
    expect(() => fromNeutral([0.1, 0.1, 0.1])).toThrow('too dark')
  })
})

describe('what explains the tones', () => {
  const lit = (gain: number): Lab => labOf(skinReflectance(skin).map((r) => r * gain))

  it('finds the skin again from its tones in more and less light', () => {
    const found = fitSkin([lit(0.4), lit(1), lit(1.4)])
    expect(found.off).toBeLessThan(0.6)
    expect(Math.abs(Math.log(found.skin.melanin / skin.melanin))).toBeLessThan(0.3)
    expect(() => fitSkin([])).toThrow('no tone')
  })

  it('calls a green a hide and says how far a skin would be off', () => {
    const green: Lab = { L: 48, a: -22, b: 20 }
    const { tone, off, skinOff } = fitTone([green])
    expect(tone.kind).toBe('hide')
    expect(off).toBeLessThan(0.1)
    expect(skinOff).toBeGreaterThan(10)
  })
})

describe('picture files', () => {
  const bytes = (...values: (number | string)[]): Uint8Array =>
    Uint8Array.from(
      values.flatMap((v) => (typeof v === 'string' ? [...v].map((c) => c.charCodeAt(0)) : [v])),
    )
  const png = (width: number, height: number): Uint8Array => {
    const head = bytes(0x89, 'PNG\r\n', 0x1a, '\n', 0, 0, 0, 13, 'IHDR', 0, 0, 0, 0, 0, 0, 0, 0)
    new DataView(head.buffer).setUint32(16, width)
    new DataView(head.buffer).setUint32(20, height)
    return head
  }

  it('tells kind and size of JPEG, PNG and WebP without decoding', () => {
    expect(identifyPicture(png(640, 480))).toEqual({ kind: 'PNG', width: 640, height: 480 })
    const jpeg = bytes(
      0xff,
      0xd8,
      0xff,
      0xe0,
      0,
      4,
      0,
      0,
      0xff,
      0xc2,
      0,
      17,
      8,
      1,
      0x2c,
      1,
      0x90,
      3,
      0,
      0,
    )
    expect(identifyPicture(jpeg)).toEqual({ kind: 'JPEG', width: 400, height: 300 })
    // ISO base media file format: ftyp, then the extents in the properties of its item.
    const avif = bytes(0, 0, 0, 16, 'ftypavif', 0, 0, 0, 0, 0, 0, 0, 20, 'ispe', 0, 0, 0, 0)
    const size = bytes(0, 0, 2, 128, 0, 0, 1, 224)
    const whole = new Uint8Array([...avif, ...size])
    expect(identifyPicture(whole)).toEqual({ kind: 'AVIF', width: 640, height: 480 })
    const webp = bytes(
      'RIFF',
      0,
      0,
      0,
      0,
      'WEBPVP8X',
      10,
      0,
      0,
      0,
      0,
      0,
      0,
      0,
      0x8f,
      1,
      0,
      0x2b,
      1,
      0,
    )
    expect(identifyPicture(webp)).toEqual({ kind: 'WebP', width: 400, height: 300 })
  })

  it('says what is wrong with a text file named .png, a broken one and one too large', () => {
    expect(() => identifyPicture(bytes('hello there'))).toThrow('this is no picture')
    expect(() => identifyPicture(new Uint8Array())).toThrow('the file is empty')
    expect(() => identifyPicture(png(100, 100).slice(0, 14))).toThrow('this PNG is damaged')
    expect(() => identifyPicture(png(9000, 9000))).toThrow('81 megapixels; up to 64')
  })
})
