import { storeOf } from './database'

/**
 * Small texts that are kept at once, and in two places: where writing waits for nobody, which a page that is killed
 * leaves behind, and in the database, which a browser that is killed leaves behind (its own place for the first is
 * written seconds later). Each carries a count, so that the newer of both is known.
 */
const store = storeOf('notes')
let count = 0
/** Later visits count on, whatever they know of earlier ones. */
const counted = (): number => (count = Math.max(count + 1, Date.now()))
const waiting = new Map<string, string>()
let running: Promise<unknown> = Promise.resolve()

/** So many are on their way at once; what comes faster waits, and only the last of it. */
const AT_ONCE = 4
let under = 0
function next(): Promise<unknown> {
  const [first] = waiting
  if (!first || under >= AT_ONCE) return Promise.resolve()
  const [key, text] = first
  waiting.delete(key)
  under++
  const written = store
    .putNow(key, text)
    // Where storage is refused the first place is all there is.
    .catch(() => undefined)
    .then(() => {
      under--
      return next()
    })
  return written
}
function later(key: string, text: string): void {
  waiting.delete(key)
  waiting.set(key, text)
  running = Promise.all([running, next()])
}
/** Once all that was kept and dropped so far is in the database. */
export async function keptTwice(): Promise<void> {
  await running
}

export function keepTwice<T extends object>(key: string, value: T): void {
  const text = JSON.stringify({ ...value, count: counted() })
  try {
    localStorage.setItem(key, text)
  } catch {
    // Full or refused.
  }
  later(key, text)
}
/**
 * That it was dropped is kept in its place: the first place takes that seconds later too, and a browser that is killed
 * before would bring back what was dropped, to be made again over what is newer.
 */
export function dropTwice(key: string): void {
  try {
    // The clock may have been set back since it was kept.
    count = Math.max(count, countOf(localStorage.getItem(key)))
    localStorage.removeItem(key)
  } catch {
    // It could not be written either.
  }
  later(key, JSON.stringify({ dropped: true, count: counted() }))
}

function parsed(text: string | null): { count?: unknown; dropped?: unknown } | undefined {
  try {
    const value = JSON.parse(text ?? 'null') as unknown
    return typeof value === 'object' && value !== null ? value : undefined
  } catch {
    return undefined
  }
}
const countOf = (text: string | null): number => {
  const known = parsed(text)?.count
  return typeof known === 'number' ? known : -1
}
const wasDropped = (text: string): boolean => parsed(text)?.dropped === true

/** What is kept under a key, as it was written; nothing where there is none or it is none of ours. */
export function readTwice(key: string): { count?: unknown } | undefined {
  try {
    return parsed(localStorage.getItem(key))
  } catch {
    return undefined
  }
}

/** So long the first place may bring back what was dropped, ms; browsers write it within minutes. */
const BROUGHT_BACK_MS = 7 * 86_400_000

/** What only the database has, or has newer, of keys that begin so comes to where it is read. */
export async function recall(beginning: string): Promise<void> {
  try {
    for (const key of await store.keys()) {
      if (!key.startsWith(beginning)) continue
      const text = await store.getItem<string>(key)
      if (text === null) continue
      const newer = countOf(text) > countOf(localStorage.getItem(key))
      if (!wasDropped(text)) {
        if (newer) localStorage.setItem(key, text)
        continue
      }
      if (newer) localStorage.removeItem(key)
      if (countOf(text) < Date.now() - BROUGHT_BACK_MS) await store.removeItem(key)
    }
  } catch {
    // Where storage is refused there is nothing to recall.
  }
}
