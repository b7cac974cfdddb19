import { workStore } from './workStore'

const ASIDE = 'put aside '

/** Work that was put aside: by its name in storage, when, and whose or why. */
export interface Aside {
  name: string
  at: number
  /** The id of a commission, or why it was put aside. */
  of: string
}

/** Puts work aside under a name of its own, unchanged, so that nothing is lost. */
export async function setAside(text: string, at: Date, why = ''): Promise<void> {
  // What lies there already, to the letter, need not lie there twice.
  for (const { name, of } of await listAside())
    if (of === why && (await readAside(name)) === text) return
  await workStore.setItem(`${ASIDE}${at.toISOString()} ${why}`.trim(), text)
}

/** What was put aside, oldest first. */
export const listAside = async (): Promise<Aside[]> =>
  (await workStore.keys())
    .filter((name) => name.startsWith(ASIDE))
    .sort()
    .map((name) => {
      const [time = '', ...of] = name.slice(ASIDE.length).split(' ')
      return { name, at: Date.parse(time) || 0, of: of.join(' ') }
    })

export const readAside = (name: string): Promise<string | null> => workStore.getItem<string>(name)

/** Takes what was put aside out of storage for good. */
export const dropAside = (name: string): Promise<void> => workStore.removeItem(name)
