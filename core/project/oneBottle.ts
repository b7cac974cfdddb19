/** How what was learnt of a bottle was called while it stood beside it, as a paint of the painter's own. */
const BESIDE = /^my-(.+)$/

/**
 * The bottle that a paint is a second model of, by its id; nothing where it is none. Up to version 4 what was learnt of a
 * bottle stood beside it under such an id.
 * @example besideOf('my-yellow-ochre') // "yellow-ochre"
 */
export const besideOf = (id: string): string | undefined => BESIDE.exec(id)?.[1]

/** Words of the painter are not ids. */
const WORDS = new Set(['name', 'note', 'notes', 'place', 'who', 'what'])

/** The same data with one id in the place of another, in values and as a name of an entry. */
function renamed(data: unknown, from: string, to: string): unknown {
  if (data === from) return to
  if (Array.isArray(data)) {
    const all = data.map((one) => renamed(one, from, to))
    // A list of ids that had both has it once.
    return all.every((one) => typeof one === 'string') ? [...new Set(all)] : all
  }
  if (typeof data !== 'object' || data === null) return data
  return Object.fromEntries(
    Object.entries(data).map(([key, value]) => [
      key === from ? to : key,
      WORDS.has(key) ? value : renamed(value, from, to),
    ]),
  )
}

type Known = Record<string, Record<string, unknown> | undefined>

/**
 * A commission in which what was learnt of a bottle stood beside it as a paint of its own: one bottle under the told id,
 * the other's curves a layer over it, and every mix of either a mix of it. Nothing else changes.
 * @param data a commission as it comes out of a file, or as it is open.
 * @param own id of the paint beside.
 * @example asOneBottle({ box: [], bottles: {} }, 'my-yellow-ochre').box // []
 */
export function asOneBottle<T extends object>(data: T, own: string): T {
  const told = besideOf(own)
  const { box, bottles = {}, ...rest } = data as { box?: Known[string][]; bottles?: Known }
  const record = box?.find((one) => one?.id === own)
  if (told === undefined || !record) return data
  const { [own]: ofOwn, [told]: ofTold, ...others } = bottles
  const { K, S, spread } = record
  const learnt = { K, S, spread, at: '', readings: [] }
  return {
    ...(renamed(rest, own, told) as T),
    box: box!.filter((one) => one !== record),
    bottles: { ...others, [told]: { ...ofOwn, ...ofTold, learnt } },
  }
}
