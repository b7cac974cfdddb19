import type { Project } from '../../project/commission'
import { strFromU8, strToU8, zipSync } from 'fflate'
import type { Zippable } from 'fflate'
import { MOST_COMMISSION_BYTES, photosOf, sculptsOf } from './named'
import { CHECKSUMS, checksumsOf, damageIn } from './checksums'
import { formatCgats } from '../cgats/format'
import { formatEye, parseEye } from '../eye/eye'
import type { EyeRecord } from '../eye/schema'
import { formatLogCsv } from '../csv/log'
import { whoOf } from '../../project/whoOf'
import { formatProject } from '../project/format'
import { namesOf, unzipped, unzippedEach } from './unzipped'
import { parseProject } from '../project/parse'
import { refused } from '../issues'
import type { ReadResult } from '../issues'

/** A whole commission: the project, and the pictures and sculpts (binary STL) that it names, by their ids. */
export interface Commission {
  project: Project
  photos: ReadonlyMap<string, Uint8Array>
  sculpts: ReadonlyMap<string, Uint8Array>
  /** What the painter's eye has answered, over all commissions. */
  eye?: EyeRecord
}

const PROJECT = 'project.json'
const EYE = 'eye.json'

/** Kinds of picture by their first bytes; what is none of them is kept under .bin. */
function endingOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return 'jpg'
  if (bytes[0] === 0x89 && bytes[1] === 0x50) return 'png'
  if (bytes[0] === 0x52 && bytes[8] === 0x57) return 'webp'
  return 'bin'
}

const about = (name: string): string =>
  [
    `${name}: a painting commission.`,
    '',
    'project.json   everything: figures, ladders, coats, own paints, log (UTF-8 JSON)',
    'log.csv        every mix, predicted and real, as a table',
    'readings.cgats readings of mixes, reflectance 380-730 nm (CGATS.17 text)',
    'eye.json       answers of the painter’s eye exercises, over all commissions (UTF-8 JSON)',
    'photos/        pictures of figures and of the log, named as the project names them',
    'sculpts/       own sculpts (binary STL), named as the project names them',
    `checksums.txt  CRC-32, length and name of each of these files`,
    '',
  ].join('\n')

/**
 * Packs a commission into one zip that can be read without this program; pictures are stored as they are.
 * @example packCommission({ project, photos: new Map(), sculpts: new Map() }, (id) => id).length > 0 // true
 */
export function packCommission(
  { project, photos, sculpts, eye }: Commission,
  nameOf: (paint: string) => string,
): Uint8Array {
  const log = project.log ?? []
  const readings = log.flatMap(({ what, reflectance }) =>
    reflectance ? [{ name: what, reflectance: Float64Array.from(reflectance) }] : [],
  )
  const files: Zippable = {
    'about.txt': strToU8(about(project.name)),
    [PROJECT]: strToU8(formatProject(project)),
    'log.csv': strToU8(formatLogCsv(log, nameOf, whoOf(project.figures))),
  }
  if (readings.length > 0) files['readings.cgats'] = strToU8(formatCgats(readings))
  if (eye && eye.answers.length > 0) files[EYE] = strToU8(formatEye(eye))
  for (const [id, bytes] of photos) files[`photos/${id}.${endingOf(bytes)}`] = [bytes, { level: 0 }]
  for (const [figure, bytes] of sculpts) files[`sculpts/${figure}.stl`] = bytes
  const bare = new Map(
    Object.entries(files).map(([name, data]) => [name, Array.isArray(data) ? data[0] : data]),
  ) as Map<string, Uint8Array>
  files[CHECKSUMS] = checksumsOf(bare)
  return zipSync(files, { level: 6 })
}

/**
 * Reads a packed commission; what is wrong with it is said and nothing is half taken. A picture that was not in the
 * browser that packed it, or a sculpt, is not in the zip either, and one that does not agree with its checksum is left out: that is
 * named, and no reason to refuse the rest.
 * @example unpackCommission(packCommission({ project, photos: new Map(), sculpts: new Map() }, (id) => id), ids).ok // true
 */
export function unpackCommission(
  bytes: Uint8Array,
  paintIds: ReadonlySet<string>,
): ReadResult<Commission & { missing: string[] }> {
  if (bytes.length > MOST_COMMISSION_BYTES)
    return refused('the file', `is larger than ${MOST_COMMISSION_BYTES / 1024 / 1024} MB`)
  const texts = [PROJECT, EYE, CHECKSUMS]
  const all: string[] = []
  let files: Map<string, Uint8Array>
  try {
    files = unzipped(bytes, (name) => {
      all.push(name)
      return texts.includes(name)
    })
  } catch (error) {
    return refused('the file', `is no whole zip: ${(error as Error).message}`)
  }
  const list = files.get(CHECKSUMS)
  const damage = damageIn(files)
  const broken = (name: string, of = damage): boolean =>
    of !== undefined && [...of.damaged, ...of.added].includes(name)
  if (broken(CHECKSUMS) || broken(PROJECT))
    return refused(
      broken(PROJECT) ? PROJECT : CHECKSUMS,
      'does not agree with its checksum: the zip was damaged since it was packed; open another copy',
    )
  const text = files.get(PROJECT)
  if (!text) return refused('the file', `has no ${PROJECT} in it; a packed commission has one`)
  const reading = parseProject(strFromU8(text), paintIds)
  if (!reading.ok) return reading
  /** What the project names and the zip has whole, by its id. */
  const under = (folder: string, ids: readonly string[]): Map<string, Uint8Array> => {
    const names = namesOf(all, folder, ids)
    const whole = unzippedEach(bytes, [...names.keys()])
    const harmed = damageIn(list ? new Map([...whole, [CHECKSUMS, list]]) : whole)
    return new Map(
      [...whole].flatMap(([name, data]) =>
        broken(name, harmed) ? [] : [[names.get(name)!, data] as const],
      ),
    )
  }
  const photos = under('photos', photosOf(reading.value))
  const sculpts = under('sculpts', sculptsOf(reading.value))
  const eye = files.get(EYE)
  const answers = eye && !broken(EYE) ? parseEye(strFromU8(eye)) : undefined
  const eyeMissing = (damage?.missing ?? []).includes(EYE) || (eye && !answers?.ok)
  const missing = [
    ...(eyeMissing ? [EYE] : []),
    ...photosOf(reading.value).filter((id) => !photos.has(id)),
    ...sculptsOf(reading.value).filter((id) => !sculpts.has(id)),
  ]
  return {
    ok: true,
    value: {
      project: reading.value,
      photos,
      sculpts,
      missing,
      ...(answers?.ok ? { eye: answers.value } : {}),
    },
  }
}
