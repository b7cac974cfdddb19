import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'

interface Written {
  at: string
  what: string
  predicted: Lab
  real?: Lab
  minutes?: number
}

/** What was written down on one day. */
export interface Sitting<E extends Written> {
  /** Year, month and day of the painter's clock: 2026-11-25. */
  day: string
  entries: E[]
  /** Mean off by of what was measured; nothing where nothing was. */
  meanOff?: number
  minutes: number
}

const two = (n: number): string => String(n).padStart(2, '0')
const dayOf = (at: string): string => {
  const date = new Date(at)
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

/**
 * The log day by day, newest first.
 * @example sittingsOf([{ at: '2026-11-26T10:00:00Z', figure: 'bram' }]).length // 1
 */
export function sittingsOf<E extends Written>(log: readonly E[]): Sitting<E>[] {
  const days = new Map<string, E[]>()
  for (const entry of log) {
    const day = dayOf(entry.at)
    days.set(day, [...(days.get(day) ?? []), entry])
  }
  return [...days]
    .sort(([one], [other]) => (one < other ? 1 : -1))
    .map(([day, entries]) => {
      const offs = entries.flatMap(({ predicted, real }) =>
        real ? [deltaE00(predicted, real)] : [],
      )
      return {
        day,
        entries,
        minutes: entries.reduce((sum, { minutes = 0 }) => sum + minutes, 0),
        ...(offs.length > 0 ? { meanOff: offs.reduce((a, b) => a + b, 0) / offs.length } : {}),
      }
    })
}

/** The same thing painted in two sittings, and how far the two came out apart. */
export interface Twice<E extends Written> {
  what: string
  one: E
  other: E
  /** ΔE00 of what came out, or of what was predicted where that was not measured. */
  apart: number
}

/**
 * What two sittings have in common, furthest apart first.
 * @example comparedSittings(sitting, sitting).length
 */
export const comparedSittings = <E extends Written>(
  one: Sitting<E>,
  other: Sitting<E>,
): Twice<E>[] =>
  one.entries
    .flatMap((entry) => {
      const again = other.entries.find(({ what }) => what === entry.what)
      if (!again) return []
      const apart = deltaE00(entry.real ?? entry.predicted, again.real ?? again.predicted)
      return [{ what: entry.what, one: entry, other: again, apart }]
    })
    .sort((a, b) => b.apart - a.apart)
