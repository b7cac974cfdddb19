import { readFileSync } from 'node:fs'
import { labOf, labOfXyz, whitePoint } from '../../../core'
import type { Illuminant, XYZ } from '../../../core'
import { illuminantPower, observerBars } from '../../../core/colour/white'
import { worstOf } from '../row'
import type { Row } from '../row'

/** Reflectances of the CIE test colour samples 1–15 by 5 nm (CIE 13.3-1995; 15 from JIS). */
export const samples: number[][] = (() => {
  const text = readFileSync(new URL('../data/cie-tcs.csv', import.meta.url), 'utf8')
  const rows = text
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split(',').map(Number))
  return Array.from({ length: 15 }, (_, s) => rows.map((row) => row[s + 1]!))
})()

/** A 5 nm sample at our 36 bands. */
export const atBands = (sample: number[]): Float64Array =>
  Float64Array.from({ length: 36 }, (_, band) => sample[2 * band]!)

/** The same colour summed over the full 5 nm tables, without any folding. */
function summed(sample: number[], illuminant: Illuminant): XYZ {
  const power = illuminantPower[illuminant]
  const bars = observerBars[2]
  const Y = bars[1]!.reduce((sum, v, i) => sum + v * power[i]!, 0)
  return bars.map(
    (bar) => (100 * bar.reduce((sum, v, i) => sum + v * power[i]! * sample[i]!, 0)) / Y,
  ) as XYZ
}

const limits: Record<Illuminant, number> = { A: 0.6, D50: 0.6, D65: 0.6, F2: 1.2, F11: 1.2 }

export function testSamples(): Row[] {
  return (Object.keys(limits) as Illuminant[]).map((illuminant) => {
    const off = samples.map((sample) => {
      const one = labOf(atBands(sample), { illuminant })
      const other = labOfXyz(summed(sample, illuminant), whitePoint(illuminant))
      return Math.hypot(one.L - other.L, one.a - other.a, one.b - other.b)
    })
    return {
      what: `CIE test samples under ${illuminant}, ΔE76`,
      against: '5 nm sum',
      cases: off.length,
      worst: worstOf(off),
      limit: limits[illuminant],
    }
  })
}
