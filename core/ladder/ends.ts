import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { clamp } from '../numbers/clamp'
import type { LadderEnds, Target } from './targets'

/** An end that is mixed this near is asked for as it is, ΔE00: beside other darks and lights nobody sees more. */
const NEAR = 2.5
/** A mix is as dark or light as an end asks for when its L* is this near. */
const NEAR_L = 2
/** Shares of the way back to the base that are given up for a colour that is met, the least first. */
const INWARD = [0, 0.12, 0.24, 0.36] as const
/** The base itself is no end: a step lies beyond it, at least so much of the way out. */
const LEAST_OUT = 0.05
/** Shares of its chroma that an end may keep, the most first: contrast is a ladder's first job, shadows may grey. */
const KEPT = [1, 0.75, 0.5, 0.25] as const

/** Where a ladder ends, and where it wanted to: L* of its deepest step and of its glint. */
export interface ReachedEnds {
  ends: LadderEnds
  /** What it wanted at each end that was drawn in. */
  wanted: LadderEnds
}

/**
 * Fits the ends of a ladder to what the palette can mix there. An end whose colour is out of reach gives up chroma, down
 * to a quarter; only what is not dark or light enough even so is drawn in, as little as has to be.
 * @param targetsAt the ladder with its ends there.
 * @param nearest the colour of the nearest mix, and how far off it is.
 * @example reachedEnds((ends) => ladderTargets(base, plainLighting, { ends }), (lab) => ({ lab, deltaE00: 0 })).wanted // {}
 */
export function reachedEnds(
  targetsAt: (ends: LadderEnds) => readonly Target[],
  nearest: (target: Lab) => { lab: Lab; deltaE00: number },
): ReachedEnds {
  const first = targetsAt({})
  const baseL = first.find(({ key }) => key === 'base')!.target.L
  const ends: LadderEnds = {}
  const wanted: LadderEnds = {}
  const greyer = ({ L, a, b }: Lab, kept: number): Lab => ({ L, a: kept * a, b: kept * b })

  for (const end of ['dark', 'light'] as const) {
    const endOf = (targets: readonly Target[]): Lab =>
      (end === 'dark' ? targets[0]! : targets.at(-1)!).target
    const wish = endOf(first)
    if (nearest(wish).deltaE00 <= NEAR) continue
    const mixesAt = (target: Lab) =>
      KEPT.map((kept) => ({ kept, ...nearest(greyer(target, kept)) }))
    const outermost = mixesAt(wish)
    // As far out as any mix for it lies, whatever its chroma, but not beyond what was wanted.
    const lies = outermost.map(({ lab }) => lab.L)
    const least = baseL + LEAST_OUT * (wish.L - baseL)
    const reached =
      end === 'dark'
        ? clamp(Math.min(...lies), [wish.L, least])
        : clamp(Math.max(...lies), [least, wish.L])
    const short = Math.abs(reached - wish.L) > NEAR_L
    // Where no chroma is met there, up to a third of the way is given up for one that is.
    const endAt = (share: number) => {
      const L = share === 0 && !short ? wish.L : reached + share * (baseL - reached)
      const target = L === wish.L ? wish : endOf(targetsAt({ [end]: L }))
      return { L, target, mixes: L === wish.L ? outermost : mixesAt(target) }
    }
    const outer = endAt(0)
    let at = outer
    for (let i = 1; i < INWARD.length && !at.mixes.some(met); i++) at = endAt(INWARD[i]!)
    if (!at.mixes.some(met)) at = outer
    if (at.L !== wish.L) {
      wanted[end] = wish.L
      ends[end] = at.L
    }
    const { kept } = at.mixes.find(met) ?? nearestAsLight(at.mixes, at.target)
    if (kept < 1) ends.keeps = { ...ends.keeps, [end]: kept }
  }
  return { ends, wanted }
}

interface EndMix {
  kept: number
  lab: Lab
  deltaE00: number
}

const met = ({ deltaE00: off }: EndMix): boolean => off <= NEAR

/** Of mixes that are all off, the nearest of those that are as light as it should be, if any is. */
function nearestAsLight(mixes: readonly EndMix[], target: Lab): EndMix {
  const light = mixes.filter(({ lab }) => Math.abs(lab.L - target.L) <= NEAR_L)
  return (light.length > 0 ? light : mixes).reduce((one, other) =>
    deltaE00(other.lab, target) < deltaE00(one.lab, target) ? other : one,
  )
}
