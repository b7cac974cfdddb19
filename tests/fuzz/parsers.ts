import {
  checkStl,
  figureLink,
  formatBox,
  formatBoxCsv,
  formatCgats,
  formatCxf,
  formatGpl,
  formatMeasurementsCsv,
  formatProject,
  formatStl,
  formatEye,
  formatTones,
  freshEye,
  packCommission,
  parseBox,
  parseBoxCsv,
  parseCgats,
  parseColour,
  parseCxf,
  parseGpl,
  parseMeasurementsCsv,
  parseProject,
  parseShelfList,
  parseEye,
  parseTones,
  readFigureLink,
  recordOf,
  opaqueReflectance,
  starterPaints,
  surfaceNet,
  unpackCommission,
} from '../../core'
import type { EyeRecord } from '../../core'
import { lowTide } from '../../demo/lowTide'
import { shapes } from '../../scripts/forms/shapes/shapes'

/** A parser with a sound file of its kind, as text or bytes, and whether it answers in words. */
export interface Parsed {
  name: string
  sound: string | Uint8Array
  parse: (file: never) => unknown
}

const ids = new Set(starterPaints.map(({ id }) => id))
const project = lowTide([...ids])
const eye: EyeRecord = {
  ...freshEye(),
  answers: [
    { id: 'a', at: 1e12, skill: 'same', level: 2, right: true },
    { id: 'b', at: 1e12, skill: 'ratio', off: -0.5 },
  ],
}
const readings = starterPaints
  .slice(0, 3)
  .map((paint) => ({ name: paint.name, reflectance: opaqueReflectance(paint) }))
const box = {
  bottles: {},
  paints: starterPaints.slice(0, 2).map((paint) => ({ ...recordOf(paint), id: `my-${paint.id}` })),
}
const text = (name: string, sound: string, parse: (text: string) => unknown): Parsed => ({
  name,
  sound,
  parse: parse as never,
})
const bytes = (name: string, sound: Uint8Array, parse: (data: Uint8Array) => unknown): Parsed => ({
  name,
  sound,
  parse: parse as never,
})

/** Every way into the program from outside. */
export const parsers: readonly Parsed[] = [
  text('project', formatProject(project), (file) => parseProject(file, ids)),
  text('eye', formatEye(eye), parseEye),
  text('tones', formatTones([{ name: 'tan', tone: project.figures[0]!.tone }]), parseTones),
  text('box', formatBox(box), parseBox),
  text('box, CSV', formatBoxCsv(box), parseBoxCsv),
  text('readings, CGATS', formatCgats(readings), parseCgats),
  text('readings, CxF', formatCxf(readings, new Date(0)), parseCxf),
  text('readings, CSV', formatMeasurementsCsv(readings), parseMeasurementsCsv),
  text('palette', formatGpl('Bram', []) + '184 122 94\tskin\n', parseGpl),
  text(
    'shelf list',
    'clay, #a5694f, opaque, PR101 PW6\nfog, #b0b5b8, opaque, PW6\n',
    parseShelfList,
  ),
  text('colour', '#b87a5e', parseColour),
  text(
    'link',
    figureLink(project, project.figures[0]!.id, new Map(), (id) =>
      starterPaints.find((paint) => paint.id === id)!,
    ),
    readFigureLink,
  ),
  bytes('sculpt', new Uint8Array(formatStl(surfaceNet(shapes.egg, 6))), (data) =>
    checkStl(data.slice().buffer),
  ),
  bytes(
    'packed commission',
    packCommission({ project, photos: new Map(), sculpts: new Map() }, (id) => id),
    (data) => unpackCommission(data, ids),
  ),
]
