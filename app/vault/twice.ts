import { storeOf } from './database'

/**
 * Small texts that are kept at once, and in two places: where writing waits for nobody, which a page that is killed
 * leaves behind, and in the database, which a browser that is killed leaves behind (its own place for the first is
 * written seconds later). Each carries a count, so that the newer of both is known.
 */
const store = storeOf('notes')
let count = 0
const waiting = new Map<string, string | undefined>()
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
function later(key: string, text: string | undefined): void {
  waiting.delete(key)
  waiting.set(key, text)
  running = Promise.all([running, next()])
}
/** Once all that was kept and dropped so far is in the database. */
export async function keptTwice(): Promise<void> {
  await running
}

export function keepTwice<T extends object>(key: string, value: T): void {
  // Later visits count on, whatever they know of earlier ones.
  count = Math.max(count + 1, Date.now())
  const text = JSON.stringify({ ...value, count })
  try {
    localStorage.setItem(key, text)
  } catch {
    // Full or refused.
  }
  later(key, text)
}
export function dropTwice(key: string): void {
  try {
    localStorage.removeItem(key)
  } catch {
    // It could not be written either.
  }
  later(key, undefined)
}

function parsed(text: string | null): { count?: unknown } | undefined {
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

/** What is kept under a key, as it was written; nothing where there is none or it is none of ours. */
export function readTwice(key: string): unknown {
  try {
    return parsed(localStorage.getItem(key))
  } catch {
    return undefined
  }
}

/** What only the database has, or has newer, of keys that begin so comes to where it is read. */
export async function recall(beginning: string): Promise<void> {
  try {
    for (const key of await store.keys()) {
      if (!key.startsWith(beginning)) continue
      const text = await store.getItem<string>(key)
      if (text !== null && countOf(text) > countOf(localStorage.getItem(key)))
        localStorage.setItem(key, text)
    }
  } catch {
    // Where storage is refused there is nothing to recall.
  }
}
