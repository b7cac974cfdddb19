import {
  accentOf,
  accentWith,
  baseReflectance,
  bottleParts,
  coatKinds,
  partsById,
  stepPuddle,
  usualMixes,
  zonesOf,
} from '../../../core'
import type {
  Figure,
  Ingredient,
  Paint,
  PuddlePart,
  Spectrum,
  StackCoat,
  ZoneTone,
} from '../../../core'
import type { AccentReply } from '../../workers/coatsJobs'
import { threads } from '../../workers/threads'
import type { Contents } from '../palette/contents'
import { isKnown, withPaints } from '../paints'

/** The glaze of a place of life: found for it, or of the painter's own puddle. */
export interface Glaze extends AccentReply {
  /** What it is glazed with, where the painter has said so. */
  of?: Ingredient
  /** What is put together for it. */
  made: readonly PuddlePart[]
}
export type Glazes = ReadonlyMap<string, Glaze>

type Accented = Pick<Figure, 'id' | 'tone' | 'accents'>

/**
 * Glazes that are found for the places of life of a figure which have none of the painter's own, by place.
 * @param onward is told after each, and stops it by saying no.
 */
export async function glazesOver(
  { tone, places }: { tone: Figure['tone']; places: readonly string[] },
  ground: Spectrum,
  paints: Paint[],
  onward: (found: ReadonlyMap<string, AccentReply>) => boolean = () => true,
): Promise<ReadonlyMap<string, AccentReply>> {
  const found = new Map<string, AccentReply>()
  const zones = places.length > 0 ? zonesOf(tone) : []
  for (const key of places) {
    const place = zones.find((zone) => zone.key === key)
    if (!place) continue
    const job = { ground, base: baseReflectance(tone), place: place.reflectance, paints }
    found.set(key, await threads.coats().accent(job))
    if (!onward(new Map(found))) break
  }
  return found
}

/** Places of a figure that a glaze is to be found for. */
export const placesToFind = ({ accents = [] }: Pick<Figure, 'accents'>): string[] =>
  accents.flatMap(({ place, of }) => (of ? [] : [place]))

function ownGlaze(
  { of, thinner = coatKinds.glaze.thinner, passes = 1 }: NonNullable<Figure['accents']>[number],
  ground: Spectrum,
  base: Spectrum,
  zone: ZoneTone,
  contents: Contents,
): Glaze | undefined {
  if (!of) return undefined
  try {
    const laid = { parts: contents.mixOf(of), ratio: thinner, passes }
    const { parts, ...rest } = accentWith(laid, ground, base, zone.reflectance)
    return { ...rest, parts: partsById(parts), of, made: [{ of, drops: 1 }] }
  } catch {
    // It names what has gone; the palette says so.
    return undefined
  }
}

/** What painters usually mix for a place, as thin as suits it here; nothing where there is no such mix. */
function usualGlaze(
  { id, tone }: Pick<Figure, 'id' | 'tone'>,
  place: string,
  ground: Spectrum,
  zone: ZoneTone,
  contents: Contents,
  paints: readonly Paint[],
): Glaze | undefined {
  try {
    const glazes = usualMixes(place, paints, { puddle: stepPuddle(id, 'base') }).map(
      (made): Glaze => {
        const bottles = withPaints(contents.bottlesOf(made))
        const { parts, ...rest } = accentOf(
          bottles,
          ground,
          baseReflectance(tone),
          zone.reflectance,
        )
        return { ...rest, parts: partsById(parts), made }
      },
    )
    // Of several blues the one that comes nearest here.
    return glazes.sort((one, other) => one.deltaE00 - other.deltaE00)[0]
  } catch {
    // The base is not found yet.
    return undefined
  }
}

/** Every glaze of a figure by its place: the painter's own, what is usual there, and those that were found. */
export function glazesOf(
  figure: Accented,
  ground: Spectrum,
  contents: Contents,
  found: ReadonlyMap<string, AccentReply>,
  paints: readonly Paint[],
): Glazes {
  const { tone, accents = [] } = figure
  if (accents.length === 0) return new Map()
  const zones = new Map(zonesOf(tone).map((zone) => [zone.key, zone]))
  const base = baseReflectance(tone)
  return new Map(
    accents.flatMap((accent) => {
      const zone = zones.get(accent.place)
      if (!zone) return []
      const own = ownGlaze(accent, ground, base, zone, contents)
      const other = found.get(accent.place)
      const glaze =
        own ??
        (accent.of
          ? undefined
          : usualGlaze(figure, accent.place, ground, zone, contents, paints)) ??
        (other && !accent.of && other.parts.every(({ paint }) => isKnown(paint))
          ? { ...other, made: bottleParts(other.parts) }
          : undefined)
      return glaze ? [[accent.place, glaze] as const] : []
    }),
  )
}

/** A glaze as the coat it is; nothing where the skin is right without. */
export const glazeCoat = (
  { ratio, passes, parts }: AccentReply,
  place: string,
): StackCoat | undefined =>
  passes > 0
    ? {
        kind: 'glaze',
        thinner: ratio,
        passes,
        place: [{ zones: [place] }],
        parts: withPaints(parts),
      }
    : undefined
