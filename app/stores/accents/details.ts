import { bottleParts, labOf, mixPaints, opaqueReflectance, smallLadders } from '../../../core'
import type {
  BottleDrops,
  Figure,
  FigureDetail,
  Ingredient,
  Lab,
  PouredTone,
  PuddlePart,
} from '../../../core'
import type { SmallReply } from '../../workers/coatsJobs'
import type { Contents } from '../palette/contents'
import { isKnown, withPaints } from '../paints'

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
  /** What was found for its tones, now or when painting began. */
  found: readonly PouredTone[]
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

const labOfBottles = (parts: readonly BottleDrops[]): Lab =>
  labOf(opaqueReflectance(mixPaints(withPaints(parts))))

const areKnown = (parts: readonly BottleDrops[]): boolean =>
  parts.every(({ paint }) => isKnown(paint))

const allKnown = ({ parts, ofMiddle }: PouredTone): boolean =>
  areKnown(parts) && (!ofMiddle || areKnown([ofMiddle.bottle]))
/** What is held of a tone as painting begins. */
export const pouredOf = ({ parts, ofMiddle }: PouredTone): PouredTone => ({
  parts,
  ...(ofMiddle ? { ofMiddle: { middle: ofMiddle.middle, bottle: ofMiddle.bottle } } : {}),
})

/** A tone that was found comes with its colour; what was poured is looked at again. */
interface KnownTone extends PouredTone {
  lab?: Lab
  ofMiddle?: NonNullable<PouredTone['ofMiddle']> & { lab?: Lab }
}

/** So many drops of the middle, and the bottle. */
function labOfMiddle(
  middle: readonly BottleDrops[],
  { middle: drops, bottle }: NonNullable<PouredTone['ofMiddle']>,
): Lab {
  const all = middle.reduce((sum, one) => sum + one.drops, 0)
  return labOfBottles([
    ...middle.map((one) => ({ paint: one.paint, drops: (one.drops / all) * drops })),
    bottle,
  ])
}

/** An eye's white is of no figure: what is found the same for several is one puddle, mixed once for all of them. */
export const smallId = (key: string, tone: DetailTone, made: readonly PuddlePart[]): string =>
  `:${key} ${tone} ${JSON.stringify(made)}`

/** Eyes, teeth, claws and mouth as they are on a figure, or would be. */
export const detailsOf = (
  { details = [] }: Pick<Figure, 'details'>,
  found: readonly SmallReply[],
  contents: Contents,
): ShownDetail[] =>
  smallLadders.map(({ key, name, words }) => {
    const chosen = details.find((one) => one.key === key)
    const stands = chosen?.poured?.every(allKnown) ? chosen.poured : undefined
    const steps: readonly KnownTone[] = stands ?? found.find((one) => one.key === key)?.steps ?? []
    const middle = steps[1]?.parts
    return {
      key,
      name,
      words,
      on: chosen !== undefined,
      found: steps,
      tones: tones.flatMap((tone, i) => {
        const of = chosen?.[tone]
        if (of) return [ownTone(tone, of, contents)]
        const step = steps[i]
        if (!step || !allKnown(step)) return []
        const { ofMiddle } = step
        // Beside a middle of the painter's own it is mixed by itself.
        if (!ofMiddle || chosen?.middle || !middle || !areKnown(middle))
          return [
            { tone, made: bottleParts(step.parts), lab: step.lab ?? labOfBottles(step.parts) },
          ]
        const from = { puddle: smallId(key, 'middle', bottleParts(middle)) }
        const made = [{ of: from, drops: ofMiddle.middle }, ...bottleParts([ofMiddle.bottle])]
        return [{ tone, made, lab: ofMiddle.lab ?? labOfMiddle(middle, ofMiddle) }]
      }),
    }
  })
