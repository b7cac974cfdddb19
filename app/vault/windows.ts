/** Held, in common, by every window as long as it is open. */
const OPEN = 'cobaltfinch-window'

const canLock = (): boolean => typeof navigator !== 'undefined' && 'locks' in navigator

/**
 * Says that this window is open from now on.
 * @param first is done before, where no other window is; nothing is where the browser cannot say whether one is.
 */
export async function windowOpens<T>(first: () => Promise<T>): Promise<T | undefined> {
  if (!canLock()) return undefined
  try {
    return await navigator.locks.request(OPEN, { ifAvailable: true }, async (lock) =>
      lock ? first() : undefined,
    )
  } catch {
    return undefined
  } finally {
    const asLongAsItIsOpen = new Promise<void>(() => undefined)
    void navigator.locks.request(OPEN, { mode: 'shared' }, () => asLongAsItIsOpen)
  }
}

/** Whether another window is open, as far as the browser can say. */
export async function othersAreOpen(): Promise<boolean> {
  if (!canLock()) return false
  const { held = [] } = await navigator.locks.query()
  return held.filter(({ name }) => name === OPEN).length > 1
}
