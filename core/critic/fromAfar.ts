import type { SeenFrom } from '../project/seenFrom'
import { distances } from '../project/seenFrom'
import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import type { StepKey } from '../project/steps'
import { readsFrom } from '../range/apart'
import type { PaintedStep } from './paintedSkin'

/** What is left of a ladder at a distance. */
export interface FromAfar {
  from: SeenFrom
  /** Neighbours nearer than this read as one, ΔE00. */
  wanted: number
  /** Steps that read as one, dark to light. */
  groups: { keys: StepKey[]; lab: Lab; share: number }[]
  /** L* between the darkest and the lightest group. */
  range: number
  /** The group that is seen first: large, and far from the rest. */
  first: number
}

/** Colours by their shares. */
function blended(steps: readonly Omit<PaintedStep, 'key'>[]): { lab: Lab; share: number } {
  const share = steps.reduce((sum, step) => sum + step.share, 0)
  const of = (axis: 'L' | 'a' | 'b'): number =>
    steps.reduce((sum, step) => sum + step.share * step.lab[axis], 0) / share
  return { lab: { L: of('L'), a: of('a'), b: of('b') }, share }
}

/**
 * How a ladder reads in the hand, on the table and on a shelf: neighbours that are too near to be told apart at that
 * size are taken together, nearest first, until all that are left read; thresholds are common practice, no source.
 * @param steps dark to light; `sizeMm` the height of the figure, `inHand` what the painter's eye tells apart.
 * @example fromAfar(seenSkin, 54).map(({ from }) => from) // ["hand", "table", "shelf"]
 */
export const fromAfar = (
  steps: readonly PaintedStep[],
  sizeMm: number,
  inHand?: number,
): FromAfar[] =>
  (Object.keys(distances) as SeenFrom[]).map((from) => {
    const wanted = readsFrom(sizeMm, from, inHand)
    let groups = steps.map(({ key, lab, share }) => ({
      keys: [key],
      lab,
      share: Math.max(share, 1e-6),
    }))
    for (;;) {
      const gaps = groups.slice(1).map(({ lab }, i) => deltaE00(groups[i]!.lab, lab))
      const least = Math.min(...gaps)
      if (gaps.length === 0 || least >= wanted) break
      const at = gaps.indexOf(least)
      const pair = [groups[at]!, groups[at + 1]!] as const
      const one = { keys: [...pair[0].keys, ...pair[1].keys], ...blended(pair) }
      groups = [...groups.slice(0, at), one, ...groups.slice(at + 2)]
    }
    const skin = blended(groups).lab
    const calls = groups.map(({ lab, share }) => Math.sqrt(share) * deltaE00(lab, skin))
    return {
      from,
      wanted,
      groups,
      range: groups.at(-1)!.lab.L - groups[0]!.lab.L,
      first: calls.indexOf(Math.max(...calls)),
    }
  })
