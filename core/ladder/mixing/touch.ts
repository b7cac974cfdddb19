import type { Lab } from '../../colour/lab'
import type { Paint } from '../../paint/paint'
import { pouredMix } from '../../recipe/advice/touches'
import { touchRatios, withBottle } from '../../recipe/withBottle'
import type { WithRatio } from '../../recipe/withBottle'
import { fewOf } from './fewPuddles'
import type { PuddleLadder } from './fewPuddles'
import type { StepWays } from './stepWays'

/** A touch is taken where it brings the mean down by so much, ΔE00; less is not worth a bottle in hand. */
const WORTH = 0.1
/** … and not where the end would be seen to be off by it, ΔE00 (from memory). */
const SEEN = 3

/** The last step at one end: the puddle beside it with a touch of a bottle. */
export interface Touch {
  end: 'dark' | 'light'
  paint: Paint
  ratio: WithRatio
  deltaE00: number
}

/** A ladder from few puddles; with a touch its steps are all but the one at that end. */
export interface TouchedLadder {
  ladder: PuddleLadder
  touch?: Touch
  /** Mean ΔE00 over all steps. */
  mean: number
}

function touchOf(
  end: Touch['end'],
  { steps }: PuddleLadder,
  target: Lab,
  paints: readonly Paint[],
): Touch | undefined {
  const beside = steps.at(end === 'light' ? -1 : 0)!
  if (!('parts' in beside)) return undefined
  const best = withBottle(pouredMix(beside.parts), target, paints, touchRatios)
  return best && { end, paint: best.paint, ratio: best.ratio, deltaE00: best.deltaE00 }
}

/** The ladder whose step at one end is a touch; its puddles serve the steps between. */
export function ladderWithTouch(
  end: Touch['end'],
  steps: StepWays,
  puddles: number,
  paints: readonly Paint[],
): TouchedLadder | undefined {
  const { targets } = steps
  const n = targets.length
  const [from, to] = end === 'light' ? [0, n - 1] : [1, n]
  const ladder = fewOf(steps.between(from, to), puddles)
  const touch = touchOf(end, ladder, targets[end === 'light' ? n - 1 : 0]!, paints)
  return touch && { ladder, touch, mean: (ladder.mean * (n - 1) + touch.deltaE00) / n }
}

/** Whether a ladder is taken with its touch: it brings the mean down, and the end is not seen to be off by it. */
export function isWorthIt({ touch, mean }: TouchedLadder, plain: PuddleLadder): boolean {
  const own = plain.steps.at(touch?.end === 'dark' ? 0 : -1)!.deltaE00
  return touch !== undefined && touch.deltaE00 <= Math.max(SEEN, own) && mean < plain.mean - WORTH
}

/**
 * A ladder from few puddles where a glint or a crevice may be a touch of one bottle in the puddle beside it, if that is
 * nearer.
 * @param paints bottles a touch may be of.
 * @throws RangeError as `fewPuddles`.
 * @example touchedLadder(StepWays.of(targets, ways), 3, box).touch?.paint.id // "titanium-white"
 */
export function touchedLadder(
  steps: StepWays,
  puddles: number,
  paints: readonly Paint[],
): TouchedLadder {
  const ladder = fewOf(steps, puddles)
  let best: TouchedLadder = { ladder, mean: ladder.mean }
  if (puddles >= steps.targets.length) return best
  for (const end of ['light', 'dark'] as const) {
    const touched = ladderWithTouch(end, steps, puddles, paints)
    if (touched && isWorthIt(touched, ladder) && touched.mean < best.mean) best = touched
  }
  return best
}
