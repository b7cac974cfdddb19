import crc32 from 'crc-32'
import { strFromU8, strToU8 } from 'fflate'

/** The file of a packed commission that says what every other is. */
export const CHECKSUMS = 'checksums.txt'

const sumOf = (bytes: Uint8Array): string => (crc32.buf(bytes) >>> 0).toString(16).padStart(8, '0')

/** CRC-32 (ISO 3309, as zip has it), length and name of every file, a line each. */
export const checksumsOf = (files: ReadonlyMap<string, Uint8Array>): Uint8Array =>
  strToU8([...files].map(([name, bytes]) => `${sumOf(bytes)} ${bytes.length} ${name}\n`).join(''))

/** What does not agree with its checksum: damaged files, those that are missing and those that nobody packed. */
export interface Damage {
  damaged: string[]
  missing: string[]
  added: string[]
}

/**
 * Compares files with the list that was packed with them.
 * @returns nothing when there is no list, as in commissions of older versions.
 */
export function damageIn(files: ReadonlyMap<string, Uint8Array>): Damage | undefined {
  const list = files.get(CHECKSUMS)
  if (!list) return undefined
  const found: Damage = { damaged: [], missing: [], added: [] }
  const named = new Set<string>([CHECKSUMS])
  for (const line of strFromU8(list).split('\n')) {
    const parts = /^([0-9a-f]{8}) (\d{1,12}) (.{1,300})$/.exec(line)
    if (!parts) {
      if (line !== '') found.damaged.push(CHECKSUMS)
      continue
    }
    const [, sum, length, name] = parts as unknown as [string, string, string, string]
    named.add(name)
    const bytes = files.get(name)
    if (!bytes) found.missing.push(name)
    else if (bytes.length !== Number(length) || sumOf(bytes) !== sum) found.damaged.push(name)
  }
  found.added = [...files.keys()].filter((name) => !named.has(name))
  return found
}
