import { formatEye, freshEye, mergeEyes, parseEye } from '../../core'
import type { EyeRecord } from '../../core'
import { setAside } from './aside'
import { alone } from './alone'
import { workStore } from './workStore'

const EYE = 'eye'

/** What is kept of the painter's eye, over all commissions; what cannot be read is put aside as it is. */
export async function readEye(): Promise<EyeRecord> {
  const text = await workStore.getItem<string>(EYE)
  if (text === null) return freshEye()
  const read = parseEye(text)
  if (read.ok) return read.value
  await setAside(text, new Date(), 'answers of the eye that could not be read')
  return freshEye()
}

/** What was stored last by this tab: while it is still there, nothing has to be read. */
let last: { text: string; eye: EyeRecord } | undefined

/** Keeps an eye's record, with what another tab has kept since. @returns both together. */
export const keepEye = (eye: EyeRecord): Promise<EyeRecord> =>
  alone(async () => {
    const text = await workStore.getItem<string>(EYE)
    const there = last && last.text === text ? last.eye : await readEye()
    const both = mergeEyes(eye, there)
    last = { text: formatEye(both), eye: both }
    await workStore.setItem(EYE, last.text)
    return both
  })
