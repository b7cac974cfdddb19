import type { FileIssue } from '../../project/issue'
import type { Lab } from '../../colour/lab'
import type { Illuminant, Observer, WhiteName } from '../../colour/white'
import { decimal } from '../../numbers/decimal'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import type { Measurement, MeasurementFile } from '../measurement'
import { resample, resampleNotes } from '../resample'
import { tokensOf } from './tokens'
import type { Token } from './tokens'

const MOST_SETS = 20_000
const MOST_FIELDS = 2000
const MOST_ISSUES = 12

/** Spectral fields go by several names in practice: SPECTRAL_NM380, SPEC_380, nm380, R_380. */
const SPECTRAL = /^(?:SPECTRAL_NM_?|SPECTRAL_|SPEC_|NM_?|R_|D_)(\d{3,4})(?:\.0+)?$/i
const NAMES = ['SAMPLE_NAME', 'SAMPLE_ID', 'SAMPLE_LOC']

interface Table {
  fields: Token[]
  /** Data in file order; a set is `fields.length` of them. */
  data: Token[]
  keywords: Map<string, Token>
}

type Section = 'head' | 'format' | 'data' | 'end'

function sections(tokens: Token[]): Table | FileIssue {
  const table: Table = { fields: [], data: [], keywords: new Map() }
  let section: Section = 'head'
  let opened: Token | undefined
  for (let i = 0; i < tokens.length && section !== 'end'; i++) {
    const token = tokens[i]!
    const word = token.text
    if (word === 'BEGIN_DATA_FORMAT') [section, opened] = ['format', token]
    else if (word === 'END_DATA_FORMAT') section = 'head'
    else if (word === 'BEGIN_DATA') [section, opened] = ['data', token]
    else if (word === 'END_DATA') section = 'end'
    else if (section === 'format') table.fields.push(token)
    else if (section === 'data') table.data.push(token)
    else {
      const value = tokens[i + 1]
      if (value && value.line === token.line) table.keywords.set(word.toUpperCase(), value)
    }
  }
  if (table.fields.length === 0)
    return {
      place: 'the file',
      message: 'has no BEGIN_DATA_FORMAT … END_DATA_FORMAT with field names',
    }
  if (!opened || !tokens.some(({ text }) => text === 'BEGIN_DATA'))
    return { place: 'the file', message: 'has no BEGIN_DATA … END_DATA with readings' }
  if (section !== 'end')
    return {
      place: `line ${opened.line}`,
      message: 'the data begin here and never end; the file was cut off before END_DATA',
    }
  return table
}

/** NUMBER_OF_FIELDS and NUMBER_OF_SETS, where given, must be what stands there. */
function countIssues({ fields, data, keywords }: Table): FileIssue[] {
  const issues: FileIssue[] = []
  const compare = (name: string, actual: number): void => {
    const said = keywords.get(name)
    if (said && decimal(said.text) !== actual)
      issues.push({
        place: `line ${said.line}, ${name}`,
        message: `says “${said.text}”, but there are ${Number.isInteger(actual) ? actual : actual.toFixed(2)}`,
      })
  }
  compare('NUMBER_OF_FIELDS', fields.length)
  compare('NUMBER_OF_SETS', data.length / fields.length)
  if (issues.length === 0 && data.length % fields.length !== 0)
    issues.push({
      place: `line ${data.at(-1)!.line}`,
      message: `the last set has ${data.length % fields.length} of ${fields.length} values`,
    })
  return issues
}

/** The light a Lab was computed under, from the keywords; D50, 2° is the practice when none is said. */
function whiteOf(keywords: Table['keywords'], notes: string[]): WhiteName {
  const text = [...keywords].map(([key, { text }]) => `${key} ${text}`).join('\n')
  const illuminant = /(?:ILLUMINANT|WEIGHTING_FUNCTION|WHITE)\S* .*?\b(D50|D65|F11|F2|A)\b/i.exec(
    text,
  )
  const observer = /OBSERVER\S* .*?\b(10|2)\b/i.exec(text)
  if (!illuminant)
    notes.push('the file does not name the light of its Lab values; D50, 2° is taken')
  return `${(illuminant?.[1]?.toUpperCase() ?? 'D50') as Illuminant}/${Number(observer?.[1] ?? 2) as Observer}`
}

