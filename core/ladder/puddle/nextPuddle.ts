import { dropsIn } from '../../recipe/recipe'
import { deltaE00Of } from '../../colour/deltaE00'
import { MixEvaluator } from '../../paint/mixEvaluator'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'

/** How far a puddle may be off its recipe, ΔE00; under 0.3 with room for what it is made from. */
const CLOSE = 0.2
/** Whole drops first, then what a small puddle may ask for. */
const UNITS = [1, 0.5, 0.25, 0.1, 0.05]
/** Sizes tried, as shares of what is wanted, and parts of what may be lifted. */
const SIZES = [1, 1.01, 1.02, 1.03, 1.05, 1.07, 1.1]
const LIFTS = [0.96, 0.92, 0.88, 0.84, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2]

export interface Puddle {
  size: number
  /** Drops lifted from the puddle it is made from. */
  lifted: number
  add: Part<Paint>[]
}

const shares = (paints: readonly Paint[], parts: readonly Part<Paint>[]): number[] => {
  const total = dropsIn(parts)
  return paints.map(
    ({ id }) =>
      parts.reduce((sum, { paint, drops }) => (paint.id === id ? sum + drops : sum), 0) / total,
  )
}

/**
 * The smallest puddle of a step that holds what is wanted: so many drops lifted from another step's puddle
 * and whole drops added, its colour within 0.2 ΔE00 of the recipe. Smaller units of a drop only where
 * whole drops cannot do it.
 * @param from what the puddle that is lifted from holds.
 * @param fixed drops that were lifted already, where that is settled.
 */
export function nextPuddle(
  step: readonly Part<Paint>[],
  wanted: number,
  from?: readonly Part<Paint>[],
  fixed?: number,
): Puddle {
  const paints = [...step, ...(from ?? [])]
    .map(({ paint }) => paint)
    .filter((paint, i, all) => all.findIndex(({ id }) => id === paint.id) === i)
  const aim = shares(paints, step)
  const source = from ? shares(paints, from) : paints.map(() => 0)
  const evaluator = new MixEvaluator(paints)
  const places = paints.map((_, i) => i)
  const lab = new Float64Array(6)
  evaluator.writeLab(places, aim, paints.length, lab, 0)
  const carried = from ? Math.min(1, ...source.map((s, i) => (s > 0 ? aim[i]! / s : Infinity))) : 0
  const lifts = carried > 0 && fixed === undefined ? LIFTS : [0]
  const off = (drops: readonly number[]): number => {
    evaluator.writeLab(places, drops, paints.length, lab, 3)
    return deltaE00Of(lab[0]!, lab[1]!, lab[2]!, lab[3]!, lab[4]!, lab[5]!)
  }
  for (const unit of UNITS)
    for (const share of SIZES)
      for (const lift of lifts) {
        const size = wanted * share
        const lifted = fixed ?? lift * carried * size
        const add = aim.map((a, i) =>
          Math.max(0, Math.round((size * a - lifted * source[i]!) / unit) * unit),
        )
        const real = lifted + add.reduce((sum, drops) => sum + drops, 0)
        if (real < wanted - 1e-9 || real > 1.12 * wanted) continue
        if (off(add.map((drops, i) => drops + lifted * source[i]!)) > CLOSE) continue
        return {
          size: real,
          lifted,
          add: paints.flatMap((paint, i) => (add[i]! > 0 ? [{ paint, drops: add[i]! }] : [])),
        }
      }
  // Exactly as the recipe says, in whatever part of a drop.
  const lifted = fixed ?? carried * wanted
  // What was lifted may hold so much of a paint that the puddle has to be larger.
  const size = source.reduce(
    (most, s, i) => Math.max(most, s > 0 ? (lifted * s) / aim[i]! : 0),
    wanted,
  )
  const add = paints.flatMap((paint, i) => {
    const drops = Math.max(0, size * aim[i]! - lifted * source[i]!)
    return drops > 1e-9 ? [{ paint, drops }] : []
  })
  return { size: lifted + dropsIn(add), lifted, add }
}
