/** One tab writes at a time, where the browser can say so. */
export const withLock = <T>(work: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? (navigator.locks.request('cobaltfinch-work', work) as Promise<T>) : work()
