import { expose } from 'comlink'
import {
  bestAddition,
  calibratePaint,
  deltaE00,
  estimatePaint,
  knownWell,
  nearestPaints,
  putRight,
  readCard,
  RecipeSearch,
  standIns,
  startAgain,
  starterPaints,
  substituteRecipe,
  unknownWell,
} from '../../core'
import type {
  CardPicture,
  CardReading,
  Lab,
  OpacityClass,
  Paint,
  Recipe,
  Spectrum,
  Swatch,
} from '../../core'

export interface NamedMix {
  parts: { name: string; drops: number }[]
  lab: Lab
  deltaE00: number
}
export interface MendJob {
  parts: { paint: string; drops: number }[]
  drops: number
  seen?: Lab
  aim: Lab
  paints: Paint[]
  room: number
}
export interface MendAnswer {
  front: {
    keep: number
    add: { name: string; drops: number }[]
    added: number
    lab: Lab
    deltaE00: number
  }[]
  startAgain: boolean
  /** A fresh recipe in words. */
  fresh: string
}
export interface WishAnswer {
  name: string
  deltaE00: number
  mix: string
}

type About = Partial<Pick<Paint, 'id' | 'name' | 'pigments' | 'hazards' | 'kind'>>
/** Measured swatches, or one colour with how opaque it is. */
export type SolveJob =
  | { swatches: Swatch[]; about: About }
  | { colour: Lab | Spectrum; opacity: OpacityClass; about: About }

export interface LikeAnswer {
  singles: { id: string; name: string; deltaE00: number; words: string[] }[]
  mixes: NamedMix[]
}

const patience = (ms: number) => ({
  until: performance.now() + ms,
  now: () => performance.now(),
})

const named = ({ parts, lab, deltaE00 }: Recipe): NamedMix => ({
  parts: parts.map(({ paint, drops }) => ({ name: paint.name, drops })),
  lab,
  deltaE00,
})

const api = {
  /** What a paint is like: single bottles, and mixes that stand in for it. */
  like(paint: Paint, box: Paint[]): LikeAnswer {
    return {
      singles: nearestPaints(paint, box).map(({ paint: { id, name }, deltaE00, words }) => ({
        id,
        name,
        deltaE00,
        words,
      })),
      mixes: standIns(paint, box, patience(1500)).map(named),
    }
  },
  /** The best recipes for what mixes looked like, without one paint. */
  substitutes(
    mixes: { lab: Lab }[],
    missing: string,
    box: Paint[],
    limits: { maxPaints: number; maxDrops: number },
  ): (NamedMix | undefined)[] {
    return mixes.map(({ lab }) => {
      const found = substituteRecipe(lab, missing, box, limits, patience(600))
      return found && named(found)
    })
  },
  /** A paint from what was read of it, or why it cannot be. */
  solve(asked: SolveJob): { paint: Paint } | { trouble: string } {
    try {
      return {
        paint:
          'swatches' in asked
            ? calibratePaint(asked.swatches, asked.about)
            : estimatePaint(asked.colour, asked.opacity, asked.about),
      }
    } catch (error) {
      if (error instanceof RangeError) return { trouble: error.message }
      throw error
    }
  },
  /** What to add to a well, and whether it is better to start again. */
  mend({ parts, drops, seen, aim, paints, room }: MendJob): MendAnswer {
    const known = parts.flatMap(({ paint, drops: n }) => {
      const found = paints.find(({ id }) => id === paint)
      return found ? [{ paint: found, drops: n }] : []
    })
    // How it looks counts for more than what should be in it.
    const well = seen ? unknownWell(seen, drops) : knownWell(known)
    const front = putRight({
      well: { ...well, drops },
      target: aim,
      paints,
      maxPaints: paints.length > 40 ? 1 : 2,
      maxDrops: 8,
      room,
    })
    const fresh = new RecipeSearch({ target: aim, paints, maxPaints: 3, maxDrops: 12 }).step(
      performance.now() + 400,
      () => performance.now(),
    ).best[0]!
    const before = seen
      ? deltaE00({ ...seen, white: undefined }, { ...aim, white: undefined })
      : Infinity
    const size = fresh.parts.reduce((sum, { drops: n }) => sum + n, 0)
    return {
      front: front
        .filter((one) => one.deltaE00 < before)
        .map(({ add, ...rest }) => ({
          ...rest,
          add: add.map(({ paint, drops: n }) => ({ name: paint.name, drops: n })),
        })),
      startAgain:
        seen !== undefined && startAgain(front, { drops: size, deltaE00: fresh.deltaE00 }),
      fresh: fresh.parts.map(({ paint, drops: n }) => `${n} ${paint.name}`).join(' + '),
    }
  },
  /** The starter pigment that would bring a target nearest. */
  wish({
    target,
    paints,
    best,
  }: {
    target: Lab
    paints: Paint[]
    best: number
  }): WishAnswer | undefined {
    const request = { target, paints, maxPaints: 3, maxDrops: 10 }
    const found = bestAddition(request, starterPaints, best, patience(6000))
    return (
      found && {
        name: found.paint.name,
        deltaE00: found.recipe.deltaE00,
        mix: found.recipe.parts.map(({ paint, drops }) => `${drops} ${paint.name}`).join(' + '),
      }
    )
  },
  card(picture: CardPicture, corners: { x: number; y: number }[]): CardReading {
    return readCard(picture, corners)
  },
}

export type BoxApi = typeof api
expose(api)
