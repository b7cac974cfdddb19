import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate'
import { refused } from '../issues'
import type { ReadResult } from '../issues'
import { KNOWN_WORDS } from './knownWords'

/** Letters of a fragment at most, and what it may unpack to, bytes: a figure with thirty coats takes a tenth. */
const MOST_LETTERS = 40_000
const MOST_UNPACKED = 400_000
/** What the first letter says of how the rest is written. */
const WAY = '1'

const dictionary = strToU8(KNOWN_WORDS)

/** Bytes in letters that an address may hold (RFC 4648, section 5, unpadded). */
const lettersOf = (bytes: Uint8Array): string =>
  btoa(strFromU8(bytes, true)).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '')
const bytesOf = (letters: string): Uint8Array =>
  strToU8(atob(letters.replace(/-/g, '+').replace(/_/g, '/')), true)

/** Plain data as a fragment of an address: JSON, deflated (RFC 1951) after words that both ends know. */
export const fragmentOf = (data: unknown): string =>
  WAY + lettersOf(deflateSync(strToU8(JSON.stringify(data)), { level: 9, dictionary }))

/** Stops at a size, so that a few letters cannot unpack to all there is of memory. */
function unpacked(packed: Uint8Array): string {
  const parts: string[] = []
  let size = 0
  const inflate = new Inflate({ dictionary }, (chunk) => {
    size += chunk.length
    if (size > MOST_UNPACKED) throw new RangeError('it unpacks to more than a figure is')
    parts.push(strFromU8(chunk, true))
  })
  inflate.push(packed, true)
  return strFromU8(strToU8(parts.join(''), true))
}

/** The plain data of a fragment, or why there is none. */
export function dataOf(fragment: string): ReadResult<unknown> {
  const letters = fragment.replace(/^#/, '')
  if (letters === '') return refused('the link', 'holds no figure: its end is missing')
  if (letters.length > MOST_LETTERS)
    return refused('the link', `has more than ${MOST_LETTERS} letters after #; no figure has`)
  if (!letters.startsWith(WAY))
    return refused(
      'the link',
      'was made by another version of this program, or its end is not ours',
    )
  try {
    return { ok: true, value: JSON.parse(unpacked(bytesOf(letters.slice(1)))) as unknown }
  } catch {
    return refused('the link', 'is not whole: letters of it were lost or changed on the way')
  }
}
