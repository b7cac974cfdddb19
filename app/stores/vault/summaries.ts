import localForage from 'localforage'

/** What the shelf shows of a commission, kept beside it so that the shelf need not read them all. */
export interface Summary {
  id: string
  name: string
  /** The first figures with the colours of their ladders, dark to light; the others by name only. */
  figures: { id: string; name: string; many: number; strip?: string[] }[]
  touchedAt: number
  archivedAt?: number
  deletedAt?: number
  /** Stored work that could not be read at all. */
  broken?: string
}

const store = localForage.createInstance({ name: 'cobaltfinch', storeName: 'shelf' })

/** All of them, in no order. */
export async function readSummaries(): Promise<Summary[]> {
  const all: Summary[] = []
  await store.iterate<Summary, void>((summary) => void all.push(summary))
  return all
}

export const writeSummary = async (summary: Summary): Promise<void> => {
  await store.setItem(summary.id, summary)
}

/** What is shown of a commission changes; that it was archived stays. */
export async function renewSummary(made: Summary): Promise<void> {
  const before = await store.getItem<Summary>(made.id)
  await writeSummary({ ...made, ...(before?.archivedAt ? { archivedAt: before.archivedAt } : {}) })
}

export const dropSummary = (id: string): Promise<void> => store.removeItem(id)
