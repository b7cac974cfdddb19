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
