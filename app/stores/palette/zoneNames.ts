import { placeNames } from '../../../core'
import type { Figure } from '../../../core'

/** What a figure calls its places of life; a place that its tone does not have keeps its key. */
export function zoneNames({ tone }: Pick<Figure, 'tone'>): (place: string) => string {
  const names = placeNames(tone)
  return (place) => names.get(place) ?? place
}
