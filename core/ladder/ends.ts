import type { Lab } from '../colour/lab'
import type { LadderEnds, Target } from './targets'

/** An end that is mixed this near is asked for as it is, ΔE00: beside other darks and lights nobody sees more. */
const NEAR = 2.5
/** So much lighter than asked for a dark is mixed, or darker a light, before it counts as out of reach, L*. */
const NEAR_L = 0.5
/** Each time an end is drawn in by this share of what the mix for it falls short. */
const SHARE = 0.4
const ROUNDS = 12

/** Where a ladder ends, and where it wanted to: L* of its deepest step and of its glint. */
export interface ReachedEnds {
  ends: LadderEnds
  /** What it wanted at each end that was drawn in. */
  wanted: LadderEnds
}

/**
 * Draws a ladder in at ends that are darker or lighter than the palette can mix there, until they can be mixed: what
 * ends too far out would have to be given up in hue.
 * @param targetsAt the ladder with its ends there.
 * @param nearest the colour of the nearest mix, and how far off it is.
 * @example reachedEnds((ends) => ladderTargets(base, plainLighting, { ends }), (lab) => ({ lab, deltaE00: 0 })).wanted // {}
 */
export function reachedEnds(
  targetsAt: (ends: LadderEnds) => readonly Target[],
  nearest: (target: Lab) => { lab: Lab; deltaE00: number },
): ReachedEnds {
  /** An end that stays is not looked for again while the other is drawn in. */
  const found: { target: Lab; mixed: ReturnType<typeof nearest> }[] = []
  const mixOf = (end: 0 | 1, target: Lab) => {
    const last = found[end]
    const stays =
      last?.target.L === target.L && last.target.a === target.a && last.target.b === target.b
    return (stays ? last : (found[end] = { target, mixed: nearest(target) })).mixed
  }
  const ends: LadderEnds = {}
  const wanted: LadderEnds = {}
  for (let round = 0; round < ROUNDS; round++) {
    const targets = targetsAt(ends)
    const base = targets.find(({ key }) => key === 'base')!.target.L
    const [dark, light] = [targets[0]!.target, targets.at(-1)!.target]
    const [darkest, lightest] = [mixOf(0, dark), mixOf(1, light)]
    const deep = darkest.deltaE00 > NEAR ? darkest.lab.L - dark.L : 0
    const high = lightest.deltaE00 > NEAR ? light.L - lightest.lab.L : 0
    if (deep < NEAR_L && high < NEAR_L) break
    if (deep >= NEAR_L && dark.L + SHARE * deep < base) {
      wanted.dark ??= dark.L
      ends.dark = dark.L + SHARE * deep
    }
    if (high >= NEAR_L && light.L - SHARE * high > base) {
      wanted.light ??= light.L
      ends.light = light.L - SHARE * high
    }
  }
  return { ends, wanted }
}
