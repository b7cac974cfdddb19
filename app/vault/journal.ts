import type { Patch } from 'immer'
import { dropTwice, keepTwice, readTwice, recall } from './twice'

/**
 * What was changed and is not stored yet, written down at once: storage answers later, and a page can be gone by then.
 * One entry a commission and tab; kept where writing waits for nobody.
 */
export interface JournalEntry {
  /** Mark of the stored text that the changes were made on. */
  base: string
  /** Ids of its figures, in their order. */
  figures: readonly string[]
  /** The text that is on its way to storage, by its mark, and how many of the changes are in it. */
  sent?: { mark: string; changes: number }
  patches: readonly Patch[]
}

const KEY = 'cobaltfinch-journal '
/** This tab, as long as it is open. */
const tab = Math.random().toString(36).slice(2, 10)
const keyOf = (id: string): string => `${KEY}${id} ${tab}`

/** A mark by which a text is known again: its length and a hash of 53 bits. */
export function markOf(text: string | null): string {
  if (text === null) return 'none'
  let a = 0x811c9dc5
  let b = 0x1000193
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    a = Math.imul(a ^ code, 0x01000193)
    b = Math.imul(b ^ code, 0x85ebca6b)
  }
  return `${text.length.toString(36)}-${(a >>> 0).toString(36)}-${(b >>> 0).toString(36)}`
}

/** Writes the entry of this tab; where storage is refused or full there is none, and only a moment is not covered. */
export const noteJournal = (id: string, entry: JournalEntry): void => keepTwice(keyOf(id), entry)
/** Once what was noted lies where a browser that is killed leaves it behind: before the text that holds it is stored. */
export { keptTwice as journalKept } from './twice'

export const dropJournals = (keys: readonly string[]): void => keys.forEach(dropTwice)
export const dropOwnJournal = (id: string): void => dropJournals([keyOf(id)])

function read(key: string): (JournalEntry & { count?: number }) | undefined {
  const entry = readTwice(key) as (JournalEntry & { count?: number }) | undefined
  return typeof entry?.base === 'string' && [entry.patches, entry.figures].every(Array.isArray)
    ? entry
    : undefined
}

/** Once what a browser that was killed had in hand is among the entries. */
export const journalsRecalled = (id: string): Promise<void> => recall(`${KEY}${id} `)

/** Entries that tabs have left of a commission, the newest last; those of tabs at work are among them. */
export function journalsOf(id: string): { key: string; entry: JournalEntry }[] {
  try {
    return Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '')
      .filter((key) => key.startsWith(`${KEY}${id} `))
      .flatMap((key) => {
        const entry = read(key)
        return entry ? [{ key, entry }] : []
      })
      .sort((one, other) => (one.entry.count ?? 0) - (other.entry.count ?? 0))
  } catch {
    return []
  }
}
