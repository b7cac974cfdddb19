import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { BANDS } from '../../colour/spectrum'
import { normals, seeded } from '../../numbers/seeded'
import type { Part } from '../../paint/mix'
import type { Mixture } from '../../paint/mixture'
import { opaqueReflectance } from '../../paint/opaque'
import { dabKeys, dabOf } from './dabs'
import type { Looked } from './dabs'

/** What a well may truly be: its drops as they may have fallen, and how far its look lies from what such drops give. */
export interface Supposed {
  /** Absorption and scattering, summed over drops. */
  K: Float64Array
  S: Float64Array
  drops: number
  off: { L: number; a: number; b: number }
  weight: number
}

const MANY = 240
/** Standard deviation of the logarithm of a part: uneven drops, a miscounted one, a bottle that is stronger or weaker. */
const PART = 0.4
/** … of L*, a*, b*, for what bottles are not as they were told. */
const COLOUR = 2.5
/** By how much an eye errs, ΔE00; and how often it says anything at all. */
const EYE = 2.2
const SLIP = 0.02

/**
 * Wells as a well may be, before it was looked at. The same each time.
 * @example suppose([{ paint: white, drops: 3 }]).length // 240
 */
export function suppose(parts: readonly Part[]): Supposed[] {
  const normal = normals(seeded(17))
  return Array.from({ length: MANY }, () => {
    const K = new Float64Array(BANDS)
    const S = new Float64Array(BANDS)
    let drops = 0
    for (const { paint, drops: planned } of parts) {
      const fell = planned * Math.exp(PART * normal())
      drops += fell
      pour(paint, fell, K, S)
    }
    const off = { L: COLOUR * normal(), a: COLOUR * normal(), b: COLOUR * normal() }
    return { K, S, drops, off, weight: 1 / MANY }
  })
}

function pour(paint: Mixture, drops: number, K: Float64Array, S: Float64Array): void {
  for (let i = 0; i < BANDS; i++) {
    K[i]! += drops * paint.K[i]!
    S[i]! += drops * paint.S[i]!
  }
}

/** The same well with drops added. */
export function added(well: Supposed, parts: readonly Part[]): Supposed {
  const K = well.K.slice()
  const S = well.S.slice()
  let { drops } = well
  for (const part of parts) {
    drops += part.drops
    pour(part.paint, part.drops, K, S)
  }
  return { ...well, K, S, drops }
}

/** How it looks. */
export function looksOf({ K, S, off }: Supposed): Lab {
  const { L, a, b, white } = labOf(opaqueReflectance({ K, S }))
  return { L: Math.max(0, L + off.L), a: a + off.a, b: b + off.b, white }
}

/** Those wells, each as likely as what was seen of it makes it. */
export function seenAs(wells: readonly Supposed[], looked: Looked, aim: Lab): Supposed[] {
  const shown = [
    { key: 'right' as Looked, lab: aim },
    ...dabKeys.flatMap((key) => {
      const lab = dabOf(aim, key)
      return lab ? [{ key: key as Looked, lab }] : []
    }),
  ]
  const at = shown.findIndex(({ key }) => key === looked)
  const weighed = wells.map((well) => {
    const look = looksOf(well)
    const likely = shown.map(({ lab }) => Math.exp(-((deltaE00(look, lab) / EYE) ** 2) / 2) + 1e-9)
    const all = likely.reduce((sum, one) => sum + one, 0)
    return { ...well, weight: well.weight * (SLIP + (likely[at] ?? 0) / all) }
  })
  const sum = weighed.reduce((all, { weight }) => all + weight, 0)
  return weighed.map((well) => ({ ...well, weight: well.weight / sum }))
}
