import type { FileIssue } from '../../project/issue'
import { XMLParser, XMLValidator } from 'fast-xml-parser'
import { illuminants } from '../../colour/white'
import type { Illuminant, WhiteName } from '../../colour/white'
import { decimal } from '../../numbers/decimal'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import type { Measurement, MeasurementFile } from '../measurement'
import { resample, resampleNotes } from '../resample'

const MOST_CHARACTERS = 20_000_000
const MOST_DEPTH = 60
const MOST_OBJECTS = 20_000
const MOST_ISSUES = 12

type Node = Record<string, unknown>
const list = (value: unknown): Node[] =>
  (Array.isArray(value) ? value : value === undefined ? [] : [value]).filter(
    (one): one is Node => typeof one === 'object' && one !== null,
  )
const child = (node: unknown, name: string): unknown =>
  typeof node === 'object' && node !== null ? (node as Node)[name] : undefined
const textOf = (value: unknown): string =>
  typeof value === 'object' && value !== null
    ? String((value as Node)['#text'] ?? '')
    : String(value ?? '')
const numberOf = (text: string): number => decimal(text.trim())

interface Specification {
  white?: WhiteName
  start?: number
  increment?: number
}

function specifications(resources: unknown): Map<string, Specification> {
  const found = new Map<string, Specification>()
  for (const node of list(
    child(child(resources, 'ColorSpecificationCollection'), 'ColorSpecification'),
  )) {
    const tristimulus = child(node, 'TristimulusSpec')
    const illuminant = textOf(child(tristimulus, 'Illuminant')).trim()
    const observer = /10/.test(textOf(child(tristimulus, 'Observer'))) ? 10 : 2
    const range = child(child(node, 'MeasurementSpec'), 'WavelengthRange')
    found.set(String(node['@Id']), {
      white: illuminants.includes(illuminant as Illuminant)
        ? `${illuminant as Illuminant}/${observer}`
        : undefined,
      start: numberOf(textOf(child(range, '@StartWL'))),
      increment: numberOf(textOf(child(range, '@Increment'))),
    })
  }
  return found
}

/** Deepest nesting of tags, without building anything. */
function depthOf(text: string): number {
  let depth = 0
  let most = 0
  for (const [tag] of text.matchAll(/<[^!?<>][^<>]*>/g)) {
    if (tag.startsWith('</')) depth--
    else if (!tag.endsWith('/>')) most = Math.max(most, ++depth)
  }
  return most
}

function wellFormed(text: string): FileIssue | undefined {
  if (text.length > MOST_CHARACTERS)
    return { place: 'the file', message: `is larger than ${MOST_CHARACTERS / 1e6} MB` }
  const doctype = text.search(/<!(DOCTYPE|ENTITY)/i)
  if (doctype >= 0)
    return {
      place: `line ${text.slice(0, doctype).split('\n').length}`,
      message: 'has a document type or entities of its own; such files are not read',
    }
  if (depthOf(text) > MOST_DEPTH)
    return { place: 'the file', message: `nests deeper than ${MOST_DEPTH} tags; no CxF does` }
  const checked = XMLValidator.validate(text)
  if (checked === true) return undefined
  return { place: `line ${checked.err.line}, column ${checked.err.col}`, message: checked.err.msg }
}

/** Where a value stands, what the file says of its kind, and what is told of it. */
interface Told {
  place: string
  specs: ReturnType<typeof specifications>
  issues: FileIssue[]
  notes: Set<string>
}

/** A spectrum on our bands, or an issue that says why it is none. */
function reflectanceOf(
  spectrum: Node,
  { place, specs, issues, notes }: Told,
): Measurement['reflectance'] {
  const spec = specs.get(String(spectrum['@ColorSpecification']))
  const start = numberOf(String(spectrum['@StartWL'] ?? '')) || spec?.start || NaN
  const step = spec?.increment || 10
  const numbers = textOf(spectrum).trim().split(/\s+/).map(numberOf)
  const odd = numbers.findIndex((n) => !(n >= -0.05 && n <= 4))
  const refuse = (message: string, where = place): undefined =>
    void issues.push({ place: where, message })
  if (!(start >= 300 && start <= 800))
    return refuse('its spectrum does not say where it starts (StartWL, 300 to 800 nm)')
  if (!(step >= 1 && step <= 40) || numbers.length < 4 || numbers.length > 1000)
    return refuse(`its spectrum has ${numbers.length} values ${step} nm apart; 4 to 1000 are read`)
  if (odd >= 0)
    return refuse(`value ${odd + 1} is not a number from 0 to 4`, `${place}, ReflectanceSpectrum`)
  const nm = numbers.map((_, k) => start + k * step)
  for (const note of resampleNotes(nm)) notes.add(note)
  return resample(
    nm,
    numbers.map((n) => Math.max(0, n)),
  )
}

