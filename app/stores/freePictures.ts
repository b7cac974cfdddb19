import { allStored, quickTexts } from '../vault/unnamed'
import type { Stored } from '../vault/unnamed'
import { windowOpens } from '../vault/windows'
import { threads } from '../workers/threads'

/** What the room wants comes first, ms. */
const AFTER_MS = 5000

/** Frees, of these, what nothing stored names, off the page. */
export const freeOf = async (these: Stored): Promise<Stored> => {
  if (these.photos.length + these.sculpts.length === 0) return these
  return threads.commission().free(these, quickTexts())
}

/**
 * Pictures and sculpts that nothing names any more are freed when a window opens and no other is: whatever undo could
 * bring back is forgotten then. What is stored after that is not looked at.
 */
export async function freePictures(afterMs = AFTER_MS): Promise<void> {
  const stored = await windowOpens(allStored)
  if (!stored) return
  await new Promise((after) => setTimeout(after, afterMs))
  await freeOf(stored).catch(() => undefined)
}
