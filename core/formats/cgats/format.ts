import { labOf } from '../../colour/lab'
import { BANDS, wavelengthsNm } from '../../colour/spectrum'
import type { Measurement } from '../measurement'

const quoted = (text: string): string => `"${text.replace(/["\r\n]+/g, ' ').trim()}"`

/**
 * CGATS.17 text of readings: name, Lab and, where every reading has one, the spectrum in 0–1 with six
 * decimals. A reading without Lab gets that of its spectrum, D50, 2°.
 * @throws RangeError when a reading has neither spectrum nor Lab, or Labs of different lights are mixed.
 * @example formatCgats(measurements).startsWith('CGATS') // true
 */
export function formatCgats(measurements: readonly Measurement[]): string {
  const spectral = measurements.length > 0 && measurements.every(({ reflectance }) => reflectance)
  const white = measurements.find(({ lab }) => lab?.white)?.lab?.white ?? 'D50/2'
  const [illuminant, observer] = white.split('/')
  const rows = measurements.map(({ name, reflectance, lab }) => {
    if (!lab && !reflectance) throw new RangeError(`"${name}" has neither a spectrum nor a Lab`)
    if (lab?.white && lab.white !== white)
      throw new RangeError(
        `"${name}" is under ${lab.white}, others under ${white}; one file has one light`,
      )
    const { L, a, b } =
      lab ??
      labOf(reflectance!, { illuminant: illuminant as 'D50', observer: Number(observer) as 2 })
    const numbers = [L, a, b].map((v) => v.toFixed(4))
    if (spectral) numbers.push(...Array.from(reflectance!, (r) => r.toFixed(6)))
    return [quoted(name), ...numbers].join('\t')
  })
  const fields = [
    'SAMPLE_NAME',
    'LAB_L',
    'LAB_A',
    'LAB_B',
    ...(spectral ? wavelengthsNm.map((nm) => `SPECTRAL_NM${nm}`) : []),
  ]
  return [
    'CGATS.17',
    'ORIGINATOR "Cobaltfinch"',
    `KEYWORD "ILLUMINANT"`,
    `ILLUMINANT "${illuminant}"`,
    `KEYWORD "OBSERVER"`,
    `OBSERVER "${observer}"`,
    ...(spectral ? [`KEYWORD "SPECTRAL_BANDS"`, `SPECTRAL_BANDS "${BANDS}"`] : []),
    `NUMBER_OF_FIELDS ${fields.length}`,
    'BEGIN_DATA_FORMAT',
    fields.join('\t'),
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS ${rows.length}`,
    'BEGIN_DATA',
    ...rows,
    'END_DATA',
    '',
  ].join('\n')
}