/** A CIELAB colour with its white, or an issue that says why it is none. */
function labOfNode(lab: Node, { place, specs, issues, notes }: Told): Measurement['lab'] {
  const [L, a, b] = ['L', 'A', 'B'].map((key) => numberOf(textOf(lab[key])))
  if (!(L! >= 0 && L! <= 200 && Math.abs(a!) <= 200 && Math.abs(b!) <= 200)) {
    issues.push({
      place: `${place}, ColorCIELab`,
      message: 'L, A and B are needed, within 0 to 200 and ±200',
    })
    return undefined
  }
  const white = specs.get(String(lab['@ColorSpecification']))?.white
  if (!white) notes.add('some Lab values name no light we know; D50, 2° is taken')
  return { L: L!, a: a!, b: b!, white: white ?? 'D50/2' }
}

/**
 * Reads CxF3 (ISO 17972-1:2015): objects with a reflectance spectrum, a CIELAB colour, or both. Other
 * colour values are left out and said. Nothing is taken over unless all of it is sound.
 * @example parseCxf(formatCxf(measurements, new Date(0))).ok // true
 */
export function parseCxf(text: string): ReadResult<MeasurementFile> {
  const clean = text.replace(/^\uFEFF/, '')
  const broken = wellFormed(clean)
  if (broken) return refusedFor([broken])
  let root: unknown
  try {
    root = new XMLParser({
      ignoreAttributes: false,
      attributeNamePrefix: '@',
      removeNSPrefix: true,
      parseTagValue: false,
      processEntities: true,
    }).parse(clean)
  } catch (error) {
    return refused('the file', (error as Error).message)
  }
  const resources = child(child(root, 'CxF'), 'Resources')
  if (resources === undefined)
    return refused('the file', 'is no CxF3: it has no CxF with Resources')
  const objects = list(child(child(resources, 'ObjectCollection'), 'Object'))
  if (objects.length === 0) return refused('ObjectCollection', 'holds no object')
  if (objects.length > MOST_OBJECTS)
    return refused(
      'ObjectCollection',
      `holds ${objects.length} objects; up to ${MOST_OBJECTS} can be read`,
    )

  const specs = specifications(resources)
  const issues: FileIssue[] = []
  const notes = new Set<string>()
  const measurements: Measurement[] = []
  for (const [i, object] of objects.entries()) {
    const name = String(object['@Name'] ?? object['@Id'] ?? i + 1)
    const values = child(object, 'ColorValues')
    const told = { place: `Object "${name.slice(0, 60)}"`, specs, issues, notes }
    const spectrum = list(child(values, 'ReflectanceSpectrum'))[0]
    const lab = list(child(values, 'ColorCIELab'))[0]
    const reflectance = spectrum && reflectanceOf(spectrum, told)
    const colour = lab && labOfNode(lab, told)
    for (const key of Object.keys((values ?? {}) as Node))
      if (key !== 'ReflectanceSpectrum' && key !== 'ColorCIELab')
        notes.add(`${key} is left out; spectra and CIELAB are read`)
    if (reflectance || colour)
      measurements.push({
        name,
        ...(reflectance ? { reflectance } : {}),
        ...(colour ? { lab: colour } : {}),
      })
    if (issues.length >= MOST_ISSUES) break
  }
  if (issues.length > 0) return refusedFor(issues)
  if (measurements.length === 0)
    return refused('ObjectCollection', 'no object has a reflectance spectrum or a CIELAB colour')
  return { ok: true, value: { measurements, notes: [...notes] } }
}
