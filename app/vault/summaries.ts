import { DATABASE, storeOf } from './database'

/** What the shelf shows of a commission, kept beside it so that the shelf need not read them all. */
export interface Summary {
  id: string
  name: string
  /**
   * The first figures with the colours of their ladders, dark to light; the others by name only. As each is aimed at,
   * until it was mixed: then as it is painted, `of` its mixes alone or of its coats.
   */
  figures: { id: string; name: string; many: number; strip?: string[]; of?: 'mixes' | 'coats' }[]
  touchedAt: number
  archivedAt?: number
  deletedAt?: number
  /** Stored work that could not be read at all. */
  broken?: string
}

const store = storeOf('shelf')

/** All of them, in no order, one after the other. */
export async function readSummaries(): Promise<Summary[]> {
  const all: Summary[] = []
  await store.iterate<Summary>((summary) => void all.push(summary))
  return all
}

const answered = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error ?? new Error('the browser did not say why'))
  })

/**
 * All summaries and the keys of all work in two requests, past localForage, which would walk through them one by one.
 * @returns nothing where the database is not there yet, or not as it should be.
 */
export async function readAtOnce(): Promise<{ summaries: Summary[]; keys: string[] } | undefined> {
  if (typeof indexedDB === 'undefined') return undefined
  const open = indexedDB.open(DATABASE)
  // It is not there: whoever writes first makes it.
  open.onupgradeneeded = () => open.transaction?.abort()
  const database = await answered(open).catch(() => undefined)
  if (!database) return undefined
  try {
    const there = database.transaction(['shelf', 'work'])
    const [summaries, keys] = await Promise.all([
      answered(there.objectStore('shelf').getAll() as IDBRequest<Summary[]>),
      answered(there.objectStore('work').getAllKeys()),
    ])
    return { summaries, keys: keys.map(String) }
  } catch {
    return undefined
  } finally {
    database.close()
  }
}

export const writeSummary = async (summary: Summary): Promise<void> => {
  await store.setItem(summary.id, summary)
}

/** What is shown of a commission changes; that it was archived or deleted stays: work goes on in it, and nothing comes back unasked. */
export async function renewSummary(made: Summary): Promise<void> {
  const { archivedAt, deletedAt } = (await store.getItem<Summary>(made.id)) ?? {}
  await writeSummary({
    ...made,
    ...(archivedAt ? { archivedAt } : {}),
    ...(deletedAt ? { deletedAt } : {}),
  })
}

/** Whether it was deleted, and can be brought back still. */
export const isDeleted = async (id: string): Promise<boolean> =>
  (await store.getItem<Summary>(id))?.deletedAt !== undefined

/** It is on the shelf again. */
export async function undelete(id: string): Promise<void> {
  const before = await store.getItem<Summary>(id)
  if (!before) return
  const { deletedAt: _deletedAt, ...rest } = before
  await writeSummary(rest)
}

export const dropSummary = (id: string): Promise<void> => store.removeItem(id)
