import type { Mixture } from '../../paint/mixture'
import { gcd } from '../../numbers/gcd'
import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'

/** Drops of the base mix to drops of the other paint. */
export type Ratio = readonly [base: number, other: number]

interface RunStep {
  ratio: Ratio
  lab: Lab
}

export interface Run {
  /** From the base outward. */
  steps: RunStep[]
  /** Largest deviation of a gap from the even one, as a share of it; no run of whole drops has less. */
  uneven: number
  /** The gap between neighbours that was aimed at, ΔE00. */
  gap: number
}

/** Every ratio of whole drops up to a sum and so many of each, least of the other paint first. */
export function ratiosUpTo(maxDrops: number, most = maxDrops): Ratio[] {
  const all: Ratio[] = []
  for (let base = 1; base < maxDrops && base <= most; base++)
    for (let other = 1; base + other <= maxDrops && other <= most; other++)
      if (gcd(base, other) === 1) all.push([base, other])
  return all.sort((one, next) => one[1] * next[0] - next[1] * one[0])
}

const mixOf = (base: Mixture, other: Mixture, [b, o]: Ratio): Lab =>
  labOf(
    opaqueReflectance(
      mixPaints([
        { paint: base, drops: b },
        { paint: other, drops: o },
      ]),
    ),
  )

/**
 * Whole-drop ratios from a base toward one other paint, so that neighbours differ as evenly as whole
 * drops allow: the largest deviation of a gap from the wanted one is the least there is among all
 * rising runs of so many ratios (a minimax chain, found by dynamic programming over every ratio; ties to
 * fewer drops).
 * @param gap ΔE00 wanted between neighbours; less where the other paint is not far enough away.
 * @param most drops of each at most.
 * @throws RangeError when the limits leave fewer ratios than steps.
 * @example runToward(ochre, white, { steps: 2, maxDrops: 8, gap: 5 }).steps.length // 2
 */
export function runToward(
  base: Mixture,
  other: Mixture,
  {
    steps,
    maxDrops,
    gap,
    most,
  }: {
    steps: number
    maxDrops: number
    gap: number
    most?: number
  },
): Run {
  const ratios = ratiosUpTo(maxDrops, most)
  if (ratios.length < steps)
    throw new RangeError(
      `${maxDrops} drops give ${ratios.length} ratios; ${steps} steps need more drops`,
    )
  const labs = [labOf(opaqueReflectance(base)), ...ratios.map((ratio) => mixOf(base, other, ratio))]
  const apart = labs.map((one) => Float64Array.from(labs, (next) => deltaE00(one, next)))
  // What a chain of so many gaps can span at most bounds the gap.
  const wanted = Math.min(gap, spanned(apart, steps) / steps)
  const drops = [0, ...ratios.map(([b, o]) => b + o)]
  interface Chain {
    worst: number
    drops: number
    from: number
  }
  let row: (Chain | undefined)[] = labs.map((_, i) =>
    i === 0 ? { worst: 0, drops: 0, from: -1 } : undefined,
  )
  const rows = [row]
  for (let k = 1; k <= steps; k++) {
    const next: (Chain | undefined)[] = labs.map(() => undefined)
    for (let j = 1; j < labs.length; j++)
      for (let i = 0; i < j; i++) {
        const before = row[i]
        if (!before) continue
        const worst = Math.max(before.worst, Math.abs(apart[i]![j]! - wanted) / wanted)
        const sum = before.drops + drops[j]!
        const best = next[j]
        if (
          !best ||
          worst < best.worst - 1e-12 ||
          (worst <= best.worst + 1e-12 && sum < best.drops)
        )
          next[j] = { worst, drops: sum, from: i }
      }
    rows.push((row = next))
  }
  let last = -1
  row.forEach((chain, j) => {
    const best = row[last]
    if (
      chain &&
      (!best ||
        chain.worst < best.worst - 1e-12 ||
        (chain.worst <= best.worst + 1e-12 && chain.drops < best.drops))
    )
      last = j
  })
  const { worst } = row[last]!
  const places: number[] = []
  for (let k = steps, at = last; k > 0; k--) {
    places.unshift(at)
    at = rows[k]![at]!.from
  }
  return {
    steps: places.map((at) => ({ ratio: ratios[at - 1]!, lab: labs[at]! })),
    uneven: worst,
    gap: wanted,
  }
}

/** Length of the chain from the base to the farthest ratio, in about so many pieces. */
function spanned(apart: readonly Float64Array[], steps: number): number {
  const last = apart.length - 1
  let sum = 0
  let at = 0
  const whole = apart[0]![last]!
  for (let j = 1; j <= last; j++)
    if (apart[at]![j]! >= whole / steps || j === last) {
      sum += apart[at]![j]!
      at = j
    }
  return Math.max(whole, sum)
}
