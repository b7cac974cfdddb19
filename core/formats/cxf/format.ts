import { XMLBuilder } from 'fast-xml-parser'
import { BANDS, FIRST_NM, STEP_NM } from '../../colour/spectrum'
import type { Measurement } from '../measurement'

/** The namespace of CxF3 as ISO 17972-1:2015 writes it. */
const CXF_NAMESPACE = 'http://colorexchangeformat.com/CxF3-core'

const specification = (id: string, illuminant: string, observer: string, spectral: boolean) => ({
  '@Id': id,
  'cc:TristimulusSpec': {
    'cc:Illuminant': illuminant,
    'cc:Observer': `${observer}_Degree`,
    'cc:Method': 'E308_Table5',
  },
  'cc:MeasurementSpec': {
    'cc:MeasurementType': spectral ? 'Spectrum_Reflectance' : 'Colorimetric_Reflectance',
    ...(spectral ? { 'cc:WavelengthRange': { '@StartWL': FIRST_NM, '@Increment': STEP_NM } } : {}),
  },
})

/**
 * CxF3 (ISO 17972-1:2015) of readings: an object each, with its reflectance spectrum, its CIELAB or
 * both. A Lab keeps its own light.
 * @param at when the file is made; the standard wants a date.
 * @throws RangeError when a reading has neither.
 * @example formatCxf(measurements, new Date(0)).includes('CxF') // true
 */
export function formatCxf(measurements: readonly Measurement[], at: Date): string {
  const date = at.toISOString().replace(/\.\d+Z$/, 'Z')
  const whites = [
    ...new Set(measurements.flatMap(({ lab }) => (lab ? [lab.white ?? 'D50/2'] : []))),
  ]
  const objects = measurements.map(({ name, reflectance, lab }, i) => {
    if (!reflectance && !lab) throw new RangeError(`"${name}" has neither a spectrum nor a Lab`)
    return {
      '@ObjectType': 'Standard',
      '@Name': name,
      '@Id': `object-${i + 1}`,
      'cc:CreationDate': date,
      'cc:ColorValues': {
        ...(reflectance
          ? {
              'cc:ReflectanceSpectrum': {
                '@ColorSpecification': 'spectral',
                '@StartWL': FIRST_NM,
                '#text': Array.from(reflectance, (r) => r.toFixed(6)).join(' '),
              },
            }
          : {}),
        ...(lab
          ? {
              'cc:ColorCIELab': {
                '@ColorSpecification': `lab-${(lab.white ?? 'D50/2').replace('/', '-')}`,
                'cc:L': lab.L.toFixed(4),
                'cc:A': lab.a.toFixed(4),
                'cc:B': lab.b.toFixed(4),
              },
            }
          : {}),
      },
    }
  })
  const builder = new XMLBuilder({
    ignoreAttributes: false,
    attributeNamePrefix: '@',
    format: true,
    suppressEmptyNode: true,
  })
  return (
    '<?xml version="1.0" encoding="UTF-8"?>\n' +
    builder.build({
      'cc:CxF': {
        '@xmlns:cc': CXF_NAMESPACE,
        'cc:FileInformation': {
          'cc:Creator': 'Cobaltfinch',
          'cc:CreationDate': date,
          'cc:Description': `${measurements.length} readings, ${BANDS} bands`,
        },
        'cc:Resources': {
          'cc:ObjectCollection': { 'cc:Object': objects },
          'cc:ColorSpecificationCollection': {
            'cc:ColorSpecification': [
              specification('spectral', 'D50', '2', true),
              ...whites.map((white) => {
                const [illuminant, observer] = white.split('/')
                return specification(
                  `lab-${white.replace('/', '-')}`,
                  illuminant!,
                  observer!,
                  false,
                )
              }),
            ],
          },
        },
      },
    })
  )
}
