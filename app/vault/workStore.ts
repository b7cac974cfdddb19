import localForage from 'localforage'

/** Where the work lives between visits: IndexedDB through localForage, everything on this machine. */
export const workStore = localForage.createInstance({ name: 'cobaltfinch', storeName: 'work' })
