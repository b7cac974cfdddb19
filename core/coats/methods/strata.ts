import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { liesAt } from '../../project/place'
import { dryFilmUm } from '../dryFilm'
import { endPlaces, endSpots } from './ends'
import type { EndPlace } from './ends'
import { filmOn, stackLayers } from '../stack'
import type { Stack } from '../stack'

/** A coat cut through: its colour over all that lies below, and its dry film in µm; 0 where it is not laid. */
export interface Stratum {
  lab: Lab
  um: number
}

/**
 * A stack cut through where it is in shadow (in a recess), in the middle (on a flat) and lit (on a ridge); the undercoat
 * first, its film not counted.
 * @example strataOf({ under: { kind: 'flat', reflectance: base }, coats: [coat] }).middle.length // 2
 */
export function strataOf(stack: Stack): Record<EndPlace, Stratum[]> {
  const cut = (place: EndPlace): Stratum[] => {
    const { light, relief } = endSpots[place]
    return stackLayers(stack, { light })[relief].map((reflectance, i) => {
      const coat = stack.coats[i - 1]
      const lies = coat && liesAt(coat.place, { relief, light })
      return { lab: labOf(reflectance), um: lies ? dryFilmUm(coat, filmOn[relief]) : 0 }
    })
  }
  return Object.fromEntries(endPlaces.map((place) => [place, cut(place)])) as Record<
    EndPlace,
    Stratum[]
  >
}
