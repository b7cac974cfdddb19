import { coatKinds, EVERYWHERE, usualAmounts } from '../../../core'
import type { Figure, Ingredient, Painted, PuddlePart, SpotShares, StepKey } from '../../../core'
import { smallId } from '../accents/details'
import type { ShownDetail } from '../accents/details'
import type { Glazes } from '../accents/glazes'
import { stackPlanOf } from '../coats/stackPlanOf'
import type { Contents } from './contents'

/** Everything that one figure is painted with. */
export interface FigurePaint {
  figure: Figure
  /** Kinds of spots that its form has. */
  spots: SpotShares
  contents: Contents
  /** The ladder of a second light, from the other side. */
  others?: readonly { key: StepKey; name: string; made: readonly PuddlePart[] }[]
  glazes: Glazes
  details: readonly ShownDetail[]
}

/** A mix that was found for a place or an eye: it stands on the palette until the painter makes it their own. */
export interface FoundPuddle {
  id: string
  name: string
  made: readonly PuddlePart[]
}

/** An id that no stored puddle has. */
const foundId = (figure: string, what: string): string => `${figure}:${what}`

/** What a place of life is glazed with. */
export const glazedWith = (
  figure: string,
  place: string,
  glazes: Glazes,
): Ingredient | undefined => {
  const glaze = glazes.get(place)
  if (!glaze || glaze.passes === 0) return undefined
  return glaze.of ?? { puddle: foundId(figure, place) }
}
/** What the tones of an eye, of teeth, of claws are painted with. */
export const detailedWith = ({ key, tones }: ShownDetail): Ingredient[] =>
  tones.map(({ tone, of, made }) => of ?? { puddle: smallId(key, tone, made) })

/** Mixes that were found and are painted with. */
export const foundPuddles = (
  { figure: { id }, glazes, details, others = [] }: FigurePaint,
  zoneName: (place: string) => string,
): FoundPuddle[] => [
  ...others
    .filter(({ made }) => made.length > 0)
    .map(({ key, name, made }) => ({
      id: foundId(id, `other ${key}`),
      name: `${name}, other side`,
      made,
    })),
  ...[...glazes].flatMap(([place, { of, made, passes }]) =>
    of || passes === 0 ? [] : [{ id: foundId(id, place), name: zoneName(place), made }],
  ),
  ...details
    .filter(({ on }) => on)
    .flatMap(({ key, name, tones }) =>
      tones.flatMap(({ tone, of, made }) =>
        of ? [] : [{ id: smallId(key, tone, made), name: `${name}, ${tone}`, made }],
      ),
    ),
]

/** What a figure's paint goes on, as far as its amounts go. */
export function paintedOf({ figure, spots, glazes, details }: FigurePaint): Painted {
  const { bare } = figure.plan
  const { id } = figure
  const { under, coats: laid } = stackPlanOf(figure)
  return {
    amounts: {
      sizeMm: figure.size.heightMm,
      figures: figure.many,
      bare: bare ?? usualAmounts.bare,
      dropsPerMl: usualAmounts.dropsPerMl,
    },
    spots,
    under: under.kind === 'flat' ? [under.of] : [under.dark, under.light],
    coats: laid.map(({ of, kind, thinner: thin, passes, place }) => ({
      of,
      kind,
      thinner: thin ?? coatKinds[kind].thinner,
      passes: passes ?? 1,
      place: place ?? EVERYWHERE,
    })),
    accents: [...glazes].flatMap(([place, { ratio, passes }]) => {
      const of = glazedWith(id, place, glazes)
      return of ? [{ of, thinner: ratio, passes }] : []
    }),
    details: details.filter(({ on }) => on).flatMap((detail) => detailedWith(detail)),
  }
}
