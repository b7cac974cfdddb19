import Color from 'colorjs.io'
import { converter, differenceCiede2000 } from 'culori'
import { adapt, deltaE00, labOfXyz, oklabOfXyz, xyzOfOklab, xyzOfRgb } from '../../../core'
import type { XYZ } from '../../../core'
import { DISPLAY_WHITE } from '../../../core/colour/display'
import { seeded } from '../../../core/numbers/seeded'
import { worstOf } from '../row'
import type { Row } from '../row'

const CASES = 3000
const random = seeded(20260711)
const colours = Array.from({ length: CASES }, () => [random(), random(), random()] as XYZ)
const apart = (one: readonly number[], other: readonly number[]): number =>
  worstOf(one.map((value, i) => Math.abs(value - other[i]!)))

/** D50 as both libraries carry it, from the chromaticity 0.3457, 0.3585 (ICC). */
const D50: XYZ = [(100 * 0.3457) / 0.3585, 100, (100 * 0.2958) / 0.3585]
const lab65 = (rgb: XYZ) => labOfXyz(xyzOfRgb(rgb), DISPLAY_WHITE)
const numbers = ({ L, a, b }: { L: number; a: number; b: number }) => [L, a, b]

/** Our conversions against culori and colorjs.io on the same random colours. */
export function libraries(): Row[] {
  const toLab65 = converter('lab65')
  const toLab = converter('lab')
  const toOklab = converter('oklab')
  const toXyz = converter('xyz65')
  const culoriDelta = differenceCiede2000()
  const compare = (
    what: string,
    against: string,
    off: (rgb: XYZ, i: number) => number,
    limit = 1e-4,
  ): Row => ({ what, against, cases: CASES, worst: worstOf(colours.map(off)), limit })
  const rgbOf = ([r, g, b]: XYZ) => ({ mode: 'rgb', r, g, b }) as const

  return [
    compare('sRGB to CIELAB, D65', 'culori', (rgb) => {
      const { l, a, b } = toLab65(rgbOf(rgb))
      return apart(numbers(lab65(rgb)), [l, a, b])
    }),
    compare('sRGB to CIELAB, D65', 'colorjs.io', (rgb) =>
      apart(numbers(lab65(rgb)), new Color('srgb', rgb).to('lab-d65').coords as number[]),
    ),
    compare('sRGB to CIELAB, D50, Bradford', 'culori', (rgb) => {
      const { l, a, b } = toLab(rgbOf(rgb))
      return apart(numbers(labOfXyz(adapt(xyzOfRgb(rgb), DISPLAY_WHITE, D50), D50)), [l, a, b])
    }),
    compare('Display P3 to XYZ', 'culori', ([r, g, b]) => {
      const { x, y, z } = toXyz({ mode: 'p3', r, g, b })
      return apart(
        xyzOfRgb([r, g, b], 'display-p3').map((v) => v / 100),
        [x, y, z],
      )
    }),
    compare('sRGB to OKLab', 'culori', (rgb) => {
      const { l, a, b } = toOklab(rgbOf(rgb))
      return apart(oklabOfXyz(xyzOfRgb(rgb)), [l, a, b])
    }),
    compare('sRGB to OKLab', 'colorjs.io', (rgb) =>
      apart(oklabOfXyz(xyzOfRgb(rgb)), new Color('srgb', rgb).to('oklab').coords as number[]),
    ),
    compare('OKLab and back, XYZ', 'itself', (rgb) =>
      apart(xyzOfOklab(oklabOfXyz(xyzOfRgb(rgb))), xyzOfRgb(rgb)),
    ),
    compare('CIEDE2000', 'culori', (rgb, i) => {
      const one = lab65(rgb)
      const other = lab65(colours[(i + 1) % CASES]!)
      const lab = ({ L, a, b }: typeof one) => ({ mode: 'lab65', l: L, a, b }) as const
      return Math.abs(deltaE00(one, other) - culoriDelta(lab(one), lab(other)))
    }),
    compare('CIEDE2000', 'colorjs.io', (rgb, i) => {
      const one = lab65(rgb)
      const other = lab65(colours[(i + 1) % CASES]!)
      // colorjs.io compares in D50 Lab; giving it the numbers as such keeps the formula alone in play.
      const given = (lab: typeof one) => new Color('lab', [lab.L, lab.a, lab.b])
      return Math.abs(deltaE00(one, other) - given(one).deltaE(given(other), '2000'))
    }),
  ]
}
