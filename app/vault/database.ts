import localForage from 'localforage'

/** Where the work lives between visits: IndexedDB through localForage, everything on this machine. */
export const DATABASE = 'cobaltfinch'
const STORES = ['work', 'shelf', 'photos', 'sculpts', 'notes'] as const
type StoreName = (typeof STORES)[number]

function makeMissing(database: IDBDatabase): void {
  for (const name of STORES)
    if (!database.objectStoreNames.contains(name)) database.createObjectStore(name)
}

function opened(version?: number): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const open = indexedDB.open(DATABASE, version)
    let waited = true
    open.onupgradeneeded = () => makeMissing(open.result)
    open.onsuccess = () => (waited ? resolve(open.result) : open.result.close())
    // Another tab, of an older version, does not let go: nobody waits for it.
    open.onblocked = () => {
      waited = false
      reject(new Error('another tab holds the database'))
    }
    open.onerror = () => reject(open.error ?? new Error('the browser did not say why'))
  })
}

/**
 * All stores are made in one upgrade: left to themselves each instance of localForage would upgrade the database for its
 * own, and with two tabs of a first visit one of them loses its connection for good.
 */
async function make(): Promise<void> {
  if (typeof indexedDB === 'undefined') return
  try {
    const database = await opened()
    const { version } = database
    const whole = STORES.every((name) => database.objectStoreNames.contains(name))
    database.close()
    if (!whole) (await opened(version + 1)).close()
  } catch {
    // Where storage is refused, whoever writes or reads next is told so.
  }
}
let made: Promise<void> | undefined
/** Once the database is there with all its stores. */
const databaseMade = (): Promise<void> => (made ??= make())

let direct: Promise<IDBDatabase | undefined> | undefined
/** A connection of our own; nothing where there is none to be had. */
const connected = (): Promise<IDBDatabase | undefined> =>
  (direct ??= databaseMade().then(async () => {
    if (typeof indexedDB === 'undefined') return undefined
    try {
      const database = await opened()
      const letGo = (): void => {
        database.close()
        direct = undefined
      }
      database.onversionchange = letGo
      database.onclose = letGo
      return database
    } catch {
      return undefined
    }
  }))

/** What is kept in one store, by keys; asked for once all stores are there. */
export function storeOf(storeName: StoreName) {
  const store = localForage.createInstance({ name: DATABASE, storeName })
  const whole = async () => {
    await databaseMade()
    return store
  }
  return {
    getItem: async <T>(key: string): Promise<T | null> => (await whole()).getItem<T>(key),
    setItem: async <T>(key: string, value: T): Promise<T> => (await whole()).setItem(key, value),
    /**
     * Writes and has it committed without another word from the page, which may be busy or gone by then: localForage's
     * own way ends when the page hears that it was taken.
     */
    putNow: async (key: string, value: string): Promise<void> => {
      const database = await connected()
      if (!database) {
        await (await whole()).setItem(key, value)
        return
      }
      const change = database.transaction(storeName, 'readwrite')
      change.objectStore(storeName).put(value, key)
      change.commit()
      return new Promise((resolve, reject) => {
        change.oncomplete = () => resolve()
        change.onabort = () => reject(change.error ?? new Error('the browser did not say why'))
      })
    },
    removeItem: async (key: string): Promise<void> => (await whole()).removeItem(key),
    keys: async (): Promise<string[]> => (await whole()).keys(),
    iterate: async <T>(each: (value: T) => void): Promise<void> =>
      (await whole()).iterate<T, void>(each),
  }
}