/**
 * Reads CGATS.17 text (ANSI CGATS.17-2009): spectral reflectance, Lab, or both. Byte-order marks, any
 * line ends, percent or 0–1 are taken; anything unsound refuses the whole file by line and field.
 * @example parseCgats(formatCgats(measurements)).ok // true
 */
export function parseCgats(text: string): ReadResult<MeasurementFile> {
  const table = sections(tokensOf(text.replace(/^\uFEFF/, '')))
  if ('message' in table) return refusedFor([table])
  const { fields, data, keywords } = table
  if (fields.length > MOST_FIELDS)
    return refused(
      'the data format',
      `has ${fields.length} fields; up to ${MOST_FIELDS} can be read`,
    )
  const counts = countIssues(table)
  if (counts.length > 0) return refusedFor(counts)
  const sets = data.length / fields.length
  if (sets > MOST_SETS)
    return refused('the data', `${sets} readings; up to ${MOST_SETS} can be read`)
  if (sets === 0) return refused('the data', 'holds no reading')

  const at = (name: string): number => fields.findIndex(({ text }) => text.toUpperCase() === name)
  const spectral = fields
    .map(({ text }, column) => ({ column, nm: Number(SPECTRAL.exec(text)?.[1] ?? NaN) }))
    .filter(({ nm }) => nm >= 300 && nm <= 1100)
    .sort((one, other) => one.nm - other.nm)
  const lab = ['LAB_L', 'LAB_A', 'LAB_B'].map(at)
  const hasLab = lab.every((column) => column >= 0)
  if (spectral.length < 4 && !hasLab)
    return refused(
      `line ${fields[0]!.line}`,
      'the fields hold neither a spectrum (SPECTRAL_NM380 …) nor LAB_L, LAB_A, LAB_B',
    )

  const issues: FileIssue[] = []
  const read = (set: number, column: number, least: number, most: number): number => {
    const token = data[set * fields.length + column]!
    const value = decimal(token.text)
    if (!(value >= least && value <= most) && issues.length < MOST_ISSUES)
      issues.push({
        place: `line ${token.line}, ${fields[column]!.text}`,
        message: /^-?\d+,\d+$/.test(token.text)
          ? `"${token.text}" has a decimal comma; a point is needed`
          : `"${token.text.slice(0, 40)}" is not a number from ${least} to ${most}`,
      })
    return value
  }
  const notes: string[] = spectral.length >= 4 ? resampleNotes(spectral.map(({ nm }) => nm)) : []
  const white = hasLab ? whiteOf(keywords, notes) : 'D50/2'
  const nameColumn = NAMES.map(at).find((column) => column >= 0)
  const measurements: Measurement[] = []
  for (let set = 0; set < sets; set++) {
    const one: Measurement = {
      name: nameColumn === undefined ? `${set + 1}` : data[set * fields.length + nameColumn]!.text,
    }
    if (spectral.length >= 4) {
      const values = spectral.map(({ column }) => read(set, column, -5, 400))
      one.reflectance = resample(
        spectral.map(({ nm }) => nm),
        values,
      )
    }
    if (hasLab) {
      const [L, a, b] = lab.map((column, c) => read(set, column, c === 0 ? 0 : -200, 200))
      one.lab = { L: L!, a: a!, b: b!, white } satisfies Lab
    }
    measurements.push(one)
    if (issues.length >= MOST_ISSUES) break
  }
  if (issues.length > 0) return refusedFor(issues)
  scale(measurements)
  return { ok: true, value: { measurements, notes } }
}

/** Percent becomes 0–1; a file is percent when any value is beyond what a reflectance can be. */
function scale(measurements: Measurement[]): void {
  const percent = measurements.some(({ reflectance }) => reflectance?.some((r) => r > 2))
  for (const { reflectance } of measurements)
    reflectance?.forEach((r, i) => {
      reflectance[i] = Math.max(0, percent ? r / 100 : r)
    })
}
