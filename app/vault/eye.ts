import { formatEye, freshEye, mergeEyes, parseEye } from '../../core'
import type { EyeRecord } from '../../core'
import { setAside } from './aside'
import { withLock } from './withLock'
import { workStore } from './workStore'

const EYE = 'eye'
/** What was answered and is not stored yet, written at once: a page can be gone before storage has answered. */
const PENDING = 'cobaltfinch-eye'

/** @param eye the answers that are not stored yet, and the settings; nothing once all are. */
export function noteEye(eye: EyeRecord | undefined): void {
  try {
    if (eye) localStorage.setItem(PENDING, formatEye(eye))
    else localStorage.removeItem(PENDING)
  } catch {
    // The answers themselves are stored in a moment; only that moment is not covered.
  }
}
function pending(): EyeRecord | undefined {
  try {
    const read = parseEye(localStorage.getItem(PENDING) ?? '')
    return read.ok ? read.value : undefined
  } catch {
    return undefined
  }
}

async function stored(): Promise<EyeRecord> {
  const text = await workStore.getItem<string>(EYE)
  if (text === null) return freshEye()
  const read = parseEye(text)
  if (read.ok) return read.value
  await setAside(text, new Date(), 'answers of the eye that could not be read')
  return freshEye()
}

/** What is kept of the painter's eye, over all commissions; what cannot be read is put aside as it is. */
export async function readEye(): Promise<EyeRecord> {
  const [kept, left] = [await stored(), pending()]
  return left ? mergeEyes({ ...kept, settings: left.settings }, left) : kept
}

/** What was stored last by this tab: while it is still there, nothing has to be read. */
let last: { text: string; eye: EyeRecord } | undefined

/** Keeps an eye's record, with what another tab has kept since. @returns both together. */
export const keepEye = (eye: EyeRecord): Promise<EyeRecord> =>
  withLock(async () => {
    const text = await workStore.getItem<string>(EYE)
    const there = last && last.text === text ? last.eye : await stored()
    const both = mergeEyes(eye, there)
    last = { text: formatEye(both), eye: both }
    await workStore.setItem(EYE, last.text)
    return both
  })
