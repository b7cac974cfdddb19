import { adapt } from '../colour/bradford'
import { labOfXyz } from '../colour/lab'
import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import { weightsOf } from '../colour/weights'
import { whitePoint } from '../colour/white'
import type { XYZ } from '../colour/white'
import { keyLight } from '../ladder/light/keyLight'

/** Lamps from cold shade to candlelight, against daylight: warmth −1 to 3 is 13600 K to 2500 K. */
const WARMTHS = Array.from({ length: 41 }, (_, i) => -1 + i / 10)
let lamps: { lamp: Spectrum; white: XYZ }[] | undefined

const whiteUnder = (lamp: Spectrum): XYZ => {
  const { x, y, z } = weightsOf()
  const sum = (w: Float64Array): number => w.reduce((all, v, i) => all + v * lamp[i]!, 0)
  return [sum(x), sum(y), sum(z)]
}
/** CIE 1976 u′, v′. */
const uv = ([X, Y, Z]: XYZ): [number, number] => {
  const d = X + 15 * Y + 3 * Z
  return [(4 * X) / d, (9 * Y) / d]
}

/**
 * The lamp that a neutral in a photograph tells of: the black body nearest to it in u′, v′, as light of each band
 * against daylight. Tubes with lines are not among them.
 * @example lampOf(whitePoint()).length // 36
 */
export function lampOf(neutral: XYZ): Spectrum {
  lamps ??= WARMTHS.map((warmth) => {
    const lamp = keyLight(warmth)
    return { lamp, white: whiteUnder(lamp) }
  })
  const [u, v] = uv(neutral)
  const off = ({ white }: { white: XYZ }): number => {
    const [lu, lv] = uv(white)
    return Math.hypot(lu - u, lv - v)
  }
  return lamps.reduce((best, one) => (off(one) < off(best) ? one : best)).lamp
}

/**
 * What a surface looks like in a photograph that was taken under a lamp and brought to D65 by its neutral: not quite
 * what it looks like under D65, since a neutral cannot tell of all wavelengths.
 * @example photographedAs(base, lampOf(whitePoint())).L - labOf(base).L < 0.5 // true
 */
export function photographedAs(reflectance: Spectrum, lamp: Spectrum): Lab {
  const { x, y, z } = weightsOf()
  const xyz: XYZ = [0, 0, 0]
  for (let i = 0; i < reflectance.length; i++) {
    const sent = reflectance[i]! * lamp[i]!
    xyz[0] += x[i]! * sent
    xyz[1] += y[i]! * sent
    xyz[2] += z[i]! * sent
  }
  const white = whiteUnder(lamp)
  const by = 100 / white[1]
  const scaled = (v: XYZ): XYZ => [v[0] * by, v[1] * by, v[2] * by]
  const daylight = whitePoint()
  return labOfXyz(adapt(scaled(xyz), scaled(white), daylight), daylight, 'D65/2')
}
