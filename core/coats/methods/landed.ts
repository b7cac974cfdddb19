import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { deltaE00 } from '../../colour/deltaE00'
import { coated, groundOf, measuredOf } from '../../paint/film'
import type { Ground } from '../../paint/film'
import { mixPaints } from '../../paint/mix'
import type { Mixture } from '../../paint/mixture'
import { liesAt } from '../../project/place'
import { coatKinds } from '../coatKinds'
import { dryFilmUm } from '../dryFilm'
import { filmOn, stackLayers } from '../stack'
import type { Stack } from '../stack'
import { endPlaces, endSpots } from './ends'
import type { EndAims, EndPlace } from './ends'

/** Passes more or fewer than a way says; a coat that covers may be laid twice, a veil a third time. */
const TURNS = [-1, 1, 2] as const
const ROUNDS = 3
/** What is gained has to be worth another pass, ΔE00 over the three places together. */
const WORTH = 0.8

interface Column {
  ground: Ground
  /** One pass of each coat that lies there, µm; nothing where it does not. */
  films: readonly (number | undefined)[]
}

/**
 * Passes for each coat so that a stack ends nearer to where a ladder aims. What a mix is, how thin it is and where it
 * lies stay: a painter lays a coat once more, or once less.
 * @example landed({ under: { kind: 'flat', reflectance: base }, coats: [coat] }, endAims([{ key: 'base', target: flesh, share: 1 }])) // [1]
 */
export function landed(stack: Stack, aims: EndAims): number[] {
  const mixtures: Mixture[] = stack.coats.map(({ parts, kind }) =>
    coatKinds[kind].pigmented ? mixPaints(parts) : { K: new Float64Array(), S: new Float64Array() },
  )
  const columnAt = (place: EndPlace): Column => {
    const { light, relief } = endSpots[place]
    return {
      ground: groundOf(stackLayers({ ...stack, coats: [] }, { light })[relief][0]!),
      films: stack.coats.map((coat) => {
        const lies = coatKinds[coat.kind].pigmented && liesAt(coat.place, { light, relief })
        const um = lies ? dryFilmUm({ ...coat, passes: 1 }, filmOn[relief]) : 0
        return um > 0 ? um : undefined
      }),
    }
  }
  const columns = endPlaces.map((place) => ({ place, ...columnAt(place) }))
  const endWith = ({ ground, films }: Column, passes: readonly number[]): Lab => {
    let lying = ground
    films.forEach((um, i) => {
      if (um !== undefined) lying = coated(lying, mixtures[i]!, um * passes[i]!)
    })
    return labOf(measuredOf(lying))
  }
  const offWith = (passes: readonly number[]): number =>
    columns.reduce((sum, column) => sum + deltaE00(endWith(column, passes), aims[column.place]), 0)

  let passes = stack.coats.map((coat) => coat.passes)
  let off = offWith(passes)
  for (let round = 0; round < ROUNDS; round++) {
    let best: { passes: number[]; off: number } | undefined
    stack.coats.forEach((coat, i) => {
      for (const turn of TURNS) {
        const many = coat.passes + turn
        if (many < 1 || many === passes[i]) continue
        const tried = passes.with(i, many)
        const now = offWith(tried)
        if (now < (best?.off ?? off - WORTH)) best = { passes: tried, off: now }
      }
    })
    if (!best) break
    ;({ passes, off } = best)
  }
  return passes
}
