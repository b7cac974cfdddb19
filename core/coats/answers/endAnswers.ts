import type { Lab } from '../../colour/lab'
import type { Spectrum } from '../../colour/spectrum'
import type { Paint } from '../../paint/paint'
import { coatKinds } from '../coatKinds'
import { familiesOf } from '../roles/families'
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
  /** The glaze that brings the end back; none from bottles that veil or blacken. */
  knock?: GlazeAnswer
}

/** White alone veils and goes chalky, black alone dirties: neither is glazed over skin. */
const isColour = (paint: Paint): boolean =>
  [...familiesOf(paint)].some((family) => family !== 'white' && family !== 'black')
const isWhite = (paint: Paint): boolean => familiesOf(paint).has('white') && !isColour(paint)

/**
 * How the end of a place is brought to where it should be: by what lies under one coat, or by a glaze at last.
 * @param wanted what the place is to look like, `end` what it looks like as the stack stands, `aim` the colour a glaze
 * takes it to.
 * @param paints bottles at hand; `own` those that the place is mixed of, which with white make what is lighter than it.
 * @throws RangeError for an empty box.
 * @example endAnswers(coat, { wanted: base, end: base, aim: flesh }, box).knock?.passes
 */
export function endAnswers(
  coat: StackCoat,
  { wanted, end, aim }: { wanted: Spectrum; end: Spectrum; aim: Lab },
  paints: readonly Paint[],
  own: readonly Paint[] = paints,
): EndAnswers {
  if (paints.length === 0) throw new RangeError('an answer needs at least one paint')
  const colours = paints.filter(isColour)
  const [knock] =
    colours.length > 0
      ? glazeSearch({
          zones: [{ from: end, to: aim }],
          paints: colours,
          ratios: usualRatios,
          mostPasses: MOST_PASSES,
        })
      : []
  const lighter = [...new Set([...own, ...paints.filter(isWhite)])].slice(0, MOST_UNDER)
  const over =
    coatKinds[coat.kind].pigmented && lighter.length > 0
      ? overLight(wanted, coat, lighter, LIMITS)
      : undefined
  return { over, knock }
}
