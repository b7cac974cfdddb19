/** One line of the reference table: what was compared with what, and how far off it was at most. */
export interface Row {
  what: string
  against: string
  cases: number
  worst: number
  limit: number
}

/** The greatest of many differences; NaN stays NaN so that it cannot pass. */
export const worstOf = (values: readonly number[]): number =>
  values.reduce((most, value) => (Number.isNaN(value) || value > most ? value : most), 0)

/** Repeatable numbers in 0–1 (mulberry32, public domain). */
export function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
