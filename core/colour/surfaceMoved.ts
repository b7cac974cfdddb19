import type { Lab } from './lab'
import { smoothestReflectance } from './smoothest'
import type { Spectrum } from './spectrum'

/** How much of a move is tried, the whole first. */
const SHARES = [1, 0.75, 0.5, 0.25]

/** A surface of a colour that was moved; as far on its way as a surface goes, nothing where none does. */
export function surfaceMoved(
  from: Lab,
  by: { L: number; a: number; b: number },
): Spectrum | undefined {
  for (const share of SHARES)
    try {
      return smoothestReflectance({
        L: from.L + share * by.L,
        a: from.a + share * by.a,
        b: from.b + share * by.b,
      })
    } catch (error) {
      if (!(error instanceof RangeError)) throw error
    }
  return undefined
}
