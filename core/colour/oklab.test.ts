import { converter } from 'culori'
import { expect, it } from 'vitest'
import { seeded } from '../numbers/seeded'
import { xyzOfRgb } from './display'
import { oklabOfXyz, xyzOfOklab } from './oklab'
import type { XYZ } from './white'

/** The independent library culori, from sRGB. */
const toOklab = converter('oklab')

it('agrees with culori over the screen’s colours, and comes back', () => {
  const random = seeded(2)
  for (let n = 0; n < 300; n++) {
    const rgb: XYZ = [random(), random(), random()]
    const [L, a, b] = oklabOfXyz(xyzOfRgb(rgb))
    const theirs = toOklab({ mode: 'rgb', r: rgb[0], g: rgb[1], b: rgb[2] })
    expect(Math.abs(L - theirs.l)).toBeLessThan(2e-4)
    expect(Math.abs(a - theirs.a)).toBeLessThan(2e-4)
    expect(Math.abs(b - theirs.b)).toBeLessThan(2e-4)
    xyzOfOklab([L, a, b]).forEach((v, i) => expect(v).toBeCloseTo(xyzOfRgb(rgb)[i]!, 8))
  }
})
