/** Items of a list by what each is known by, in their order. */
export type Keyed = ReadonlyMap<string, unknown>

/** What an item of a list is known by: its id, its name, or the move it is of; words by themselves. */
function keyOf(item: unknown): string | undefined {
  if (typeof item === 'string') return item
  if (typeof item !== 'object' || item === null) return undefined
  const { id, name, figure, copy, of } = item as Record<string, unknown>
  if (copy !== undefined) return JSON.stringify([figure, copy, of])
  const known = id ?? name
  return typeof known === 'string' ? known : undefined
}

/** Items by their keys; nothing where one has none, or two have the same. */
export function keyed(list: readonly unknown[]): Keyed | undefined {
  const found = new Map<string, unknown>()
  for (const item of list) {
    const key = keyOf(item)
    if (key === undefined || found.has(key)) return undefined
    found.set(key, item)
  }
  return found
}
