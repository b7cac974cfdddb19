/** Fields that name one bottle by its id, wherever they stand in what a figure is painted with. */
const ONE = new Set(['bottle', 'paint', 'shadowPaint', 'lightPaint', 'runLight', 'runShade'])
/** … and several. */
const SEVERAL = 'progression'

/**
 * The same figure, puddles or parts with other bottles in the place of some; every bottle that is named is asked about.
 * @param next the bottle in the place of one; itself where it stays.
 * @example otherBottles({ of: { bottle: 'yellow-ochre' } }, () => 'sand').of.bottle // "sand"
 */
export function otherBottles<T>(data: T, next: (id: string) => string): T {
  const walked = (one: unknown): unknown => {
    if (Array.isArray(one)) return one.map(walked)
    if (typeof one !== 'object' || one === null) return one
    return Object.fromEntries(
      Object.entries(one).map(([key, value]: [string, unknown]) => {
        if (ONE.has(key) && typeof value === 'string') return [key, next(value)]
        if (key === SEVERAL && Array.isArray(value)) return [key, (value as string[]).map(next)]
        return [key, walked(value)]
      }),
    )
  }
  return walked(data) as T
}

/**
 * Ids of every bottle that is named in what a figure is painted with, each once.
 * @example bottlesNamed([{ bottle: 'yellow-ochre' }, { bottle: 'yellow-ochre' }]) // ["yellow-ochre"]
 */
export function bottlesNamed(data: unknown): string[] {
  const named = new Set<string>()
  otherBottles(data, (id) => {
    named.add(id)
    return id
  })
  return [...named]
}
