/** What is filled in and not yet kept, by what it is of. Where storage is refused it lasts as long as the page. */
const keyOf = (of: string): string => `cobaltfinch-draft ${of}`

export function keepDraft(of: string, draft: unknown): void {
  try {
    localStorage.setItem(keyOf(of), JSON.stringify(draft))
  } catch {
    // Full or refused: the work itself has its own word for that.
  }
}
export function draftOf(of: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(keyOf(of)) ?? 'null')
  } catch {
    return null
  }
}
export function dropDraft(of: string): void {
  try {
    localStorage.removeItem(keyOf(of))
  } catch {
    // Nothing is there.
  }
}
