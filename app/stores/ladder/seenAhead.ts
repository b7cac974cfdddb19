import { PuddleError, stepPuddle } from '../../../core'
import type { StoredPuddle } from '../../../core'
import { pause } from '../../workers/inSlices'
import { contentsOf } from '../palette/contents'
import { isKnown } from '../paints'
import type { Found } from './found'
import { predicted } from './predicted'

/** Works out what found mixes look like, one in a turn: the seven of a ladder in one would hold the page. */
export async function seenAhead(
  figure: string,
  { mixes, from, steps }: Pick<Found, 'mixes' | 'from' | 'steps'>,
  puddles: readonly StoredPuddle[],
): Promise<void> {
  const settled = puddles.filter(({ figure: of }) => of === undefined || of === figure)
  const keys = steps.map(({ key }) => key)
  const contents = contentsOf(figure, settled, keys, (key) => mixes[keys.indexOf(key) - from])
  for (const key of keys.slice(from, from + mixes.length)) {
    await pause()
    try {
      const parts = contents.bottlesOf(contents.partsOf(stepPuddle(figure, key)) ?? [])
      if (parts.length > 0 && parts.every(({ paint }) => isKnown(paint))) predicted(parts)
    } catch (why) {
      // Poured from a step that is not among these: it is looked at where it is shown.
      if (!(why instanceof PuddleError)) throw why
    }
  }
}
