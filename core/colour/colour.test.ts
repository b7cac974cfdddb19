import { describe, expect, it } from 'vitest'
import { deltaE00 } from './deltaE00'
import { displayColour, hexOfLab } from './display'
import { labOf, labOfXyz, xyzOfLab } from './lab'
import { labOfLch, lchOf } from './lch'
import { labOfHex } from './parseHex'
import { smoothestReflectance } from './smoothest'
import { flatSpectrum, spectrumOf } from './spectrum'
import { weightsOf } from './weights'
import { illuminants, whitePoint } from './white'

describe('colours', () => {
  it('a perfect white is L* 100 and neutral under every light and observer', () => {
    for (const illuminant of illuminants)
      for (const observer of [2, 10] as const) {
        const { L, a, b } = labOf(flatSpectrum(1), { illuminant, observer })
        expect(L).toBeCloseTo(100, 9)
        expect(Math.hypot(a, b)).toBeLessThan(1e-9)
      }
  })

  it('Lab, LCh and hex go there and back, dark colours too', () => {
    const white = whitePoint()
    for (const lab of [
      { L: 5, a: 3, b: -4 },
      { L: 60, a: -40, b: 30 },
      { L: 0, a: 0, b: 0 },
    ]) {
      const back = labOfXyz(xyzOfLab(lab, white), white)
      expect(deltaE00(back, lab)).toBeLessThan(1e-9)
      expect(deltaE00(labOfLch(lchOf(lab)), lab)).toBeLessThan(1e-9)
    }
    for (const hex of ['#b87a5e', '#000000', '#ffffff', '#0a64ff'])
      expect(hexOfLab(labOfHex(hex))).toBe(hex)
    expect(hexOfLab(labOfHex('fa3'))).toBe('#ffaa33')
  })

  it('marks what the screen cannot show, and P3 shows more than sRGB', () => {
    const vivid = { L: 60, a: 78, b: 60 }
    expect(displayColour(vivid).inGamut).toBe(false)
    expect(displayColour(vivid, 'display-p3').inGamut).toBe(true)
    expect(displayColour({ L: 50, a: 5, b: 5 }).inGamut).toBe(true)
  })

  it('refuses to compare colours of different white points', () => {
    const under = (illuminant: 'A' | 'D65') => labOf(flatSpectrum(0.4), { illuminant })
    expect(() => deltaE00(under('A'), under('D65'))).toThrow('under A/2 and D65/2')
    expect(deltaE00(under('A'), { L: 50, a: 0, b: 0 })).toBeGreaterThan(0)
  })

  it('names bad input', () => {
    expect(() => labOf(new Float64Array(31))).toThrow('31 values; 36 are needed')
    expect(() => labOf(spectrumOf((nm) => (nm === 500 ? NaN : 0.5)))).toThrow('NaN at 500 nm')
    expect(() => labOfHex('#12345')).toThrow('six digits')
    expect(() => weightsOf('D75' as 'D65')).toThrow('illuminant D75 is unknown')
    expect(() => smoothestReflectance({ L: 50, a: 120, b: -120 })).toThrow('no surface has')
  })
})
