import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'

interface BoughtStep {
  /** One bottle, or two half and half. */
  parts: Part<Paint>[]
  lab: Lab
  deltaE00: number
}

export interface Progression {
  steps: BoughtStep[]
  /** Neighbouring bottles too far apart for one bridge, ΔE00. */
  wide: { from: Paint; to: Paint; gap: number }[]
}

/** Two bottles so much further apart than two gaps of the ladder want a bottle between them. */
const TOO_WIDE = 1.4
const seen = (parts: Part<Paint>[]): Lab => labOf(opaqueReflectance(mixPaints(parts)))

/**
 * A ladder from bottles that are a progression already: every step is a bottle, or half and half of two
 * neighbours, rising in lightness, with the least sum of ΔE00 to the targets (dynamic programming over
 * all rising choices).
 * @throws RangeError when bottles and bridges are fewer than the steps.
 */
export function boughtProgression(bottles: readonly Paint[], targets: readonly Lab[]): Progression {
  const rising = bottles
    .map((paint) => ({ paint, lab: seen([{ paint, drops: 1 }]) }))
    .sort((one, other) => one.lab.L - other.lab.L)
  const rungs = rising.flatMap(({ paint, lab }, i) => {
    const next = rising[i + 1]
    const own = { parts: [{ paint, drops: 1 }], lab }
    if (!next) return [own]
    const parts = [
      { paint, drops: 1 },
      { paint: next.paint, drops: 1 },
    ]
    return [own, { parts, lab: seen(parts) }]
  })
  if (rungs.length < targets.length)
    throw new RangeError(
      `${bottles.length} bottles and their bridges make ${rungs.length} tones; the ladder has ${targets.length} steps`,
    )
  rungs.sort((one, other) => one.lab.L - other.lab.L)
  const off = targets.map((target) => rungs.map(({ lab }) => deltaE00(lab, target)))
  // cost[t][r]: least sum when step t stands on rung r.
  const cost = targets.map(() => new Float64Array(rungs.length).fill(Infinity))
  const from = targets.map(() => new Int32Array(rungs.length).fill(-1))
  for (let t = 0; t < targets.length; t++)
    for (let r = t; r < rungs.length; r++) {
      if (t === 0) {
        cost[0]![r] = off[0]![r]!
        continue
      }
      for (let b = t - 1; b < r; b++) {
        const sum = cost[t - 1]![b]! + off[t]![r]!
        if (sum < cost[t]![r]!) {
          cost[t]![r] = sum
          from[t]![r] = b
        }
      }
    }
  const lastCosts = cost.at(-1)!
  let at = lastCosts.indexOf(Math.min(...lastCosts))
  const steps: BoughtStep[] = []
  for (let t = targets.length - 1; t >= 0; t--) {
    steps.unshift({ ...rungs[at]!, deltaE00: off[t]![at]! })
    at = from[t]![at]!
  }
  const gaps = targets.slice(1).map((target, i) => deltaE00(target, targets[i]!))
  const usual = gaps.reduce((sum, gap) => sum + gap, 0) / Math.max(1, gaps.length)
  const wide = rising.slice(1).flatMap(({ paint, lab }, i) => {
    const before = rising[i]!
    const gap = deltaE00(before.lab, lab)
    return gap > 2 * TOO_WIDE * usual ? [{ from: before.paint, to: paint, gap }] : []
  })
  return { steps, wide }
}
