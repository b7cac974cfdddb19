import { fewOf } from './fewPuddles'
import type { PuddleLadder } from './fewPuddles'
import type { MixedLadder, MixedStep, MixRequest } from './mixing'
import { NEAREST, practical } from '../../recipe/advice/practical'
import { isWorthIt, ladderWithTouch, touchedLadder } from './touch'
import { StepWays } from './stepWays'
import type { TouchedLadder } from './touch'

/** Ways to mix each puddle that are weighed together: more hardly change a ladder, fewer do. */
const WAYS = 16
/** … and so many to tell what one more puddle would bring. */
const TOLD_FROM = 4
/** Puddles of a ladder when nothing else is said. */
export const USUAL_PUDDLES = 3

const withoutTouch = (ladder: PuddleLadder): TouchedLadder => ({ ladder, mean: ladder.mean })

/**
 * A ladder from few puddles, and what one more would bring.
 * @example inPuddles(request).note.puddles // [0, 3, 6]
 */
export function inPuddles(request: MixRequest, wanted = USUAL_PUDDLES): MixedLadder {
  const { targets, several } = request
  // A touch is of a bottle, into a puddle that stands.
  const paints = request.paints.slice(0, request.bottles)
  const many = Math.min(wanted, targets.length)
  const ways = StepWays.of(
    targets,
    targets.map((target) => practical(several(target, NEAREST), WAYS)),
  )
  // What a touch and what one more puddle would bring is told from the best few of the ways.
  const best = ways.best(TOLD_FROM)
  const told = touchedLadder(best, many, paints)
  const more = many < targets.length ? told.mean - touchedLadder(best, many + 1, paints).mean : 0
  const plain = fewOf(ways, many)
  const touched = told.touch && ladderWithTouch(told.touch.end, ways, many, paints)
  // Of all the ways it may be another puddle that is touched.
  const { ladder, touch, mean } =
    touched && isWorthIt(touched, plain) ? touched : withoutTouch(plain)
  // With a touch at the dark end the ladder's own steps begin after it.
  const first = touch?.end === 'dark' ? 1 : 0
  const steps = ladder.steps.map((step): MixedStep =>
    'parts' in step
      ? step
      : {
          parts: [],
          poured: step.between.map((at, i) => ({ step: at + first, drops: step.ratio[i]! })),
          deltaE00: step.deltaE00,
        },
  )
  if (touch) {
    const beside = first === 1 ? 1 : targets.length - 2
    const touched: MixedStep = {
      parts: [{ paint: touch.paint, drops: touch.ratio[1] }],
      poured: [{ step: beside, drops: touch.ratio[0] }],
      deltaE00: touch.deltaE00,
    }
    if (first === 1) steps.unshift(touched)
    else steps.push(touched)
  }
  return {
    steps,
    note: {
      way: 'puddles',
      puddles: ladder.anchors.map((at) => at + first),
      mean,
      another: Math.max(0, more),
      ...(touch ? { touch: { end: touch.end, paint: touch.paint.id } } : {}),
    },
  }
}
