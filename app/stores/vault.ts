import localForage from 'localforage'

/** Where the work lives between visits: IndexedDB through localForage, everything on this machine. */
const store = localForage.createInstance({ name: 'cobaltfinch', storeName: 'work' })

const WORK = 'project'
const ASIDE = 'put aside '

export const readWork = (): Promise<string | null> => store.getItem<string>(WORK)

/** Puts work aside under a name of its own, unchanged, so that nothing is lost. */
export const setAside = (text: string, at: Date): Promise<unknown> =>
  store.setItem(`${ASIDE}${at.toISOString()}`, text)

/** Names of what was put aside, oldest first. */
export const listAside = async (): Promise<string[]> =>
  (await store.keys()).filter((key) => key.startsWith(ASIDE)).sort()

export const readAside = (name: string): Promise<string | null> => store.getItem<string>(name)

/** One tab writes at a time, where the browser can say so. */
const alone = <T>(work: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? (navigator.locks.request('cobaltfinch-work', work) as Promise<T>) : work()

/**
 * Writes the work over what this tab has seen last. What another tab wrote since is put aside first.
 * @returns whether something was put aside.
 */
export const writeWork = (text: string, seen: string | null): Promise<boolean> =>
  alone(async () => {
    const there = await readWork()
    const strange = there !== null && there !== seen && there !== text
    if (strange) await setAside(there, new Date())
    await store.setItem(WORK, text)
    return strange
  })

const channel =
  'BroadcastChannel' in globalThis ? new BroadcastChannel('cobaltfinch-work') : undefined

/** Tells other tabs that the work was written. */
export const tellOthers = (): void => channel?.postMessage('written')
export const onOthers = (heard: () => void): void => {
  channel?.addEventListener('message', heard)
}
