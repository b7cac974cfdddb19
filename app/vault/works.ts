import { withLock } from './withLock'
import { setAside } from './aside'
import { workStore as store } from './workStore'

const COMMISSION = 'commission '
/** Where the one project of a browser lay before there were commissions. */
const FIRST = 'project'

export const readWork = (id: string): Promise<string | null> =>
  store.getItem<string>(COMMISSION + id)

/** Ids of commissions among the keys of what is stored. */
export const worksAmong = (keys: readonly string[]): string[] =>
  keys.filter((key) => key.startsWith(COMMISSION)).map((key) => key.slice(COMMISSION.length))

/** Ids of all commissions that are stored. */
export const listWorks = async (): Promise<string[]> => worksAmong(await store.keys())

/** What is written where another tab has written since, and whether something of that is lost by it. */
export interface Met {
  text: string
  loses: boolean
}

/** What this tab had seen stored lies there no more: another window deleted it for good. */
export class WorkGone extends Error {}

/**
 * Writes a commission over what this tab has seen of it last.
 * @param meet puts together what this tab has with what another wrote since; what is lost is put aside, whole.
 * @returns what was written in place of the text, where another had written.
 * @throws WorkGone where another took it out of storage.
 */
export const writeWork = (
  id: string,
  text: string,
  seen: string | null,
  meet: (there: string) => Met = () => ({ text, loses: true }),
): Promise<Met | undefined> =>
  withLock(async () => {
    const there = await readWork(id)
    if (there === null && seen !== null) throw new WorkGone()
    const strange = there !== null && there !== seen && there !== text
    const met = strange ? meet(there) : undefined
    if (met?.loses) await setAside(there!, new Date(), id)
    await store.setItem(COMMISSION + id, met?.text ?? text)
    return met
  })

/** Takes a commission out of storage for good. */
export const dropWork = (id: string): Promise<void> => store.removeItem(COMMISSION + id)

const RUNG = 'rung'
/** So many are remembered, the newest. */
const MOST_RUNG = 200

/**
 * Of some keys, those that no tab has rung yet; noted for all of them, since a tab that slept comes late. Where storage
 * is refused each tab rings for itself.
 */
export const unrung = (keys: readonly string[]): Promise<readonly string[]> =>
  withLock(async () => {
    try {
      const before = (await store.getItem<string[]>(RUNG)) ?? []
      const fresh = keys.filter((key) => !before.includes(key))
      if (fresh.length > 0) await store.setItem(RUNG, [...before, ...fresh].slice(-MOST_RUNG))
      return fresh
    } catch {
      return keys
    }
  })

const MOVED = 'cobaltfinch-moved'
/** Whether it is known that nothing lies there any more from before there were commissions. */
export const wasMoved = (): boolean => {
  try {
    return localStorage.getItem(MOVED) !== null
  } catch {
    return false
  }
}
export const noteMoved = (): void => {
  try {
    localStorage.setItem(MOVED, 'yes')
  } catch {
    // It is looked for again next time.
  }
}

/**
 * Hands the project of a browser that had only one to `take`, once; the text is kept as it was.
 * @param take gives it a place among the commissions.
 */
export const moveFirstWork = (take: (text: string) => Promise<void>): Promise<void> =>
  withLock(async () => {
    const text = await store.getItem<string>(FIRST)
    if (text === null) return
    await setAside(text, new Date(), 'as it was in version 1')
    await take(text)
    await store.removeItem(FIRST)
  })

const channel =
  'BroadcastChannel' in globalThis ? new BroadcastChannel('cobaltfinch-work') : undefined

/** Tells other tabs that a commission was written, or that the shelf has changed. */
export const tellOthers = (id: string): void => channel?.postMessage(id)
export const onOthers = (heard: (id: string) => void): void => {
  channel?.addEventListener('message', ({ data }) => heard(String(data)))
}
