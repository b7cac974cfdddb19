const LAST = 'cobaltfinch-last'

/** The commission that was open last in this browser; nothing when there was none, or storage is refused. */
export function lastNoted(): string | undefined {
  try {
    return localStorage.getItem(LAST) ?? undefined
  } catch {
    return undefined
  }
}

export function noteOpened(id: string): void {
  try {
    localStorage.setItem(LAST, id)
  } catch {
    // Where storage is refused the next visit starts at the shelf.
  }
}
