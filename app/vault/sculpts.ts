import { storeOf } from './database'
import type { ShownForm } from './shownForm'

/** A sculpt of the painter’s own, kept in this browser. */
export interface KeptSculpt extends ShownForm {
  name: string
  /** Whether the browser agreed to keep it. */
  kept: boolean
}

/** Sculpts by their ids; one that is kept is never changed. */
const store = storeOf('sculpts')

export const sculptOf = (id: string): Promise<KeptSculpt | null> => store.getItem<KeptSculpt>(id)
export const putSculpt = async (
  id: string,
  sculpt: ShownForm & { name: string },
): Promise<void> => {
  await store.setItem(id, sculpt)
}
export const sculptIds = (): Promise<string[]> => store.keys()
export const dropSculpt = (id: string): Promise<void> => store.removeItem(id)
