/**
 * Mixes that were found last, kept where reading waits for nobody: a room that opens shows them at once, and finds out
 * afterwards that they still are the best. Nothing is lost with them; where storage is refused there are none.
 */
export interface LastMixes {
  commission: string
  figure: string
  /** Mark of all that was asked; the same question has the same answer. */
  question: string
  found: unknown
}

/** Its number goes up when what is kept changes its shape. */
const KEY = 'cobaltfinch-mixes-1'
/** So many figures are kept, the newest. */
const MOST = 12

function all(): LastMixes[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]')
    return Array.isArray(kept) ? (kept as LastMixes[]).filter(Boolean) : []
  } catch {
    return []
  }
}

/** Whether mixes of some figure of a commission are kept. */
export const hasLastMixes = (commission: string): boolean =>
  all().some((one) => one.commission === commission)

/** What was found last for a figure, where the question was the same. */
export const lastMixes = (
  asked: Pick<LastMixes, 'commission' | 'figure' | 'question'>,
): LastMixes | undefined =>
  all().find(
    ({ commission, figure, question }) =>
      commission === asked.commission && figure === asked.figure && question === asked.question,
  )

function write(kept: readonly LastMixes[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(kept.slice(0, MOST)))
  } catch {
    // They are found again.
  }
}

export function keepMixes(made: LastMixes): void {
  const others = all().filter(
    ({ commission, figure }) => commission !== made.commission || figure !== made.figure,
  )
  write([made, ...others])
}

/** A commission that is deleted for good takes its mixes with it. */
export const dropLastMixes = (commission: string): void =>
  write(all().filter((one) => one.commission !== commission))
