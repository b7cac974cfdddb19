import type { Relief } from '../project/coat'
import type { Spectrum } from '../colour/spectrum'
import { wetLook, withFinish } from '../paint/appearance'
import { coated, groundOf, measuredOf } from '../paint/film'
import { mixPaints } from '../paint/mix'
import type { Part } from '../paint/mix'
import type { Paint } from '../paint/paint'
import type { Finish } from '../paint/surface'
import type { ValueSketch } from '../project/stack'
import { coatKinds, USUAL_FINISH } from './coatKinds'
import { dryFilmUm } from './dryFilm'
import type { CoatFilm } from './dryFilm'
import { liesAt, reliefPlaces } from '../project/place'
import type { LightPlace, Place, ReliefPlace, Spot } from '../project/place'

export interface StackCoat extends CoatFilm {
  parts: readonly Part<Paint>[]
  place: Place
  /** Of a varnish, how it dries; matt when not given. */
  finish?: Finish
}

/** What lies under the first coat: one colour, or a value sketch from dark to white above. */
type Undercoat = { kind: 'flat'; reflectance: Spectrum } | ValueSketch<Spectrum>

export interface Stack {
  under: Undercoat
  coats: readonly StackCoat[]
}

/** Part of the white that a place gets from a spray: more from above, little in recesses (from memory). */
const CAUGHT: Readonly<Record<LightPlace, number>> = {
  'deep-shadow': 0.03,
  shadow: 0.08,
  middle: 0.5,
  light: 0.95,
  glint: 1,
}
const RECESSED: Readonly<Record<Relief, number>> = { recess: 0.35, flat: 1, ridge: 1.15 }

function ground(under: Undercoat, relief: Relief, place: LightPlace): Spectrum {
  if (under.kind === 'flat') return under.reflectance
  const { dark, light, strength, elevation } = under
  const steep = 1 - 0.5 * (elevation / 90)
  const reach = relief === 'recess' ? RECESSED.recess * steep : RECESSED[relief]
  const share = Math.min(1, strength * CAUGHT[place] * reach)
  return dark.map((d, i) => d + share * (light[i]! - d))
}

/** Reflectance after every coat, the undercoat first, on each relief where the light falls so. */
export type Layers = Readonly<Record<ReliefPlace, readonly Spectrum[]>>

/** The film that gathers there: what lies deepest gathers as a recess does. */
export const filmOn: Readonly<Record<ReliefPlace, Relief>> = {
  deepest: 'recess',
  recess: 'recess',
  join: 'recess',
  flat: 'flat',
  ridge: 'ridge',
}

/**
 * A stack coat by coat: every coat is a dry film of its own thickness on each relief over
 * what is there already (`coated`). The order of the coats is the order in
 * which they are laid. As an instrument would measure it.
 * @example labOf(stackLayers({ under: { kind: 'flat', reflectance: base }, coats: [coat] }, 'middle').flat.at(-1)).L
 */
export function stackLayers(
  { under, coats }: Stack,
  where: LightPlace | Omit<Spot, 'relief'>,
): Layers {
  const spot = typeof where === 'string' ? { light: where } : where
  const layersOn = (relief: ReliefPlace): Spectrum[] => {
    const film = filmOn[relief]
    const layers = [ground(under, film, spot.light)]
    let lying = groundOf(layers[0]!)
    for (const coat of coats) {
      const thicknessUm = dryFilmUm(coat, film)
      const lies = thicknessUm > 0 && liesAt(coat.place, { ...spot, relief })
      if (lies) lying = coated(lying, mixPaints(coat.parts), thicknessUm)
      layers.push(lies ? measuredOf(lying) : layers.at(-1)!)
    }
    return layers
  }
  return Object.fromEntries(reliefPlaces.map((relief) => [relief, layersOn(relief)])) as Record<
    ReliefPlace,
    Spectrum[]
  >
}

/**
 * How the finished stack shines: as its last varnish, unless paint lies over that; water-thinned acrylic
 * dries matt, with medium satin (from memory).
 * @example finishOf([{ kind: 'varnish', finish: 'satin' }]) // "satin"
 */
export function finishOf(
  coats: readonly Pick<StackCoat, 'kind' | 'finish' | 'thinnedWith'>[],
): Finish {
  const last = coats.at(-1)
  if (last && !coatKinds[last.kind].pigmented) return last.finish ?? USUAL_FINISH
  return last?.thinnedWith === 'medium' ? 'satin' : USUAL_FINISH
}

/** What the eye meets: an instrument leaves the glare out, the eye does not; wet paint has none. */
export const looks = ['measured', 'dry', 'wet'] as const
export type Look = (typeof looks)[number]
/** @example asSeen(base, 'matt', 'measured') === base // true */
export function asSeen(measured: Spectrum, finish: Finish, look: Look): Spectrum {
  if (look === 'measured') return measured
  return look === 'dry' ? withFinish(measured, 'gloss', finish) : wetLook(measured, 'gloss')
}
