import { deltaE00, deltaE00Of } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'

/** Two in three bottles drop within this share of the usual size: ±20% holds nineteen in twenty. */
export const DROP_SIGMA = 0.1

export interface Steadiness {
  /** Root mean square ΔE00 when every bottle drops a little larger or smaller. */
  uneven: number
  /** Largest ΔE00 that one drop more or less of one paint makes. */
  oneDrop: number
  /** The paint that does it, by place in the mix. */
  touchy: number
}

const seen = (parts: readonly Part[]): Lab => labOf(opaqueReflectance(mixPaints(parts)))
const changed = (parts: readonly Part[], at: number, drops: number): Part[] =>
  parts.map((part, i) => (i === at ? { ...part, drops } : part))
const STEP = 0.02

/**
 * How steady a recipe is. For drops of uneven size the colour is taken as linear in the logarithm of each
 * amount, and the bottles as independent (JCGM 100:2008, 5.1.2), so squares add up.
 * @example steadinessOf([{ paint: white, drops: 3 }, { paint: ochre, drops: 1 }]).uneven
 */
export function steadinessOf(parts: readonly Part[]): Steadiness {
  const lab = seen(parts)
  let squares = 0
  let oneDrop = 0
  let touchy = 0
  parts.forEach(({ drops }, i) => {
    const there = seen(changed(parts, i, drops * (1 + STEP)))
    const slope = DROP_SIGMA / STEP
    const off = deltaE00Of(
      lab.L,
      lab.a,
      lab.b,
      lab.L + (there.L - lab.L) * slope,
      lab.a + (there.a - lab.a) * slope,
      lab.b + (there.b - lab.b) * slope,
    )
    squares += off * off
    for (const by of [1, -1]) {
      if (drops + by < 0 || (drops + by === 0 && parts.length === 1)) continue
      const moved = deltaE00(lab, seen(changed(parts, i, drops + by)))
      if (moved > oneDrop) [oneDrop, touchy] = [moved, i]
    }
  })
  return { uneven: Math.sqrt(squares), oneDrop, touchy }
}
