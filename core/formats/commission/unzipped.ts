import { unzipSync } from 'fflate'
import { mostOf } from '../../project/limits'
import { MOST_COMMISSION_BYTES } from './named'

/** A commission unpacks to so many times its size at most, and to this much more where it is small. */
const MOST_RATIO = 30
const SMALL = 60 * 1024 * 1024
/** A figure has a picture, a sculpt and its critiques, an entry of the log a picture; beside them lie a few texts. */
const MOST_FILES = mostOf.figures * (2 + mostOf.critiques) + mostOf.log + 20

const tooMuch = (what: string): RangeError => new RangeError(`it unpacks to more than ${what}`)

/**
 * Files of a zip whose names are wanted, by name.
 * @throws RangeError where all of the zip would be more than any commission is, or it is no zip.
 */
export function unzipped(
  bytes: Uint8Array,
  wanted: (name: string) => boolean,
): Map<string, Uint8Array> {
  const most = Math.min(2 * MOST_COMMISSION_BYTES, SMALL + MOST_RATIO * bytes.length)
  let size = 0
  let files = 0
  const found = unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      size += originalSize
      files++
      if (size > most) throw tooMuch(`${Math.round(most / 1024 / 1024)} MB`)
      if (files > MOST_FILES) throw tooMuch(`${MOST_FILES} files`)
      return wanted(name)
    },
  })
  return new Map(Object.entries(found))
}

/** Of these names, those of files with these ids in a folder, and which is whose; what else lies there is nobody's. */
export function namesOf(
  all: readonly string[],
  folder: string,
  ids: readonly string[],
): Map<string, string> {
  const named = new Set(ids)
  const inFolder = new RegExp(`^${folder}/([\\w-]{1,80})\\.\\w+$`)
  return new Map(
    all.flatMap((name) => {
      const [, id] = inFolder.exec(name) ?? []
      return id !== undefined && named.has(id) ? [[name, id] as const] : []
    }),
  )
}

/** Files of these names; one that does not unpack is looked for by halves and left out, the others are not. */
export function unzippedEach(bytes: Uint8Array, names: readonly string[]): Map<string, Uint8Array> {
  const wanted = new Set(names)
  try {
    return unzipped(bytes, (name) => wanted.has(name))
  } catch {
    if (names.length < 2) return new Map()
    const half = names.length >> 1
    return new Map(
      [names.slice(0, half), names.slice(half)].flatMap((some) => [...unzippedEach(bytes, some)]),
    )
  }
}
