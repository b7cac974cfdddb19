import type { CoatKind, Gathering, Relief, Thinner } from '../project/coat'
import { coatThicknessUm } from '../paint/coat'
import { coatKinds } from './coatKinds'

/** Medium holds paint where it is put: half of what water would gather or leave (from memory). */
const HELD = 0.5

/** Of a coat that is lifted while wet so much stays, in a recess and elsewhere (from memory). */
const STAYS: Readonly<Record<Relief, number>> = { recess: 0.85, flat: 0.25, ridge: 0.25 }

/** A coat as far as its film goes. */
export interface CoatFilm {
  kind: CoatKind
  /** Parts of thinner to one of paint. */
  thinner: number
  passes: number
  /** Water when not given. */
  thinnedWith?: Thinner
  /** Taken off flats and pools while it is wet. */
  lifted?: boolean
  /** The painter's own way of laying this kind; usual for it when not given. */
  on?: Gathering
}

/**
 * Pigment film of all passes of a coat on a relief, µm as if of undiluted paint dried; a varnish carries none.
 * Water leaves a thinner film, medium a film with less pigment in it: K·X and S·X fall alike.
 * @example dryFilmUm({ kind: 'layer', thinner: 1, passes: 2 }, 'flat') // 20
 */
export function dryFilmUm(
  { kind, thinner, passes, thinnedWith = 'water', lifted = false, on }: CoatFilm,
  relief: Relief,
): number {
  if (!(Number.isInteger(passes) && passes >= 1 && passes <= 20))
    throw new RangeError(`${passes} passes; allowed is a whole number from 1 to 20`)
  const { wicked, flows, on: usual } = coatKinds[kind]
  const laid = (on ?? usual)[relief]
  const gathered = thinnedWith === 'medium' && flows ? laid + HELD * (1 - laid) : laid
  const stays = lifted ? STAYS[relief] : 1
  return coatThicknessUm(thinner, wicked) * gathered * stays * passes
}
