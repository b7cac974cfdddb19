import { describe, expect, it } from 'vitest'
import { deltaE00 } from './deltaE00'
import { hexOfLab, linearRgbMatrix, linearRgbOfXyz, DISPLAY_WHITE } from './display'
import { adapt } from './bradford'
import { lchOf } from './lch'
import { nelderMead } from '../numbers/nelderMead'
import { parseColour } from './parseColour'
import { labOfHex } from './parseHex'
import { whitePoint } from './white'
import type { XYZ } from './white'

describe('a colour as a painter writes it', () => {
  it('is read as hex, as L* a* b* and as lightness, chroma, hue', () => {
    expect(parseColour('61 14 17')).toEqual({ L: 61, a: 14, b: 17, white: 'D65/2' })
    expect(parseColour('lab(61, 14, -17)')).toMatchObject({ a: 14, b: -17 })
    const polar = lchOf(parseColour('LCH 61 22 50°'))
    expect(polar.C).toBeCloseTo(22, 9)
    expect(polar.h).toBeCloseTo(50, 9)
    expect(parseColour('#b87a5e')).toEqual(labOfHex('#b87a5e'))
    expect(parseColour('b87a5e')).toEqual(labOfHex('#b87a5e'))
    expect(hexOfLab(parseColour('#b87a5e'))).toBe('#b87a5e')
  })

  it.each([
    ['', 'write a colour'],
    ['61 14', 'three numbers are needed'],
    ['61 14 17 3', 'three numbers are needed'],
    ['red 1 2', 'three numbers are needed'],
    ['61,5 14,2 17', 'decimal comma'],
    ['161 14 17', 'L* is 161; allowed is 0 to 100'],
    ['61 140 17', 'a* is 140'],
    ['lch 61 -4 10', 'chroma is -4'],
    ['#12', 'is not a hex colour'],
  ])('%j is refused: %s', (text, why) => {
    expect(() => parseColour(text)).toThrow(why)
  })
})

describe('prepared conversions', () => {
  it('the matrix for hot loops is the checked conversion', () => {
    const white = whitePoint()
    const m = linearRgbMatrix(white)
    for (const xyz of [
      [20, 18, 9],
      [55, 60, 70],
      [3, 2, 8],
    ] as XYZ[]) {
      const plain = linearRgbOfXyz(adapt(xyz, white, DISPLAY_WHITE))
      plain.forEach((v, r) =>
        expect(m[3 * r]! * xyz[0] + m[3 * r + 1]! * xyz[1] + m[3 * r + 2]! * xyz[2]).toBeCloseTo(
          v,
          9,
        ),
      )
    }
  })
})

describe('the simplex search', () => {
  it('finds the least of a bowl and of the curved valley of Rosenbrock 1960', () => {
    const bowl = nelderMead(([x, y]) => (x! - 3) ** 2 + 2 * (y! + 1) ** 2, [0, 0], [1, 1])
    expect(bowl.x[0]).toBeCloseTo(3, 3)
    expect(bowl.x[1]).toBeCloseTo(-1, 3)
    const valley = nelderMead(
      ([x, y]) => (1 - x!) ** 2 + 100 * (y! - x! ** 2) ** 2,
      [-1.2, 1],
      [0.5, 0.5],
      { most: 2000 },
    )
    expect(valley.value).toBeLessThan(1e-6)
  })

  it('is the same every time', () => {
    const aim = { L: 50, a: 10, b: 12 }
    const run = () =>
      nelderMead(([L, a]) => deltaE00({ L: L!, a: a!, b: 12 }, aim), [40, 0], [2, 2])
    expect(run()).toEqual(run())
  })
})
