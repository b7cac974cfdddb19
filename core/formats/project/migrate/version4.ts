import { asOneBottle, besideOf } from '../../../project/oneBottle'
import { isLoose } from './loose'
import type { Loose } from './loose'

/** Whether anything of a commission names a bottle: a mix, a table, a figure's own bottles, a school. */
function names(data: unknown, id: string): boolean {
  if (data === id) return true
  if (Array.isArray(data)) return data.some((one) => names(one, id))
  return isLoose(data) && Object.values(data).some((one) => names(one, id))
}

/**
 * Version 4 to 5. What was learnt of a bottle stood beside it as a paint of its own, and both were mixed together; now it
 * is a layer over the bottle. Where the painter uses both, they stay, and are asked about.
 */
export function fromVersion4(old: Loose): Loose {
  const box = Array.isArray(old.box) ? old.box : []
  const beside = box.flatMap((one) => {
    if (!isLoose(one) || typeof one.id !== 'string' || one.origin !== 'calibrated') return []
    const told = besideOf(one.id)
    const { figures, puddles, palette } = old
    const both =
      told === undefined || [one.id, told].every((id) => names([figures, puddles, palette], id))
    return both ? [] : [one.id]
  })
  return { ...beside.reduce<Loose>(asOneBottle, old), version: 5 }
}
