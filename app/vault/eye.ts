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

/** Keeps an eye's record, with what another tab has kept since. @returns both together. */
export const keepEye = (eye: EyeRecord): Promise<EyeRecord> =>
  alone(async () => {
    const both = mergeEyes(eye, await readEye())
    await workStore.setItem(EYE, formatEye(both))
    return both
  })
