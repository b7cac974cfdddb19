import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import type { Paint } from '../../paint/paint'
import { coatKinds } from '../coatKinds'
import type { StackCoat } from '../stack'
import { glazeSearch, usualRatios } from './glazeSearch'
import type { GlazeAnswer } from './glazeSearch'
import { overLight } from './overLight'
import type { OverLight } from './overLight'

/** So many paints are searched for the mix under a coat; a large box would take seconds. */
export const MOST_UNDER = 24
const LIMITS = { maxPaints: 3, maxDrops: 12 }
const MOST_PASSES = 4

export interface EndAnswers {
  /** What to paint before the coat, so that it ends where it should; a coat without pigment has none. */
  over?: OverLight
  /** The glaze that brings the end back. */
  knock: GlazeAnswer
}

/**
 * How the end of a place is brought to where it should be: by what lies under one coat, or by a glaze at last.
 * @param wanted what the place is to look like, `end` what it looks like as the stack stands, `aim` the colour a glaze
 * takes it to.
 * @throws RangeError for an empty box.
 * @example endAnswers(coat, { wanted: base, end: base, aim: flesh }, box).knock.passes
 */
export function endAnswers(
  coat: StackCoat,
  { wanted, end, aim }: { wanted: Spectrum; end: Spectrum; aim: Lab },
  paints: readonly Paint[],
): EndAnswers {
  const zones = [{ from: end, to: aim }]
  const [knock] = glazeSearch({ zones, paints, ratios: usualRatios, mostPasses: MOST_PASSES })
  const over = coatKinds[coat.kind].pigmented
    ? overLight(wanted, coat, paints.slice(0, MOST_UNDER), LIMITS)
    : undefined
  return { over, knock: knock! }
}
