import { bottleParts, labOf, mixPaints, opaqueReflectance, smallLadders } from '../../../core'
import type { Figure, FigureDetail, Ingredient, Lab, PuddlePart } from '../../../core'
import type { SmallReply } from '../../workers/coatsJobs'
import type { Contents } from '../palette/contents'
import { isKnown } from '../paints'

const tones = ['shadow', 'middle', 'light'] as const
type DetailTone = (typeof tones)[number]

/** One tone of an eye, of teeth, of claws: found for it, or the painter's own. */
interface ShownTone {
  tone: DetailTone
  of?: Ingredient
  made: readonly PuddlePart[]
  lab: Lab | undefined
}

export interface ShownDetail {
  key: FigureDetail['key']
  name: string
  words: string
  /** It is painted on this figure. */
  on: boolean
  tones: ShownTone[]
}

function ownTone(tone: DetailTone, of: Ingredient, contents: Contents): ShownTone {
  const made = [{ of, drops: 1 }]
  try {
    return { tone, of, made, lab: labOf(opaqueReflectance(mixPaints(contents.mixOf(of)))) }
  } catch {
    // It names what has gone, or is not found yet.
    return { tone, of, made, lab: undefined }
  }
}

/** Eyes, teeth, claws and mouth as they are on a figure, or would be. */
export const detailsOf = (
  { details = [] }: Pick<Figure, 'details'>,
  found: readonly SmallReply[],
  contents: Contents,
): ShownDetail[] =>
  smallLadders.map(({ key, name, words }) => {
    const chosen = details.find((one) => one.key === key)
    const steps = found.find((one) => one.key === key)?.steps
    return {
      key,
      name,
      words,
      on: chosen !== undefined,
      tones: tones.flatMap((tone, i) => {
        const of = chosen?.[tone]
        if (of) return [ownTone(tone, of, contents)]
        const step = steps?.[i]
        return step && step.parts.every(({ paint }) => isKnown(paint))
          ? [{ tone, made: bottleParts(step.parts), lab: step.lab }]
          : []
      }),
    }
  })
