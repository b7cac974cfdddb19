import { storeOf } from './database'

/**
 * Small texts that are kept at once, and in two places: where writing waits for nobody, which a page that is killed
 * leaves behind, and in the database, which a browser that is killed leaves behind (its own place for the first is
 * written seconds later). Each carries a count, so that the newer of both is known.
 */
const store = storeOf('notes')
let count = 0
const waiting = new Map<string, string | undefined>()
let running: Promise<void> | undefined

async function write(): Promise<void> {
  for (let next = waiting.entries().next(); !next.done; next = waiting.entries().next()) {
    const [key, text] = next.value
    waiting.delete(key)
    try {
      await (text === undefined ? store.removeItem(key) : store.setItem(key, text))
    } catch {
      // Where storage is refused the first place is all there is.
    }
  }
  running = undefined
}
function later(key: string, text: string | undefined): void {
  waiting.delete(key)
  waiting.set(key, text)
  running ??= write()
}
/** Once all that was kept and dropped so far is in the database. */
export const keptTwice = (): Promise<void> => running ?? Promise.resolve()

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
