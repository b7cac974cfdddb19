import type { Mixture } from '../../paint/mixture'
import { coated, groundOf, seenOf } from '../../paint/film'
import type { Ground } from '../../paint/film'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { BANDS } from '../../colour/spectrum'
import { mixPaints } from '../../paint/mix'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { opaqueReflectance } from '../../paint/opaque'
import { deltaE00 } from '../../colour/deltaE00'
import { liesAt } from '../../project/place'
import { coatKinds } from '../coatKinds'
import { dryFilmUm } from '../dryFilm'
import { filmOn, stackLayers } from '../stack'
import type { Stack } from '../stack'
import { endPlaces, endSpots } from './ends'
import type { EndAims, EndPlace } from './ends'
import { clamp } from '../../numbers/clamp'

/** Nearer than this, ΔE00, a place is left as it is. */
const NEAR = 1.5
/** Rounds over the places, and looks for one coat in one of them. */
const ROUNDS = 3
const LOOKS = 9
/** What is gained has to be worth another puddle, ΔE00 over the three places together. */
const WORTH = 0.6

export interface TuneRequest {
  stack: Stack
  aims: EndAims
  /** Drops of bottles that are nearest to a colour. */
  nearest: (target: Lab) => Part<Paint>[]
}

const NONE = new Float64Array(BANDS)

/** Coats whose mix was changed so that the stack ends where it should, by their place in it. */
export type Tuned = ReadonlyMap<number, Part<Paint>[]>

/** The end in each place with other mixes for some coats; films and mixtures are worked out once. */
class Ends {
  private readonly mixtures: Mixture[]
  private readonly columns: Readonly<
    Record<EndPlace, { ground: Ground; films: { coat: number; thicknessUm: number }[] }>
  >

  constructor(stack: Stack) {
    this.mixtures = stack.coats.map(({ kind, parts }) =>
      coatKinds[kind].pigmented ? mixPaints(parts) : { K: NONE, S: NONE },
    )
    const columnAt = (place: EndPlace) => {
      const { light, relief } = endSpots[place]
      return {
        ground: groundOf(stackLayers({ ...stack, coats: [] }, { light })[relief][0]!),
        films: stack.coats.flatMap((coat, i) => {
          const thicknessUm = dryFilmUm(coat, filmOn[relief])
          const lies = coatKinds[coat.kind].pigmented && liesAt(coat.place, { light, relief })
          return lies && thicknessUm > 0 ? [{ coat: i, thicknessUm }] : []
        }),
      }
    }
    this.columns = {
      shadow: columnAt('shadow'),
      middle: columnAt('middle'),
      light: columnAt('light'),
    }
  }

  /** Coats that lie in a place, in the order they are laid. */
  lying = (place: EndPlace): number[] => this.columns[place].films.map(({ coat }) => coat)

  set(coat: number, parts: readonly Part<Paint>[]): void {
    this.mixtures[coat] = mixPaints(parts)
  }
  at(place: EndPlace): Lab {
    const { ground, films } = this.columns[place]
    return labOf(
      seenOf(
        films.reduce(
          (under, { coat, thicknessUm }) => coated(under, this.mixtures[coat]!, thicknessUm),
          ground,
        ),
      ),
    )
  }
}

/**
 * Mixes for some coats of a stack so that it ends where a ladder aims: in each place the covering coat or what lies over
 * it is mixed so much lighter, darker or warmer as what comes after takes back (over-lit where a wash follows). A coat is
 * only changed where that is worth it in all places together.
 * @example tuned({ stack: { under: { kind: 'flat', reflectance: base }, coats: [] }, aims: endAims([{ key: 'base', target: flesh, share: 1 }]), nearest: () => parts }).size // 0
 */
export function tuned({ stack, aims, nearest }: TuneRequest): Tuned {
  const mixes = new Map<number, Part<Paint>[]>()
  const ends = new Ends(stack)
  const offAt = (place: EndPlace): number => deltaE00(ends.at(place), aims[place])
  const all = (): number => endPlaces.reduce((sum, place) => sum + offAt(place), 0)
  /** Coats that may be mixed otherwise for a place: the last that covers, and all that lie over it. */
  const candidates = (place: EndPlace): number[] => {
    const lying = ends.lying(place)
    const covering = lying.findLastIndex((i) => {
      const { wicked, flows } = coatKinds[stack.coats[i]!.kind]
      return !wicked && flows && stack.coats[i]!.kind !== 'wash'
    })
    return lying.slice(Math.max(0, covering)).reverse()
  }
  /** The best mix of one coat for one place, as far as all places together gain. */
  function mend(place: EndPlace, coat: number): { parts: Part<Paint>[]; sum: number } | undefined {
    const had = mixes.get(coat) ?? stack.coats[coat]!.parts
    let aim = labOf(opaqueReflectance(mixPaints(had)))
    let best: { parts: Part<Paint>[]; sum: number; look: number } | undefined
    // A thin coat has to be far off for its end to move a little.
    let gain = 1
    let lastOff = offAt(place)
    for (let look = 0; look < LOOKS; look++) {
      const now = ends.at(place)
      aim = {
        L: clamp(aim.L + gain * (aims[place].L - now.L), [6, 95]),
        a: clamp(aim.a + gain * (aims[place].a - now.a), [-60, 60]),
        b: clamp(aim.b + gain * (aims[place].b - now.b), [-60, 70]),
      }
      const parts = nearest(aim)
      ends.set(coat, parts)
      const sum = all()
      if (!best || sum < best.sum - 0.02) best = { parts, sum, look }
      // What has not come nearer for a while will not.
      else if (look - best.look > 3) break
      const off = offAt(place)
      gain = off > 0.75 * lastOff ? Math.min(5, gain * 1.6) : gain
      lastOff = off
      if (off < NEAR / 3) break
    }
    ends.set(coat, had)
    return best
  }
  for (let round = 0; round < ROUNDS; round++) {
    const order = [...endPlaces].sort((one, other) => offAt(other) - offAt(one))
    let changed = false
    for (const place of order) {
      if (offAt(place) < NEAR) continue
      const now = all()
      let best: { coat: number; parts: Part<Paint>[]; sum: number } | undefined
      for (const coat of candidates(place)) {
        const found = mend(place, coat)
        if (found && found.sum < (best?.sum ?? now - WORTH)) best = { coat, ...found }
      }
      if (!best) continue
      mixes.set(best.coat, best.parts)
      ends.set(best.coat, best.parts)
      changed = true
    }
    if (!changed) break
  }
  return mixes
}
