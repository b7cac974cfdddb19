import { seenApart } from '../../../core'
import type { Figure, Seen, SeenFrom, Tone } from '../../../core'
import { threads } from '../../workers/threads'
import { aimsOf, lightingOf } from '../ladder/lighting'
import { plain } from '../project/work'

/** So many times what reads apart is aimed at, until it does on the palette too. */
const SURELY = [1.12, 1.4, 1.8, 2.3] as const

/** A figure that reads like others. */
interface LikeOthers {
  figure: Figure
  /** As it is painted now, and what it reads like. */
  painted: Seen
  others: readonly Seen[]
  from: SeenFrom
  /** What the painter's eye tells apart in the hand, where that is known. */
  inHand: number | undefined
  /** How it would be painted with another tone. */
  paintedWith: (tone: Tone) => Promise<Seen>
}

/**
 * The tone that tells a figure apart from others, as it is then mixed: puddles of few drops land nearer than they aim, so
 * it is aimed further until they do not. Nothing when no tone does.
 */
export async function toneApart({
  figure,
  painted,
  others,
  from,
  inHand,
  paintedWith,
}: LikeOthers) {
  const { tone, plan, size } = figure
  const job = plain({
    tone,
    lighting: lightingOf(aimsOf({ plan, size })),
    form: plan.form,
    key: plan.key,
    moved: plan.moved,
    sizeMm: size.heightMm,
    others: [...others],
    painted,
    from,
    inHand,
  })
  let made: Tone | undefined
  for (const surely of SURELY) {
    const further = await threads.range().apart({ ...job, surely })
    if (!further) return made
    made = further
    const seen = await paintedWith(made)
    if (!others.some((other) => seenApart(seen, other, from, inHand).alike)) return made
  }
  return made
}
