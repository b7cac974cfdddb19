import { baseReflectance, zonesOf } from '../../core'
import type { Paint, Spectrum, StackCoat, Tone } from '../../core'
import type { AccentReply } from '../workers/coatsWorker'
import { threads } from '../workers/threads'
import { withPaints } from './paints'

/**
 * The glazes of life that are chosen for a figure, over its painted base, by the key of their place.
 * @param onward is told after each, and stops it by saying no.
 */
export async function glazesOver(
  { tone, places }: { tone: Tone; places: readonly string[] },
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

/** A glaze as the coat it is; nothing where the skin is right without. */
export const glazeCoat = ({ ratio, passes, parts }: AccentReply): StackCoat | undefined =>
  passes > 0
    ? {
        kind: 'glaze',
        thinner: ratio,
        passes,
        place: 'all',
        parts: withPaints(parts),
      }
    : undefined
