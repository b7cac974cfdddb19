import { storeOf } from './database'
import { dropPhoto, photoIds } from './photos'
import { dropSculpt, sculptIds } from './sculpts'
import { workStore } from './workStore'

/** Ids of pictures and sculpts that are stored. */
export interface Stored {
  photos: string[]
  sculpts: string[]
}

export const allStored = async (): Promise<Stored> => ({
  photos: await photoIds(),
  sculpts: await sculptIds(),
})

/** Takes it out of storage. */
export async function discard({ photos, sculpts }: Stored): Promise<void> {
  for (const id of photos) await dropPhoto(id)
  for (const id of sculpts) await dropSculpt(id)
}

/** What stands between quotes, in whatever text a text lies, and may be an id. */
const QUOTED = /["\\]([\w-]{1,80})(?=["\\])/g

/** What is kept where reading waits for nobody: journals and drafts are there before they are in the database. */
export const quickTexts = (): string[] =>
  Array.from({ length: localStorage.length }, (_, i) => {
    const key = localStorage.key(i)
    return (key !== null && localStorage.getItem(key)) || ''
  })

/**
 * Frees, of these, what nothing stored names: no commission, nothing put aside, no journal, no draft.
 * @param quick texts that are not in the database; read before, since what leaves them is in the database by then.
 * @returns what was freed.
 */
export async function freeUnnamed(these: Stored, quick: readonly string[]): Promise<Stored> {
  const left = new Set([...these.photos, ...these.sculpts])
  const look = (value: unknown): void => {
    const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? '')
    for (const [, id] of text.matchAll(QUOTED)) left.delete(id!)
  }
  quick.forEach(look)
  await storeOf('notes').iterate(look)
  await workStore.iterate(look)
  const gone = (ids: readonly string[]): string[] => ids.filter((id) => left.has(id))
  const freed = { photos: gone(these.photos), sculpts: gone(these.sculpts) }
  await discard(freed)
  return freed
}
