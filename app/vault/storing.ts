let asked = false

/** Asks the browser, once, not to clear what is kept here when space runs short; it may say no. */
export function askToKeep(): void {
  if (asked || typeof navigator === 'undefined' || !navigator.storage?.persist) return
  asked = true
  void navigator.storage.persist().catch(() => false)
}

/** Why storage refused, in words, and what helps. */
export function refusalWords(error: unknown): string {
  const { name, message } = error as Error
  if (name === 'QuotaExceededError')
    return `its room for this site is full: ${message}. Delete pictures or commissions that are packed elsewhere`
  if (name === 'SecurityError' || name === 'InvalidStateError')
    return `site data is blocked or this is a private window: ${message}. Allow site data for this address`
  return message
}
