import { expose } from 'comlink'
import {
  calibratePaint,
  estimatePaint,
  nearestPaints,
  readCard,
  standIns,
  substituteRecipe,
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
  card(picture: CardPicture, corners: { x: number; y: number }[]): CardReading {
    return readCard(picture, corners)
  },
}

export type BoxApi = typeof api
expose(api)
