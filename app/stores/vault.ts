import localForage from 'localforage'

/** Where the work lives between visits: IndexedDB through localForage, everything on this machine. */
const store = localForage.createInstance({ name: 'cobaltfinch', storeName: 'work' })

const WORK = 'project'

export const readWork = (): Promise<string | null> => store.getItem<string>(WORK)

export const writeWork = (text: string): Promise<unknown> => store.setItem(WORK, text)

/** Puts what could not be read aside under a name of its own, so that nothing is lost. */
export const setAside = (text: string, at: Date): Promise<unknown> =>
  store.setItem(`damaged ${at.toISOString()}`, text)
