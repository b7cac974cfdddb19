import { ref } from 'vue'
import { isDeleted, undelete } from '../vault/summaries'
import { readWork, tellOthers } from '../vault/works'

/** How it was deleted: to be brought back from the shelf, or out of storage. */
export type Gone = 'from the shelf' | 'for good'

/** What lies open here and was deleted in another window: it is said, and kept where that is asked. */
export function useGone(desk: {
  openId: () => string | undefined
  /** Whether this window has seen it stored. */
  wasStored: () => boolean
  /** Stores it as what was never stored. */
  storeAnew: () => Promise<void>
}) {
  const gone = ref<Gone>()
  async function look(id: string): Promise<void> {
    const [text, deleted] = await Promise.all([readWork(id), isDeleted(id)]).catch(
      () => ['', false] as const,
    )
    if (desk.openId() !== id) return
    if (deleted) gone.value = 'from the shelf'
    else gone.value = text === null && desk.wasStored() ? 'for good' : undefined
  }
  /** What another window deleted is kept all the same, with what was changed in this one. */
  async function keepAll(): Promise<void> {
    const id = desk.openId()
    if (id === undefined) return
    if (gone.value === 'for good') await desk.storeAnew()
    else await undelete(id)
    gone.value = undefined
    tellOthers(id)
  }
  return { gone, look, keepAll }
}
