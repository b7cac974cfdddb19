let asked = false

/** Asks the browser, once, not to clear what is kept here when space runs short; it may say no. */
export function askToKeep(): void {
  if (asked || typeof navigator === 'undefined' || !navigator.storage?.persist) return
  asked = true
  void navigator.storage.persist().catch(() => false)
}
